import { keepsAt, siteLimits, sitingLimits, type SitingLimit } from './checkPlace';
import type { FloorPoint, Place } from './frame';
import type { SitingPlan } from './SitingPlan';
import { clearAhead, turnPlan, type Turned } from './turned';

export const criteria = { clearMm: 'clearance', ductMm: 'duct', fuelMm: 'fuel line', cableMm: 'cable' } as const;
export type Criterion = keyof typeof criteria;
export interface FoundPlace {
  place: Place;
  /** The least of what is free at both ends, mm. */ clearMm: number;
  /** Along the floor's sides, mm; null where nobody has said where it goes. */
  ductMm: number | null;
  fuelMm: number | null;
  cableMm: number | null;
  /** What this place gives up against the best found for each wish, in words. */
  givesUp: string[];
}
type Measured = Omit<FoundPlace, 'givesUp'>;
export interface SearchResult {
  found: FoundPlace[];
  tried: number;
  good: number;
  /** Where none was found: for each limit, how many places there would be without it, the most telling first. */
  inTheWay: { limit: SitingLimit; name: string; without: number }[];
}

const turns = [0, 90, 180, 270];
/** Lines and ducts run along the sides of the body, so lengths add up that way. */
const along = (a: FloorPoint, b: FloorPoint | null): number | null => (b ? Math.abs(a.x - b.x) + Math.abs(a.y - b.y) : null);
/** Beyond this, more clearance is worth nothing to anyone, mm. */
const enoughMm = 250;
/** Places nearer than this to a better one are the same place, mm. */
const apartMm = 150;

function measure(turned: Turned, x: number, y: number): Measured {
  const { plan, ux, uy, end, turnDeg } = turned;
  const place = { x, y, turnDeg };
  return {
    place,
    clearMm: Math.min(clearAhead(turned, x, y, -1), clearAhead(turned, x, y, 1)),
    ductMm: along({ x: x + end * ux, y: y + end * uy }, plan.targets.duct),
    fuelMm: along(place, plan.targets.fuel),
    cableMm: along(place, plan.targets.battery),
  };
}
/** Less is better. A metre of duct, of line and half a metre of clearance weigh the same, cable half; Lorbet's own choice. */
const worstOf = (m: Measured): number =>
  (m.ductMm ?? 0) + (m.fuelMm ?? 0) + (m.cableMm ?? 0) / 2 - 2 * Math.min(m.clearMm, enoughMm);

/**
 * Looks for places that keep every hard limit, over the whole floor and in four turns.
 * @param stepMm distance between places tried, 5 to 200
 * @param cancelled asked now and then; where it says yes, the result is null
 * @returns the best few, each the best for somebody: overall, by clearance, by duct, by line, by cable
 */
export function searchPlaces(
  plan: SitingPlan,
  { stepMm = 10, cancelled = () => false }: { stepMm?: number; cancelled?: () => boolean } = {},
): SearchResult | null {
  if (!(stepMm >= 5 && stepMm <= 200)) throw new RangeError(`stepMm is ${stepMm}; allowed is 5 to 200 mm.`);
  const without = Object.fromEntries(siteLimits.map((limit) => [limit, 0])) as Record<SitingLimit, number>;
  let tried = 0;
  const good: Measured[] = [];
  for (const turned of turns.map((turnDeg) => turnPlan(plan, turnDeg))) {
    const [halfX, halfY] = turned.turnDeg % 180 === 0 ? [turned.end, turned.half] : [turned.half, turned.end];
    for (let x = Math.ceil(halfX / stepMm) * stepMm; x <= plan.floor.length - halfX; x += stepMm)
      for (let y = Math.ceil(halfY / stepMm) * stepMm; y <= plan.floor.width - halfY; y += stepMm) {
        if (tried % 2000 === 0 && cancelled()) return null;
        tried += 1;
        // Two broken limits are enough to know: it tells neither of a good place nor of the one limit in the way.
        let only: SitingLimit | null = null;
        let fails = 0;
        for (const limit of siteLimits) {
          if (keepsAt(turned, x, y, limit)) continue;
          only = limit;
          fails += 1;
          if (fails > 1) break;
        }
        if (fails === 0) good.push(measure(turned, x, y));
        else if (fails === 1 && only) without[only] += 1;
      }
  }
  return {
    found: pickBest(good),
    tried,
    good: good.length,
    inTheWay:
      good.length > 0
        ? []
        : siteLimits
            .map((limit) => ({ limit, name: sitingLimits[limit], without: without[limit] }))
            .filter((told) => told.without > 0)
            .sort((a, b) => b.without - a.without),
  };
}

const isSame = (a: Place, b: Place) => a.turnDeg === b.turnDeg && Math.hypot(a.x - b.x, a.y - b.y) < apartMm;

function pickBest(good: readonly Measured[]): FoundPlace[] {
  const wishes: ((m: Measured) => number)[] = [
    worstOf,
    (m) => -Math.min(m.clearMm, enoughMm) * 1e6 + worstOf(m),
    ...(['ductMm', 'fuelMm', 'cableMm'] as const).map((key) => (m: Measured) => (m[key] ?? 0) * 1e3 + worstOf(m)),
  ];
  const picked: Measured[] = [];
  for (const wish of wishes) {
    let best: Measured | null = null;
    let worth = Infinity;
    for (const m of good) {
      const value = wish(m);
      if (value < worth) [best, worth] = [m, value];
    }
    const found = best;
    if (found && !picked.some(({ place }) => isSame(place, found.place))) picked.push(found);
  }
  // A second choice that is neither: the best that is far from all of these.
  const elsewhere = good
    .filter((m) => !picked.some(({ place }) => Math.hypot(place.x - m.place.x, place.y - m.place.y) < 3 * apartMm))
    .reduce<Measured | null>((best, m) => (!best || worstOf(m) < worstOf(best) ? m : best), null);
  if (elsewhere) picked.push(elsewhere);
  const min = (key: 'ductMm' | 'fuelMm' | 'cableMm') => Math.min(...picked.map((m) => m[key] ?? Infinity));
  const max = Math.min(enoughMm, Math.max(...picked.map((m) => m.clearMm)));
  return picked.map((m) => ({
    ...m,
    givesUp: [
      ...(max - Math.min(m.clearMm, enoughMm) >= 10 ? [`${Math.round(max - m.clearMm)} mm of clearance`] : []),
      ...(['ductMm', 'fuelMm', 'cableMm'] as const).flatMap((key) => {
        const more = (m[key] ?? 0) - min(key);
        return more >= 50 && Number.isFinite(more) ? [`${(more / 1000).toFixed(1)} m more ${criteria[key]}`] : [];
      }),
    ],
  }));
}
