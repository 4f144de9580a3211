'use client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { quantities, type QuantityId, type StartEventKind, type StartRun } from '../../../core/build/Build';
import { dryRuns, failedInARow, fittedStarts } from '../../../core/model/startup/fittedStarts';
import { summarizeStart } from '../../../core/model/startup/summarizeStart';
import { formatFixed } from '../../../core/units/formatNumber';
import { readLoggerTable, type LoggerTable } from '../../../formats/loggerCsv';
import { readStartCsv, startCsvMaxBytes } from '../../../formats/startCsv';
import { holdPointState } from '../../../core/checks/holdPointState';
import { useWorkspace, useFindingText } from '../../sync/useWorkspace';
import { stageFigures } from '../../../core/figures/stageFigures';
import { cellUnit, parseTyped } from '../../../core/units/parseTyped';
import { InstantField } from '../../components/cells/InstantField';
import { FileButton } from '../../components/cells/FileButton';
import { LiveScreen } from '../../components/LiveScreen';
import { useSmall } from '../../components/useSmall';
import { Problems } from '../../components/cells/Problems';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { RepairList } from '../../components/findings/RepairList';
import { EventKeys, NextKey } from './EventKeys';
import { FromDevices } from './FromDevices';
import { LoggerFile } from './LoggerFile';
import { ReadingsLine } from './ReadingsLine';
import { SightKeys } from './SightKeys';
import { StartLog } from './StartLog';
import { TestPlan } from './TestPlan';
import { WayOut } from './WayOut';
import { startup as t } from '../../texts/en/startup';
import { dayAndTime } from '../../texts/when';

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
  const [began, setBegan] = useState<string | null>(null);
  const [typed, setTyped] = useState<Partial<Record<QuantityId, string>>>({});
  const run = starts[starts.length - 1];
  const summary = run ? summarizeStart(run) : null;
  const failed = dryRun ? 0 : failedInARow(settled);
  const underway = run !== undefined && summary?.at.end === undefined && summary?.at.cut === undefined;

  const [table, setTable] = useState<LoggerTable | null>(null);
  const small = useSmall();
  const [left, setLeft] = useState(false);
  const live = small && mayWork && underway && !left;
  const type = (quantity: QuantityId, text: string) => setTyped((old) => ({ ...old, [quantity]: text }));

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
        t.allowedIsTo({ label, text: text.slice(0, 30), more: parsed.ok ? t.isOutOfRange : parsed.reason, min, max, unit }),
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
        t.holdsBytesAtMostAreAllowed({
          name: chosen.name,
          size: formatFixed(chosen.size),
          startCsvMaxBytes: formatFixed(startCsvMaxBytes),
        }),
      ]);
      return;
    }
    const text = await chosen.text();
    const log = readStartCsv(text);
    const foreign = !log.ok && log.foreign ? readLoggerTable(text) : null;
    setTable(foreign?.ok ? foreign.value : null);
    if (foreign?.ok) {
      setProblems([]);
      return;
    }
    setProblems(
      log.ok
        ? send({
            kind: 'start',
            id: crypto.randomUUID(),
            events: log.events,
            readings: log.readings,
            source: 'csv',
            ...where,
            ...(began ? { beganAt: began } : {}),
          })
        : log.errors,
    );
  };
  return (
    <>
      <p className="soft">{dryRun ? t.itProvesTheUnitShowsIts : t.fanGlowClicksFlameFullThen}</p>
      <Box component="p" className="cautions" sx={{ mt: 1 }}>
        <strong>{t.beforeTheButton}</strong> {dryRun ? t.outdoorsTheExhaustAwayFromPeople : t.exhaustInTheOpenDoorsOpen}{' '}
        {t.expectSmokeAndTheSmellOf}
      </Box>
      {stops.length > 0 && (
        <Box className="banner bad" role="alert" sx={{ mt: 1.25 }}>
          <Box component="strong" sx={{ fontSize: '1.2rem' }}>
            {t.itMustNotBeLit}
          </Box>
          <ul>
            {stops.map((finding) => (
              <li key={finding.id}>{message(finding)}</li>
            ))}
          </ul>
        </Box>
      )}
      {run && summary && (
        <Box component="section" sx={{ mt: 1.25 }} aria-label={t.lastStart}>
          <h3>
            {dryRun ? t.dryRun : t.start} {starts.length}
            {underway ? t.underWay : ''}{' '}
            <Box component="span" className="soft" sx={{ fontWeight: 400 }}>
              {dayAndTime(run.at)}, {run.by}
            </Box>
          </h3>
          {!dryRun && <TestPlan run={run} underway={underway} />}
          {!dryRun && <DerivedFigures keys={stageFigures.startup ?? []} />}
          <StartLog run={run} unitPreferences={who.unitPreferences} buildId={settled.id} sent={waiting.length === 0} />
          {summary.phases.length > 0 && (
            <p className="soft">
              {t.phasesFrom} {summary.phases.map((phase) => `${phase.name} ${formatFixed(phase.fromS)} s`).join(' · ')}
            </p>
          )}
        </Box>
      )}
      {mayWork && underway && summary && !live && (
        <>
          <EventKeys at={summary.at} onMark={mark} />
          <ReadingsLine typed={typed} onType={type} onRead={read} />
          {!dryRun && <SightKeys of={['exhaust', 'line']} />}
          {small && <Button onClick={() => setLeft(false)}>{t.overTheWholeScreen}</Button>}
        </>
      )}
      {live && summary && (
        <LiveScreen
          title={dryRun ? t.dryRun : t.firstStart}
          onLeave={() => setLeft(true)}
          foot={<NextKey at={summary.at} onMark={mark} />}
        >
          {run && !dryRun && <TestPlan run={run} underway />}
          <EventKeys at={summary.at} onMark={mark} />
          <ReadingsLine typed={typed} onType={type} onRead={read} />
          {!dryRun && <SightKeys of={['exhaust', 'line']} />}
          <Problems all={problems} />
        </LiveScreen>
      )}
      <Problems all={problems} />
      {!dryRun && !underway && run && <SightKeys of={['exhaust', 'line']} dated />}
      {!dryRun && failed > 0 && <WayOut failed={failed} />}
      <Box className="inline" sx={{ mt: 2 }}>
        {mayWork && !underway && stops.length === 0 && (
          <Button variant="contained" onClick={begin}>
            {dryRun ? t.beginADryRun : t.beginAStart}
          </Button>
        )}
        {mayWork && (
          <>
            <InstantField label={t.theLogBegan} value={began} onChange={setBegan} helperText={t.emptyItEndedJustNow} />
            <FileButton name="Start log, CSV" accept=".csv,text/csv" onFiles={([first]) => void bringIn(first)}>
              {t.importALogCsv}
            </FileButton>
          </>
        )}
        {run && (
          <Button href={`/api/builds/${settled.id}/starts/${run.id}`} download>
            {t.downloadLogCsv}
          </Button>
        )}
      </Box>
      {mayWork && table && <LoggerFile table={table} dryRun={dryRun} beganAt={began} onDone={() => setTable(null)} />}
      {mayWork && <FromDevices dryRun={dryRun} />}
      {!dryRun && <RepairList />}
      <Box component="p" className="soft" sx={{ mt: 0.75 }}>
        {t.columnsOfALogSecondsEvent}
      </Box>
    </>
  );
}
