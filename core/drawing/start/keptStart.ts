import type { StartRun } from '../../build/Build';
import { firstAt } from '../../build/startFacts';
import type { Heard } from './liveStart';

/** A start as it was kept, as a device would have told it: each quantity by itself, in order of time. */
export function keptStart({ readings, events }: Pick<StartRun, 'readings' | 'events'>): Heard {
  const series: Record<string, { s: number[]; value: number[] }> = {};
  let nowS = events.reduce((last, { atS }) => Math.max(last, atS), 0);
  for (const { atS, quantity, value } of [...readings].sort((a, b) => a.atS - b.atS)) {
    const one = (series[quantity] ??= { s: [], value: [] });
    one.s.push(atS);
    one.value.push(value);
    nowS = Math.max(nowS, atS);
  }
  const first = firstAt({ events });
  return { nowS, series, events: Object.entries(first).map(([event, s]) => ({ event, s })) };
}
