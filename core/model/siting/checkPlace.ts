import { distanceToRect, type Place } from './frame';
import { harmedByHeat, heatShyHoles, hotHoles, hotThings, type Hole, type SitingPlan, type Thing } from './SitingPlan';
import { clearAhead, reachInStrip, turnPlan, type Turned } from './turned';

/** A hole that comes too near to something below. */
export interface Foul {
  hole: Hole;
  thing: Thing;
  /** Between the hole's edge and the thing, mm; below 0 it is cut. */ gapMm: number;
  /** What there must be, mm. */ wantedMm: number;
}
export const sitingLimits = {
  floor: 'the floor’s edge',
  walls: 'room beside it to the walls',
  holes: 'what lies below the holes',
  above: 'what stands on the floor',
  inlet: 'room before the cold-air inlet',
  hot: 'room at the hot end',
} as const;
export type SitingLimit = keyof typeof sitingLimits;
export const siteLimits = Object.keys(sitingLimits) as SitingLimit[];

const wantedFor = (plan: SitingPlan, hole: Hole, thing: Thing): number =>
  // Heat harms both ways: what passes a hot hole's neighbour, and what passes a hole beside a hot thing.
  (hotHoles.includes(hole.kind) && harmedByHeat.includes(thing.kind)) ||
  (heatShyHoles.includes(hole.kind) && hotThings.includes(thing.kind))
    ? Math.max(plan.limits.hotHole, plan.limits.cut)
    : plan.limits.cut;
const turnedTo = (plan: SitingPlan, place: Place) => turnPlan(plan, place.turnDeg);

/** Holes that come too near to what lies below, the worst first. */
export function foulsOf(plan: SitingPlan, place: Place): Foul[] {
  return turnedTo(plan, place)
    .holes.flatMap(({ hole, dx, dy }) =>
      plan.below.map((thing) => ({
        hole,
        thing,
        gapMm: distanceToRect(place.x + dx, place.y + dy, thing) - hole.radius,
        wantedMm: wantedFor(plan, hole, thing),
      })),
    )
    .filter(({ gapMm, wantedMm }) => gapMm < wantedMm)
    .sort((a, b) => a.gapMm - a.wantedMm - (b.gapMm - b.wantedMm));
}

function holesAreClear({ plan, holes }: Turned, x: number, y: number): boolean {
  for (const { hole, dx, dy } of holes)
    for (const thing of plan.below) {
      const wanted = hole.radius + wantedFor(plan, hole, thing);
      const [hx, hy] = [x + dx, y + dy];
      // Most things are far off to one side; only for the others is the root worth its time.
      if (hx + wanted <= thing.x || hx - wanted >= thing.x + thing.length) continue;
      if (hy + wanted <= thing.y || hy - wanted >= thing.y + thing.width) continue;
      if (distanceToRect(hx, hy, thing) < wanted) return false;
    }
  return true;
}

/** Whether heater and holes lie wholly on the floor. */
function onFloor({ plan, ux, uy, end, half, holes }: Turned, x: number, y: number): boolean {
  const { length, width } = plan.floor;
  const [reachX, reachY] = [Math.abs(ux) * end + Math.abs(uy) * half, Math.abs(uy) * end + Math.abs(ux) * half];
  const slack = 1e-6;
  if (x < reachX - slack || y < reachY - slack || x > length - reachX + slack || y > width - reachY + slack) return false;
  for (const { hole, dx, dy } of holes) {
    const [hx, hy] = [x + dx, y + dy];
    if (hx < hole.radius || hy < hole.radius || hx > length - hole.radius || hy > width - hole.radius) return false;
  }
  return true;
}

/** Free beside both flanks to the nearest wall, mm; the floor's edges are walls. */
function besideWalls({ plan, ux, uy, end, half }: Turned, x: number, y: number): number {
  // The corners of a flank are its nearest points to any wall.
  const { length, width } = plan.floor;
  let free = Infinity;
  for (const side of [-half, half]) {
    const [nx, ny] = [(uy * side) / half, (-ux * side) / half];
    for (const way of [-end, end]) {
      const [cx, cy] = [x + ux * way + uy * side, y + uy * way - ux * side];
      if (nx > 1e-9) free = Math.min(free, (length - cx) / nx);
      if (nx < -1e-9) free = Math.min(free, -cx / nx);
      if (ny > 1e-9) free = Math.min(free, (width - cy) / ny);
      if (ny < -1e-9) free = Math.min(free, -cy / ny);
    }
  }
  return free;
}
export const sideClear = (plan: SitingPlan, place: Place): number => besideWalls(turnedTo(plan, place), place.x, place.y);

/** Whether something stands where the heater is to stand, or nearer beside it than it may. */
function standsOn({ plan, ux, uy, end, half }: Turned, x: number, y: number, thing: Turned['above'][number]): boolean {
  const reach = reachInStrip(thing, x * ux + y * uy, x * uy - y * ux, half + plan.limits.side);
  return reach !== null && reach.from < end && reach.to > -end;
}

export const inletClear = (plan: SitingPlan, place: Place): number => clearAhead(turnedTo(plan, place), place.x, place.y, -1);
export const hotClear = (plan: SitingPlan, place: Place): number => clearAhead(turnedTo(plan, place), place.x, place.y, 1);
export function thingsInTheWay(plan: SitingPlan, place: Place): Thing[] {
  const turned = turnedTo(plan, place);
  return turned.above.filter((thing) => standsOn(turned, place.x, place.y, thing)).map(({ thing }) => thing);
}

/** Whether a place keeps one limit; each is cheap to ask by itself. */
export function keepsAt(turned: Turned, x: number, y: number, limit: SitingLimit): boolean {
  switch (limit) {
    case 'floor':
      return onFloor(turned, x, y);
    case 'walls':
      return besideWalls(turned, x, y) >= turned.plan.limits.side - 1e-6;
    case 'holes':
      return holesAreClear(turned, x, y);
    case 'above':
      return !turned.above.some((thing) => standsOn(turned, x, y, thing));
    case 'inlet':
      return clearAhead(turned, x, y, -1) >= turned.plan.limits.inlet;
    case 'hot':
      return clearAhead(turned, x, y, 1) >= turned.plan.limits.hot;
  }
}
export const keeps = (plan: SitingPlan, place: Place, limit: SitingLimit): boolean =>
  keepsAt(turnedTo(plan, place), place.x, place.y, limit);
/** Which hard limits a place breaks. */
export const broken = (plan: SitingPlan, place: Place): SitingLimit[] => siteLimits.filter((limit) => !keeps(plan, place, limit));
