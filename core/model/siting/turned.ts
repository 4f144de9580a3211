import { axesOf, corners, type HeaterPoint, type Rect } from './frame';
import type { Hole, SitingPlan, Thing } from './SitingPlan';

interface Span {
  a0: number;
  a1: number;
  c0: number;
  c1: number;
}
/** A thing that stands on the floor, seen in the heater's directions from the floor's corner. */
interface TurnedThing<T extends Rect> extends Span {
  thing: T;
  /** its corners, where it does not lie square to the heater */ outline: HeaterPoint[] | null;
}

/**
 * A plan seen in the directions of a heater that is turned by some angle: worked out once, then asked for many places.
 * Along and across count from the floor's front left corner; a place takes its own along and across away.
 */
export interface Turned {
  plan: SitingPlan;
  turnDeg: number;
  ux: number;
  uy: number;
  above: TurnedThing<Thing>[];
  floor: TurnedThing<Rect>;
  /** holes by where they lie from the heater's middle, in the floor's own directions */ holes: {
    hole: Hole;
    dx: number;
    dy: number;
  }[];
  end: number;
  half: number;
}

export function turnPlan(plan: SitingPlan, turnDeg: number): Turned {
  const { ux, uy } = axesOf(turnDeg);
  const turn = <T extends Rect>(thing: T): TurnedThing<T> => {
    const outline = corners(thing).map(({ x, y }) => ({ along: x * ux + y * uy, across: x * uy - y * ux }));
    const [alongs, acrosses] = [outline.map((p) => p.along), outline.map((p) => p.across)];
    const span = { a0: Math.min(...alongs), a1: Math.max(...alongs), c0: Math.min(...acrosses), c1: Math.max(...acrosses) };
    return { thing, ...span, outline: turnDeg % 90 === 0 ? null : outline };
  };
  return {
    plan,
    turnDeg,
    ux,
    uy,
    above: plan.above.map(turn),
    floor: turn({ x: 0, y: 0, length: plan.floor.length, width: plan.floor.width }),
    holes: plan.holes.map((hole) => ({
      hole,
      dx: hole.along * ux + hole.across * uy,
      dy: hole.along * uy - hole.across * ux,
    })),
    end: plan.heater.length / 2,
    half: plan.heater.width / 2,
  };
}

/** What of an outline lies within |across| ≤ half of a place, as the least and most of its along; null where nothing does. */
function clipped(outline: readonly HeaterPoint[], pa: number, pc: number, half: number): { from: number; to: number } | null {
  const cut = (points: readonly HeaterPoint[], inside: (p: HeaterPoint) => number): HeaterPoint[] =>
    points.flatMap((p, i) => {
      const q = points[(i + 1) % points.length] ?? p;
      const [a, b] = [inside(p), inside(q)];
      const share = a / (a - b);
      const crossing = { along: p.along + (q.along - p.along) * share, across: p.across + (q.across - p.across) * share };
      return [...(a >= 0 ? [p] : []), ...(a >= 0 !== b >= 0 ? [crossing] : [])];
    });
  const within = cut(
    cut(outline, (p) => half - (p.across - pc)),
    (p) => half + (p.across - pc),
  );
  const acrosses = within.map((p) => p.across);
  // A mere touch along the strip's edge is no overlap.
  if (within.length < 3 || Math.max(...acrosses) - Math.min(...acrosses) < 1e-6) return null;
  const alongs = within.map((p) => p.along - pa);
  return { from: Math.min(...alongs), to: Math.max(...alongs) };
}

const found = { from: 0, to: 0 };
/** How far a thing reaches along the heater's way, from its middle, in a strip to both sides of it. The answer is overwritten by the next. */
export function reachInStrip(
  thing: Span & { outline: HeaterPoint[] | null },
  pa: number,
  pc: number,
  half: number,
): Readonly<{ from: number; to: number }> | null {
  if (thing.c0 - pc >= half || thing.c1 - pc <= -half) return null;
  if (thing.outline) return clipped(thing.outline, pa, pc, half);
  found.from = thing.a0 - pa;
  found.to = thing.a1 - pa;
  return found;
}

/**
 * Free length straight ahead of an end of the heater, over its whole width, to the nearest wall or thing; mm, 0 and up. The floor's edge is a wall.
 * @param way 1 looks out of the hot end, −1 out of the cold-air inlet
 */
export function clearAhead(turned: Turned, x: number, y: number, way: 1 | -1): number {
  const { ux, uy, end, half, plan } = turned;
  const [pa, pc] = [x * ux + y * uy, x * uy - y * ux];
  let clear = Infinity;
  if (!turned.floor.outline) clear = (way === 1 ? turned.floor.a1 - pa : pa - turned.floor.a0) - end;
  else {
    // The floor is convex, so the strip leaves it first along one of its two sides.
    const [wx, wy] = [ux * way, uy * way];
    for (const side of [-half, half]) {
      const [sx, sy] = [x + wx * end + side * uy, y + wy * end - side * ux];
      const toX = wx > 1e-12 ? (plan.floor.length - sx) / wx : wx < -1e-12 ? -sx / wx : Infinity;
      const toY = wy > 1e-12 ? (plan.floor.width - sy) / wy : wy < -1e-12 ? -sy / wy : Infinity;
      clear = Math.min(clear, toX, toY);
    }
  }
  for (const thing of turned.above) {
    const reach = reachInStrip(thing, pa, pc, half);
    if (!reach) continue;
    const near = way === 1 ? reach.from : -reach.to;
    const back = way === 1 ? reach.to : -reach.from;
    // What lies wholly behind this end is of no account; what reaches over it leaves nothing.
    if (back > end) clear = Math.min(clear, near - end);
  }
  return Math.max(0, clear);
}
