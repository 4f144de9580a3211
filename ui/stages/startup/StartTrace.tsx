'use client';
import { useMemo } from 'react';
import { quantities, type QuantityId, type StartRun } from '../../../core/build/Build';
import { keptStart } from '../../../core/drawing/start/keptStart';
import { liveStart } from '../../../core/drawing/start/liveStart';
import type { UnitPreferences } from '../../../core/units/inUnits';
import { TraceChart } from '../../charts/TraceChart';
import { charts as words } from '../../texts/en/charts';
import { rehearsal as t } from '../../texts/en/rehearsal';
import { Departures } from './Departures';
import { marksOf } from './startMarks';
import { useRehearsed } from './useRehearsed';

/** A start that was kept, before the band of what this build should show. */
export function StartTrace({ run, unitPreferences }: { run: StartRun; unitPreferences: UnitPreferences }) {
  const { answer } = useRehearsed();
  const heard = useMemo(() => keptStart(run), [run]);
  const course = answer && 'course' in answer && !run.dryRun ? answer.course : null;
  const start = liveStart(heard, course);
  if (run.readings.length === 0 || !start) return <p className="soft">{words.noReadingsYet}</p>;
  const told = (Object.keys(heard.series) as QuantityId[]).map((id) => quantities[id].label.toLowerCase()).join(', ');
  const firstS = Math.min(...run.readings.map(({ atS }) => atS));
  return (
    <>
      <TraceChart
        traces={heard.series}
        course={course}
        beganS={start.beganS}
        fromS={Math.max(-120, Math.min(0, firstS - start.beganS))}
        nowS={heard.nowS}
        marks={marksOf(start)}
        unitPreferences={unitPreferences}
        told={words.chartOverTimeOfReadingsThe({ told, n: run.readings.length })}
      />
      {course && <p className="soft trace-key">{t.expected}</p>}
      {start.departures.length > 0 && <Departures all={start.departures} over={start.phase === 'off'} />}
    </>
  );
}
