'use client';
import { Alert, Box, Button, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { eventsOf } from '../../../core/drawing/start/eventsOf';
import { liveStart, type Heard } from '../../../core/drawing/start/liveStart';
import { thinned } from '../../../core/drawing/start/thinned';
import { clockText } from '../../../core/units/clockText';
import { formatFixed } from '../../../core/units/formatNumber';
import { Problems } from '../../components/cells/Problems';
import { useLive } from '../../components/live/useLive';
import { WireKey } from '../../components/live/WireKey';
import type { LiveState, OpenSource } from '../../sync/live/DeviceLink';
import { serverSource } from '../../sync/live/serverSource';
import { useWorkspace } from '../../sync/useWorkspace';
import { startup as t } from '../../texts/en/startup';
import { CourseTrace } from './CourseTrace';
import { EventTimes, timesOf, type TypedTimes } from './EventTimes';
import { useRehearsed } from './useRehearsed';

const standIns = ['bench', 'multimeter', 'clamp', 'thermometers'] as const;
type StandIn = (typeof standIns)[number];

/** What several devices on one clock have told, together; of one quantity the first that reads it. */
function together(all: readonly (LiveState | null)[]): Heard {
  const heard = all.filter((one): one is LiveState => one !== null);
  return {
    nowS: Math.max(0, ...heard.map(({ nowS }) => nowS)),
    series: Object.assign({}, ...[...heard].reverse().map(({ series }) => series)) as Heard['series'],
    events: heard.flatMap(({ events }) => events).sort((a, b) => a.s - b.s),
  };
}
/** Its fields are drawn anew when they change, and not with each reading. */
const EventTimesKept = memo(EventTimes);
/** Judged so often, ms; drawn as it comes. */
const judgedMs = 500;
/** What devices have told, taken now and then: to judge a long course takes longer than to draw it. */
function useNowAndThen(all: readonly (LiveState | null)[]): Heard {
  const [heard, setHeard] = useState<Heard>({ nowS: 0, series: {}, events: [] });
  const latest = useRef(all);
  useEffect(() => {
    latest.current = all;
  });
  useEffect(() => {
    const timer = setInterval(() => {
      if (latest.current.some(Boolean)) setHeard(together(latest.current));
    }, judgedMs);
    return () => clearInterval(timer);
  }, []);
  return heard;
}

/** A start read from devices: drawn as it comes, told where it leaves its course, and kept by one touch. */
export function FromDevices({ dryRun }: { dryRun: boolean }) {
  const { settled, send } = useWorkspace('settled', 'send');
  const [wire, setWire] = useState<OpenSource | null>(null);
  const [chosen, setChosen] = useState<readonly StandIn[]>([]);
  const [problems, setProblems] = useState<string[]>([]);
  const [typed, setTyped] = useState<TypedTimes>({});
  const sources = useMemo(
    () => Object.fromEntries(standIns.map((id) => [id, serverSource(settled.id, id)])) as Record<StandIn, OpenSource>,
    [settled.id],
  );
  const of = (id: StandIn) => (chosen.includes(id) ? sources[id] : null);
  const [bench, multimeter, clamp, thermometers] = [
    useLive(of('bench')),
    useLive(of('multimeter')),
    useLive(of('clamp')),
    useLive(of('thermometers')),
  ];
  const wired = useLive(wire);
  const all = [bench, multimeter, clamp, thermometers, wired];
  const heard = together(all);
  const { answer } = useRehearsed();
  const course = answer && 'course' in answer && !dryRun ? answer.course : null;
  const judged = useNowAndThen(all);
  const start = useMemo(() => liveStart(judged, course), [judged, course]);
  const read = Object.values(heard.series).reduce((sum, one) => sum + (one?.s.length ?? 0), 0);
  const kept = useMemo(() => (start ? thinned(judged.series, start.beganS) : []), [judged, start]);
  const listens = wire !== null || chosen.length > 0;
  const found = useMemo(() => (start ? eventsOf(judged, start) : []), [judged, start]);
  const keep = () => {
    const { events, errors: wrong } = timesOf(found, typed);
    if (wrong.length > 0) {
      setProblems(wrong);
      return;
    }
    const errors = send({
      kind: 'start',
      id: crypto.randomUUID(),
      events,
      readings: kept,
      source: 'device',
      ...(dryRun ? { dryRun: true as const } : {}),
    });
    setProblems(errors);
    if (errors.length === 0) {
      setTyped({});
      setWire(null);
      setChosen([]);
    }
  };
  return (
    <section className="from-devices" aria-label={t.fromADevice}>
      <h3>{t.fromADevice}</h3>
      <p className="soft">{settled.identity.invented ? t.standInsHint : t.fromADeviceHint}</p>
      <Box className="inline">
        {settled.identity.invented && (
          <ToggleButtonGroup
            size="small"
            aria-label={t.whichDevices}
            value={chosen}
            onChange={(_event, to: StandIn[]) => setChosen(to)}
          >
            {standIns.map((id) => (
              <ToggleButton key={id} value={id}>
                {id === 'bench' ? t.heater : t[id]}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        )}
        <WireKey wire={wire} onWire={(to) => setWire(() => to)} label={t.aWire} quiet={settled.identity.invented} />
      </Box>
      {all.some((one) => one?.way === 'away') && <Alert severity="warning">{t.theWayIsGone}</Alert>}
      {listens && start && (
        <>
          <p className="rehearsal-state" role="status">
            <strong>{clockText(start.sinceS)}</strong> {t.keptReadings({ n: formatFixed(read), kept: formatFixed(kept.length) })}
          </p>
          <CourseTrace
            heard={heard}
            start={start}
            course={course}
            told={t.keptReadings({ n: formatFixed(read), kept: formatFixed(kept.length) })}
          />
          <p className="soft">{t.shows}</p>
          <EventTimesKept found={found} typed={typed} onType={setTyped} />
          <Button variant="contained" className="prime-go" onClick={keep}>
            {t.keepAsStart}
          </Button>
        </>
      )}
      <Problems all={problems} />
    </section>
  );
}
