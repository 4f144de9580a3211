'use client';
import { Box, Button, FormLabel } from '@mui/material';
import { format } from 'date-fns';
import { useState } from 'react';
import { quantities, startEvents, type QuantityId, type StartEventKind, type StartRun } from '../../../core/build/Build';
import { dryRuns, fittedStarts } from '../../../core/model/startup/fittedStarts';
import { summarizeStart } from '../../../core/model/startup/summarizeStart';
import { formatFixed } from '../../../core/units/formatNumber';
import { readStartCsv, startCsvMaxBytes } from '../../../formats/startCsv';
import { holdPointState } from '../../../core/checks/holdPointState';
import { useWorkspace, useFindingText } from '../../sync/useWorkspace';
import { stageFigures } from '../../../core/figures/stageFigures';
import { cellUnit, parseTyped } from '../../../core/units/parseTyped';
import { InstantField } from '../../components/cells/InstantField';
import { FileButton } from '../../components/cells/FileButton';
import { CellInput } from '../../components/cells/CellInput';
import { Problems } from '../../components/cells/Problems';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { RepairList } from '../../components/findings/RepairList';
import { StartLog } from './StartLog';

const eventKeys: readonly StartEventKind[] = ['on', 'glow', 'pump', 'flame', 'full', 'off', 'end'];
const seconds = (s: number | undefined | null) => (s === null || s === undefined ? '—' : `${formatFixed(s)} s`);

/** Seconds since a start was begun, in tenths. */
const secondsInto = (run: StartRun) => Math.min(86400, Math.round(Math.max(0, Date.now() - Date.parse(run.at)) / 100) / 10);

/** Starts as they are logged: in the heater's place, or as a dry run on the bench before anything is cut. */
export function StartView({ dryRun = false }: { dryRun?: boolean }) {
  const { settled, findings, send, mayWork, who, waiting } = useWorkspace(
    'settled',
    'findings',
    'send',
    'mayWork',
    'who',
    'waiting',
  );
  const { message } = useFindingText();
  const { stops } = holdPointState(settled, findings, dryRun ? 'cutting' : 'fire');
  const starts = dryRun ? dryRuns(settled) : fittedStarts(settled);
  const where = dryRun ? { dryRun: true as const } : {};
  const [problems, setProblems] = useState<string[]>([]);
  const [began, setBegan] = useState('');
  const [typed, setTyped] = useState<Partial<Record<QuantityId, string>>>({});
  const run = starts[starts.length - 1];
  const summary = run ? summarizeStart(run) : null;
  const underway = run !== undefined && summary?.at.end === undefined && summary?.at.cut === undefined;

  const begin = () =>
    setProblems(send({ kind: 'start', id: crypto.randomUUID(), events: [], readings: [], source: 'live', ...where }));
  const mark = (event: StartEventKind) => {
    if (run) setProblems(send({ kind: 'readings', startId: run.id, events: [{ atS: secondsInto(run), event }], readings: [] }));
  };
  const read = (quantity: QuantityId) => {
    const { unit, label, min, max } = quantities[quantity];
    const text = typed[quantity] ?? '';
    const parsed = parseTyped(text, unit, cellUnit(null, unit, who.unitPreferences));
    if (!parsed.ok || parsed.value < min || parsed.value > max) {
      setProblems([
        `${label}: “${text.slice(0, 30)}” ${parsed.ok ? 'is out of range' : parsed.reason}; allowed is ${min} to ${max} ${unit}.`,
      ]);
      return;
    }
    if (!run) return;
    const errors = send({
      kind: 'readings',
      startId: run.id,
      events: [],
      readings: [{ atS: secondsInto(run), quantity, value: parsed.value }],
    });
    setProblems(errors);
    if (errors.length === 0) setTyped((old) => ({ ...old, [quantity]: '' }));
  };
  const bringIn = async (chosen: File | undefined) => {
    if (!chosen) return;
    if (chosen.size > startCsvMaxBytes) {
      setProblems([
        `${chosen.name} holds ${formatFixed(chosen.size)} bytes; at most ${formatFixed(startCsvMaxBytes)} are allowed.`,
      ]);
      return;
    }
    const log = readStartCsv(await chosen.text());
    setProblems(
      log.ok
        ? send({
            kind: 'start',
            id: crypto.randomUUID(),
            events: log.events,
            readings: log.readings,
            source: 'csv',
            ...where,
            ...(began ? { beganAt: new Date(began).toISOString() } : {}),
          })
        : log.errors,
    );
  };
  return (
    <>
      <p className="soft">
        {dryRun
          ? 'It proves the unit, shows its noise and teaches its controller, before the first hole.'
          : 'Fan, glow, clicks, flame, full, then off by its button and the whole after-run.'}
      </p>
      <Box component="p" className="cautions" sx={{ mt: 1 }}>
        <strong>Before the button:</strong>{' '}
        {dryRun
          ? 'outdoors, the exhaust away from people and from anything that burns, eyes and hands guarded, extinguisher at hand, the heater held fast. Outlet and exhaust burn at a touch.'
          : 'exhaust in the open, doors open, extinguisher at hand, carbon monoxide alarm on.'}{' '}
        Expect smoke and the smell of paint for some minutes. Never cut the power of a hot heater.
      </Box>
      {stops.length > 0 && (
        <Box className="banner bad" role="alert" sx={{ mt: 1.25 }}>
          <Box component="strong" sx={{ fontSize: '1.2rem' }}>
            It must not be lit.
          </Box>
          <ul>
            {stops.map((finding) => (
              <li key={finding.id}>{message(finding)}</li>
            ))}
          </ul>
        </Box>
      )}
      {run && summary && (
        <Box component="section" sx={{ mt: 1.25 }} aria-label="Last start">
          <h3>
            {dryRun ? 'Dry run' : 'Start'} {starts.length}
            {underway ? ', under way' : ''}{' '}
            <Box component="span" className="soft" sx={{ fontWeight: 400 }}>
              {format(new Date(run.at), 'd MMM HH:mm')}, {run.by}
            </Box>
          </h3>
          {!dryRun && <DerivedFigures keys={stageFigures.startup ?? []} />}
          <StartLog run={run} unitPreferences={who.unitPreferences} buildId={settled.id} sent={waiting.length === 0} />
          {summary.phases.length > 0 && (
            <p className="soft">
              Phases from: {summary.phases.map((phase) => `${phase.name} ${formatFixed(phase.fromS)} s`).join(' · ')}
            </p>
          )}
        </Box>
      )}
      {mayWork && underway && (
        <>
          <div className="buttons" role="group" aria-label="What happens now">
            {eventKeys.map((event) => (
              <Button key={event} className={summary?.at[event] !== undefined ? 'done' : ''} onClick={() => mark(event)}>
                {startEvents[event]}
                {summary?.at[event] !== undefined && <span className="mono"> {seconds(summary.at[event])}</span>}
              </Button>
            ))}
            <Button onClick={() => mark('cut')}>{startEvents.cut}</Button>
          </div>
          <div className="readings-line">
            {(Object.keys(quantities) as QuantityId[]).map((quantity) => (
              <form
                key={quantity}
                onSubmit={(event) => {
                  event.preventDefault();
                  read(quantity);
                }}
              >
                <FormLabel htmlFor={`read-${quantity}`}>{quantities[quantity].label}</FormLabel>
                <Box className="inline" sx={{ flexWrap: 'nowrap', gap: 0.5 }}>
                  <CellInput
                    id={`read-${quantity}`}
                    field={{ inputMode: 'decimal', maxLength: 20 }}
                    value={typed[quantity] ?? ''}
                    onChange={(event) => setTyped((old) => ({ ...old, [quantity]: event.target.value }))}
                  />
                  <Button
                    type="submit"
                    sx={{ minWidth: 52, paddingInline: '8px' }}
                    aria-label={`Enter ${quantities[quantity].label.toLowerCase()}`}
                  >
                    {cellUnit(null, quantities[quantity].unit, who.unitPreferences)}
                  </Button>
                </Box>
              </form>
            ))}
          </div>
        </>
      )}
      <Problems all={problems} />
      <Box className="inline" sx={{ mt: 2 }}>
        {mayWork && !underway && stops.length === 0 && (
          <Button variant="contained" onClick={begin}>
            {dryRun ? 'Begin a dry run' : 'Begin a start'}
          </Button>
        )}
        {mayWork && (
          <>
            <InstantField label="The log began" value={began} onChange={setBegan} empty="it ended just now" />
            <FileButton name="Start log, CSV" accept=".csv,text/csv" onFiles={([first]) => void bringIn(first)}>
              Import a log (CSV)
            </FileButton>
          </>
        )}
        {run && (
          <Button href={`/api/builds/${settled.id}/starts/${run.id}`} download>
            Download log (CSV)
          </Button>
        )}
      </Box>
      {!dryRun && <RepairList />}
      <Box component="p" className="soft" sx={{ mt: 0.75 }}>
        Columns of a log: seconds, event, volts, amps, hertz, outlet_c, return_c.
      </Box>
    </>
  );
}
