import type { LiveStart } from '../../../core/drawing/start/liveStart';
import type { TraceMark } from '../../charts/TraceChart';
import { rehearsal as t } from '../../texts/en/rehearsal';

const marked = ['glow', 'pump', 'flame', 'full', 'off', 'end'] as const;
/** What happened in a start, as marks over its trace. */
export const marksOf = ({ events }: LiveStart): TraceMark[] =>
  marked.flatMap((event) => (events[event] === undefined ? [] : [{ s: events[event], label: t[event] }]));
