import type { LiveStart } from '../../../core/drawing/start/liveStart';
import type { FoundPhase, PhaseEvent } from '../../../core/physics/start/findPhases';
import { clockText } from '../../../core/units/clockText';
import type { TraceMark } from '../../charts/TraceChart';
import { rehearsal as t } from '../../texts/en/rehearsal';

const marked = ['glow', 'pump', 'flame', 'full', 'off', 'end'] as const;
/** What happened in a start, as marks over its trace. */
export const marksOf = ({ events }: LiveStart): TraceMark[] =>
  marked.flatMap((event) => (events[event] === undefined ? [] : [{ s: events[event], label: t[event] }]));

/** What was found from readings alone, in words. */
export function foundText(found: readonly FoundPhase[]): string {
  const words: Record<PhaseEvent, string> = {
    glow: t.glow,
    glowOff: t.glowOff,
    pump: t.pump,
    flame: t.flame,
    full: t.full,
    off: t.off,
    end: t.end,
  };
  return found.map(({ event, atS }) => t.foundAt({ event: words[event], clock: clockText(atS) })).join(' · ');
}
