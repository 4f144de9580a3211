'use client';
import { useMemo } from 'react';
import { quantities, type QuantityId, type StartRun } from '../../../core/build/Build';
import { keptStart } from '../../../core/drawing/start/keptStart';
import { liveStart } from '../../../core/drawing/start/liveStart';
import { charts as words } from '../../texts/en/charts';
import { CourseTrace } from './CourseTrace';
import { useRehearsed } from './useRehearsed';

/** A start that was kept, before the band of what this build should show. */
export function StartTrace({ run }: { run: StartRun }) {
  const { answer } = useRehearsed();
  const heard = useMemo(() => keptStart(run), [run]);
  const course = answer && 'course' in answer && !run.dryRun ? answer.course : null;
  const start = liveStart(heard, course);
  if (run.readings.length === 0 || !start) return <p className="soft">{words.noReadingsYet}</p>;
  const told = (Object.keys(heard.series) as QuantityId[]).map((id) => quantities[id].label.toLowerCase()).join(', ');
  const firstS = Math.min(...run.readings.map(({ atS }) => atS));
  return (
    <CourseTrace
      heard={heard}
      start={start}
      course={course}
      fromS={Math.max(-120, Math.min(0, firstS - start.beganS))}
      told={words.chartOverTimeOfReadingsThe({ told, n: run.readings.length })}
      over={start.phase === 'off'}
    />
  );
}
