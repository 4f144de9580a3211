import type { Heard, LiveStart } from '../../../core/drawing/start/liveStart';
import type { ExpectedCourse } from '../../../core/physics/start/expectedCourse';
import { TraceChart } from '../../charts/TraceChart';
import { useWorkspace } from '../../sync/useWorkspace';
import { rehearsal as t } from '../../texts/en/rehearsal';
import { Departures } from './Departures';
import { marksOf } from './startMarks';

/** What was heard of a start before the band of what this build should show, and where it leaves it. */
export function CourseTrace({
  heard,
  start,
  course,
  told,
  over = false,
  fromS = 0,
}: {
  heard: Pick<Heard, 'nowS' | 'series'>;
  start: LiveStart;
  course: ExpectedCourse | null;
  /** the chart in words */ told: string;
  /** it is long over */ over?: boolean;
  /** what stands at the left, s after the button */ fromS?: number;
}) {
  const { who } = useWorkspace('who');
  return (
    <>
      <TraceChart
        traces={heard.series}
        course={course}
        beganS={start.beganS}
        fromS={fromS}
        nowS={heard.nowS}
        marks={marksOf(start)}
        unitPreferences={who.unitPreferences}
        told={told}
      />
      {course && <p className="soft trace-key">{t.expected}</p>}
      {start.departures.length > 0 && <Departures all={start.departures} over={over} />}
    </>
  );
}
