import type { Chamber } from './firstFill';
import { strokesToFill, volumesToFill, type Strokes } from './strokesToFill';

/** A place on the line where something is to be seen while it fills. */
export interface LineLook extends Strokes {
  at: 'gap' | 'filter' | 'pump' | 'heater';
  /** the chamber that the fuel reaches there */ name: string;
}

/**
 * Where on a line the fuel is seen to come, and with which stroke: at each gap in a joint (bubbles), at the filter, at the pump,
 * at the heater. Earliest and latest as for the whole prime.
 * @param chambers what still has to be filled, in the order of flow
 * @param doseMl mL a stroke
 * @returns in the order of flow; places that are reached before the first stroke are left out
 * @source the same model as `strokesToFill`; the doubts are assumptions, common practice, no source
 */
export function looksAlong(chambers: readonly Chamber[], doseMl: number): LineLook[] {
  const upTo = (n: number): Strokes => strokesToFill(volumesToFill(chambers.slice(0, n)), doseMl);
  const pumpAt = chambers.findIndex(({ side }) => side === 'pressure');
  const looks: LineLook[] = [];
  const add = (at: LineLook['at'], name: string, n: number) => {
    const strokes = upTo(n);
    if (strokes.expected > 0) looks.push({ at, name, ...strokes });
  };
  for (const [i, { name, isLine, isPipe, trapMl }] of chambers.entries()) {
    if (i === pumpAt) add('pump', 'pump', i);
    if (!isLine && !isPipe) add(trapMl > 0 ? 'gap' : 'filter', name, i);
  }
  if (chambers.length > 0) add('heater', 'heater', chambers.length);
  return looks;
}
