import { isImpossible, type Route } from './Route';

export interface GasTrap {
  /** Place in the route: the far end of this segment. */
  at: number;
  kind: 'high loop' | 'falling segment';
  name: string;
  /** How far the line falls after it, mm. */
  fallsMm: number;
  /** The bore is too wide to carry a bubble past it. */
  stands: boolean;
}

/** A fall of less than this is no loop, mm. Lorbet's own choice, no source. */
const slackMm = 10;

/**
 * Where gas gathers on the way to the heater: the tops from which the line falls again, and the segments that fall.
 * Rising line lets a bubble go on by itself; a falling one only carries it where the bore is narrow enough.
 * @param carriesMm widest bore that carries bubbles (`bubbleBoreLimitMm`)
 * @source Bretherton 1961 (from memory); shape of the line by its rises
 */
export function gasTraps(route: Route, carriesMm: number): GasTrap[] {
  const traps: GasTrap[] = [];
  // The way down from a standpipe's top to the pump is how such a line must run; it counts only where the bore lets gas stand.
  let fromTop = true;
  for (const [i, segment] of route.segments.entries()) {
    const before = route.segments[i - 1];
    fromTop = fromTop && segment.side === 'suction' && segment.riseMm <= 0;
    if (segment.riseMm >= -slackMm || isImpossible(segment)) continue;
    const stands = segment.boreMm >= carriesMm;
    const trap = { fallsMm: -segment.riseMm, stands };
    if (before && before.side === segment.side && before.riseMm > slackMm)
      traps.push({ ...trap, at: i - 1, kind: 'high loop', name: before.name });
    else if (!fromTop || stands) traps.push({ ...trap, at: i, kind: 'falling segment', name: segment.name });
  }
  return traps;
}
