'use client';
import { Alert, Box, Button, LinearProgress, MenuItem, Select, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useMemo, useState } from 'react';
import { liveStart } from '../../../core/drawing/start/liveStart';
import { benchCodes, benchStates } from '../../../core/physics/bench/benchStates';
import { benchFaults, benchFaultIds, type BenchFaultId } from '../../../core/physics/bench/faults';
import { clockText } from '../../../core/units/clockText';
import { roleMay } from '../../../core/people/roles';
import { formatFixed } from '../../../core/units/formatNumber';
import { departureText } from '../../../core/wording/departureText';
import { deviceQuantities, type DeviceCommand, type DeviceQuantity } from '../../../formats/device/deviceLines';
import { TraceChart } from '../../charts/TraceChart';
import { Caution } from '../../components/Caution';
import { Problems } from '../../components/cells/Problems';
import { useLive } from '../../components/live/useLive';
import { postJson } from '../../sync/postJson';
import { serverSource } from '../../sync/live/serverSource';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { rehearsal as t } from '../../texts/en/rehearsal';
import { ColdNight } from './ColdNight';
import { Departures } from './Departures';
import { foundText, marksOf } from './startMarks';
import { useRehearsed } from './useRehearsed';

const speeds = [1, 10, 60] as const;
const strengths = { '0.3': 'little', '0.6': 'half', '1': 'all' } as const;
/** What goes wrong while it runs comes within so long, s. */
const growsS = 60;
const shown: readonly DeviceQuantity[] = ['volts', 'amps', 'hertz', 'outletC', 'returnC', 'noiseDb'];
const decimals: Partial<Record<DeviceQuantity, number>> = { volts: 2, amps: 1, hertz: 1 };

/** A start tried on the bench heater, before anything is lit. */
export function Rehearsal() {
  const { settled, who } = useWorkspace('settled', 'who');
  // Nothing of the build is changed by it: a signed one is rehearsed as well.
  const mayWork = roleMay(who.role, 'work');
  const say = useSay();
  const { answer, failed } = useRehearsed();
  const open = useMemo(() => serverSource(settled.id, 'bench'), [settled.id]);
  const live = useLive(open);
  const [problems, setProblems] = useState<string[]>([]);
  const [fault, setFault] = useState<BenchFaultId | ''>('');
  const [strength, setStrength] = useState<keyof typeof strengths>('0.6');
  const [filled, setFilled] = useState(true);
  const order = async (...commands: DeviceCommand[]) => {
    for (const command of commands) {
      const answered = await postJson<{ ok: true }>(`/api/builds/${settled.id}/live`, command);
      setProblems(answered.ok ? [] : answered.errors);
      if (!answered.ok) return;
    }
  };
  const told = answer && 'facts' in answer ? answer : null;
  const course = told?.course ?? null;
  const [series, events] = [live?.series, live?.events];
  // Judged once a second; drawn as it comes.
  const beatS = Math.floor(live?.nowS ?? 0);
  const start = useMemo(
    // What was read before the button is of no course.
    () => (series && events?.some(({ event }) => event === 'on') ? liveStart({ nowS: beatS, series, events }, course) : null),
    [series, events, beatS, course],
  );
  const state = live?.device?.state ?? 'off';
  const running = state !== 'off' && state !== 'dead' && state !== 'locked' && state !== 'after';
  const wrong = (id: BenchFaultId | '', much: string, fromS: number, growsS: number): DeviceCommand => ({
    do: 'faults',
    faults: id === '' ? [] : [{ id, strength: Number(much), fromS, growsS }],
  });
  // Its clock begins at nought, and what is wrong with it is wrong from then on.
  const begin = (full: boolean): DeviceCommand[] =>
    told ? [{ do: 'build', facts: told.facts, filled: full, seed: 1 }, wrong(fault, strength, 0, 0)] : [];
  const wrongNow = (id: BenchFaultId | '', much: string) => wrong(id, much, live?.nowS ?? 0, state === 'off' ? 0 : growsS);
  const departures = start?.departures ?? [];
  const marks = start ? marksOf(start) : [];
  const read = Object.values(live?.series ?? {}).reduce((sum, one) => sum + (one?.s.length ?? 0), 0);
  return (
    <section className="rehearsal" data-state={state}>
      <p className="soft">
        {t.whatItIs} {told?.assumed && t.assumed}
      </p>
      {answer && 'missing' in answer && <p className="banner">{say(t.before({ missing: answer.missing.join(', ') }))}</p>}
      {!answer && !failed && <LinearProgress aria-label={t.working} />}
      {told && told.course.litShare === 0 && (
        <Alert severity="error" variant="outlined">
          {t.wontLight}
        </Alert>
      )}
      {told?.cold && <ColdNight cold={told.cold} />}
      {live?.way === 'away' && <Alert severity="warning">{live.hello ? t.away : t.noDevices}</Alert>}
      {mayWork && told && (
        <Box className="rehearsal-keys">
          <Button
            variant="contained"
            className="prime-go"
            onClick={() =>
              void order(
                ...(running
                  ? [{ do: 'off' } as const]
                  : state === 'off'
                    ? [...begin(filled), { do: 'on' } as const]
                    : [{ do: 'off' } as const]),
              )
            }
            disabled={state === 'after' || state === 'dead'}
          >
            {running || state === 'locked' ? t.buttonOff : t.buttonOn}
          </Button>
          <Box className="inline">
            <label className="inline">
              {t.wrong}{' '}
              <Select
                size="small"
                value={fault}
                inputProps={{ 'aria-label': t.wrong }}
                displayEmpty
                onChange={({ target }) => {
                  setFault(target.value);
                  void order(wrongNow(target.value, strength));
                }}
              >
                <MenuItem value="">{t.nothingWrong}</MenuItem>
                {benchFaultIds.map((id) => (
                  <MenuItem key={id} value={id}>
                    {benchFaults[id].label}
                  </MenuItem>
                ))}
              </Select>
            </label>
            {fault !== '' && running && <span className="soft">{t.fromNow}</span>}
            {fault !== '' && (
              <ToggleButtonGroup
                exclusive
                size="small"
                aria-label={t.strength}
                value={strength}
                onChange={(_event, to: keyof typeof strengths | null) => {
                  if (!to) return;
                  setStrength(to);
                  void order(wrongNow(fault, to));
                }}
              >
                {Object.entries(strengths).map(([value, label]) => (
                  <ToggleButton key={value} value={value}>
                    {t[label]}
                  </ToggleButton>
                ))}
              </ToggleButtonGroup>
            )}
            <ToggleButtonGroup
              exclusive
              size="small"
              aria-label={t.faster}
              value={live?.device?.times ?? 1}
              onChange={(_event, times: number | null) => times && void order({ do: 'speed', times })}
            >
              {speeds.map((n) => (
                <ToggleButton key={n} value={n}>
                  {n === 1 ? t.asItIs : t.times({ n })}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          </Box>
          <Box className="inline">
            <Button onClick={() => void order(...begin(filled))}>{t.anew}</Button>
            <ToggleButtonGroup
              exclusive
              size="small"
              aria-label={t.line}
              value={filled ? 'primed' : 'dry'}
              onChange={(_event, to: 'primed' | 'dry' | null) => {
                if (!to) return;
                setFilled(to === 'primed');
                void order(...begin(to === 'primed'));
              }}
            >
              <ToggleButton value="primed">{t.primed}</ToggleButton>
              <ToggleButton value="dry">{t.dry}</ToggleButton>
            </ToggleButtonGroup>
            {state === 'dead' ? (
              <Button onClick={() => void order({ do: 'restore' })}>{t.restore}</Button>
            ) : (
              <Button onClick={() => void order({ do: 'cut' })} disabled={state === 'off'}>
                {t.cut}
              </Button>
            )}
            {(state === 'locked' || start?.codes.includes('noFlame')) && (
              <Button onClick={() => void order({ do: 'unlock' })}>{t.unlock}</Button>
            )}
          </Box>
        </Box>
      )}
      <Problems all={problems} />
      {live && (
        <>
          <p className="rehearsal-state" role="status">
            <strong>
              {start && state !== 'off' ? t.state({ state: benchStates[state], clock: clockText(start.sinceS) }) : t.idle}
            </strong>
            {start && start.codes.length > 0 && (
              <span className="rehearsal-code">
                {' '}
                {t.code}: {start.codes.map((code) => benchCodes[code]).join(', ')}.
              </span>
            )}
          </p>
          <dl className="readings-now">
            {shown.map((quantity) => {
              const value = live.series[quantity]?.value.at(-1);
              return (
                <div key={quantity}>
                  <dt>{deviceQuantities[quantity].label}</dt>
                  <dd className="mono">
                    {value === undefined ? '–' : formatFixed(value, decimals[quantity] ?? 0)} {deviceQuantities[quantity].unit}
                  </dd>
                </div>
              );
            })}
            <div className="wide">
              <dt>{t.exhaust}</dt>
              <dd className="words">
                {start && start.bubbles > 0 ? `${t.bubbles({ n: start.bubbles })}; ` : ''}
                {start?.smoke === 'black' ? t.blackSmoke : start?.smoke === 'white' ? t.whiteSmoke : t.noSmoke}
              </dd>
            </div>
          </dl>
          <TraceChart
            traces={start ? live.series : {}}
            course={course}
            beganS={start?.beganS ?? 0}
            nowS={live.nowS}
            marks={marks}
            unitPreferences={who.unitPreferences}
            told={t.told({
              n: formatFixed(read),
              state: benchStates[state],
              departs: departures.map((one) => departureText(one).what).join(' '),
            })}
          />
          {told && <p className="soft trace-key">{t.expected}</p>}
          {departures.length > 0 ? <Departures all={departures} /> : start && told && running && <p>{t.onCourse}</p>}
          {start && start.found.length > 0 && (
            <p className="soft">
              {t.found}: {foundText(start.found)}
            </p>
          )}
          {live.lost > 0 && <p className="soft">{t.lost({ n: formatFixed(live.lost) })}</p>}
          {live.refused > 0 && <p className="soft">{t.refused({ n: formatFixed(live.refused), problem: live.problem ?? '' })}</p>}
        </>
      )}
      <Caution>{t.neverCut}</Caution>
    </section>
  );
}
