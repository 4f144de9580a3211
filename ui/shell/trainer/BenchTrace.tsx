'use client';
import { useMemo } from 'react';
import { startEvents, type StartRun } from '../../../core/build/Build';
import { firstAt } from '../../../core/build/startFacts';
import { keptStart } from '../../../core/drawing/start/keptStart';
import { clockText } from '../../../core/units/clockText';
import type { UnitPreferences } from '../../../core/units/inUnits';
import { TraceChart } from '../../charts/TraceChart';
import { trainer as t } from '../../texts/en/trainer';

/** The start of the bench heater, as its meters have it and in words. */
export function BenchTrace({ start, units }: { start: Pick<StartRun, 'events' | 'readings'>; units: UnitPreferences }) {
  const heard = useMemo(() => keptStart(start), [start]);
  const at = firstAt(start);
  const events = Object.entries(at).map(([event, s]) =>
    t.eventAt({ event: startEvents[event as keyof typeof startEvents], clock: clockText(s) }),
  );
  const told = [...events, ...(at.flame === undefined ? [t.neverLit] : [])].join(', ');
  return (
    <figure className="bench-trace">
      <TraceChart
        traces={heard.series}
        course={null}
        beganS={at.on ?? 0}
        nowS={heard.nowS}
        marks={[]}
        unitPreferences={units}
        told={t.trace({ told })}
      />
      <figcaption>
        {t.events} {told}
      </figcaption>
    </figure>
  );
}
