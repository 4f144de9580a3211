import type { Build } from '../../build/Build';
import { rowsOf, type RowOf } from '../../build/lists';
import { valueAt, type FigurePath, type ValueAt } from '../../build/sheets';
import type { Reader } from '../../reading/Reader';

/** A place seen from above, mm: x from the floor’s front towards the rear, y from its left side to the right. */
export interface Spot {
  x: number;
  y: number;
}
export interface Rect extends Spot {
  length: number;
  width: number;
}
export type EndId = 'exhaust' | 'intake';
export type Points = ValueAt<'ends.exhaustPoints'> | ValueAt<'ends.intakePoints'>;
export interface End extends Spot {
  /** where it points; null where nobody has said */ points: Points | null;
  /** above the ground, mm; null where nobody has said */ highMm: number | null;
}
/** Something on the plan that is known by place and size. */
export interface Outside extends Rect {
  id: string;
  name: string;
  kind: NonNullable<RowOf<'outside'>['kind']>;
  /** its lowest edge above the ground, mm; null where nobody has said */ highMm: number | null;
}
/** Through these exhaust gas can come in. */
export const openings: readonly Outside['kind'][] = ['window', 'door', 'vent', 'warmReturn'];
/** At these an exhaust must not blow. */
export const feared: readonly Outside['kind'][] = ['tank', 'pipe', 'oilPan', 'tyre'];
/** Body beyond the floor where nobody has said, mm. Lorbet’s own assumption, no source. */
export const pastMm = 40;

export interface OutsidePlan {
  /** the body’s outline */ body: Rect;
  ends: Record<EndId, End | null>;
  things: readonly Outside[];
}

type At = <P extends FigurePath>(path: P) => ValueAt<P> | null;
/** The outside plan of a build as it is drawn; null while nobody has said how large its floor is. */
export const outsidePlan = (build: Build): OutsidePlan | null =>
  planFrom(
    (path) => valueAt(build.sheets, path),
    [...rowsOf(build.lists, 'outside'), ...placedVents(rowsOf(build.lists, 'vents'))],
  );
/** The same as it is judged. */
export function outsideOf(read: Reader): OutsidePlan | null {
  // Where no end is placed, nothing rests on the plan.
  if (read.maybe('ends.exhaustXMm') === null && read.maybe('ends.intakeXMm') === null) return null;
  return read.shared('outside plan', (shared) =>
    planFrom((path) => shared.maybe(path), [...shared.rows('outside'), ...placedVents(shared.rows('vents'))]),
  );
}

/** Openings for air that are placed stand on the plan as well: gas comes in there. */
const placedVents = (rows: readonly RowOf<'vents'>[]): RowOf<'outside'>[] =>
  rows.flatMap(({ id, name, xMm, yMm, widthMm, heightMm, diaMm, through }, i) => {
    if (xMm === undefined || yMm === undefined) return [];
    const across = widthMm ?? diaMm ?? ventMm;
    const flat = through === 'roof' || through === 'floor';
    const deep = flat ? (heightMm ?? across) : wallMm;
    return [
      {
        id,
        name: name ?? `opening ${i + 1}`,
        kind: 'vent',
        // Its place is that of its middle.
        xMm: xMm - across / 2,
        yMm: yMm - deep / 2,
        lengthMm: across,
        widthMm: deep,
      },
    ];
  });
/** An opening whose size nobody has given, and how thick one in a wall is drawn, mm. Lorbet’s own choice, no source. */
const [ventMm, wallMm] = [120, 40];

function planFrom(at: At, rows: readonly RowOf<'outside'>[]): OutsidePlan | null {
  const [length, width] = [at('siting.floorLengthMm'), at('siting.floorWidthMm')];
  if (length === null || width === null) return null;
  const [front, rear, sides] = [
    at('ends.pastFrontMm') ?? pastMm,
    at('ends.pastRearMm') ?? pastMm,
    at('ends.pastSidesMm') ?? pastMm,
  ];
  const end = (x: number | null, y: number | null, points: Points | null, highMm: number | null): End | null =>
    x === null || y === null ? null : { x, y, points, highMm };
  return {
    body: { x: -front, y: -sides, length: length + front + rear, width: width + 2 * sides },
    ends: {
      exhaust: end(at('ends.exhaustXMm'), at('ends.exhaustYMm'), at('ends.exhaustPoints'), at('ends.exhaustHighMm')),
      intake: end(at('ends.intakeXMm'), at('ends.intakeYMm'), at('ends.intakePoints'), at('ends.intakeHighMm')),
    },
    things: rows.flatMap(({ id, name, kind, xMm, yMm, lengthMm, widthMm, heightMm }, i) =>
      kind === undefined || xMm === undefined || yMm === undefined
        ? []
        : [
            {
              id,
              name: name ?? `thing ${i + 1}`,
              kind,
              x: xMm,
              y: yMm,
              length: lengthMm ?? 1,
              width: widthMm ?? 1,
              highMm: heightMm ?? null,
            },
          ],
    ),
  };
}

/** From a spot to the nearest point of a rectangle, mm; 0 within it. */
export const toRect = (spot: Spot, { x, y, length, width }: Rect): number =>
  Math.hypot(Math.max(x - spot.x, 0, spot.x - x - length), Math.max(y - spot.y, 0, spot.y - y - width));
/** How far a spot lies outside of a rectangle, mm; minus where it lies within, by its nearest side. */
export function pastRect(spot: Spot, { x, y, length, width }: Rect): number {
  const past = toRect(spot, { x, y, length, width });
  return past > 0 ? past : -Math.min(spot.x - x, x + length - spot.x, spot.y - y, y + width - spot.y);
}
/** Which way an end points, as a vector from above; null where it points down or nobody has said. */
export function aimOf({ body }: OutsidePlan, end: End): Spot | null {
  const toRight = end.y > body.y + body.width / 2;
  switch (end.points) {
    case 'rearward':
      return { x: 1, y: 0 };
    case 'forward':
      return { x: -1, y: 0 };
    case 'away':
      return { x: 0, y: toRight ? 1 : -1 };
    case 'body':
      return { x: 0, y: toRight ? -1 : 1 };
    default:
      return null;
  }
}
/** How the two ends stand to each other. */
export function facingOf(plan: OutsidePlan): ValueAt<'air.endsFacing'> | null {
  const { exhaust, intake } = plan.ends;
  if (!exhaust || !intake) return null;
  const [out, inward] = [aimOf(plan, exhaust), aimOf(plan, intake)];
  if (!out || !inward) return null;
  const far = Math.hypot(intake.x - exhaust.x, intake.y - exhaust.y) || 1;
  const toIntake = { x: (intake.x - exhaust.x) / far, y: (intake.y - exhaust.y) / far };
  const aimed = out.x * toIntake.x + out.y * toIntake.y;
  const back = -(inward.x * toIntake.x + inward.y * toIntake.y);
  // Within 30° of each other.
  if (aimed > Math.cos(Math.PI / 6) && back > Math.cos(Math.PI / 6)) return 'towards';
  return out.x * inward.x + out.y * inward.y < -0.5 ? 'opposite' : 'sameWay';
}
/** Between the two ends, heights counted where both are known, mm. */
export function apartMm({ ends: { exhaust, intake } }: OutsidePlan): number | null {
  if (!exhaust || !intake) return null;
  const up = exhaust.highMm !== null && intake.highMm !== null ? intake.highMm - exhaust.highMm : 0;
  return Math.hypot(intake.x - exhaust.x, intake.y - exhaust.y, up);
}
/** What of some kinds lies nearest to an end, seen from above: gas rises, so that a window above is as near as one beside. */
export function nearest(plan: OutsidePlan, end: EndId, kinds: readonly Outside['kind'][]): { thing: Outside; mm: number } | null {
  const from = plan.ends[end];
  if (!from) return null;
  return (
    plan.things
      .filter(({ kind }) => kinds.includes(kind))
      .map((thing) => ({ thing, mm: toRect(from, thing) }))
      .sort((a, b) => a.mm - b.mm)[0] ?? null
  );
}

/** Winds by where they come from, with the way in which they blow on a plan whose front is its north. */
export const windNames = {
  front: 'from the front',
  frontRight: 'from the front, right',
  right: 'from the right',
  rearRight: 'from the rear, right',
  rear: 'from the rear',
  rearLeft: 'from the rear, left',
  left: 'from the left',
  frontLeft: 'from the front, left',
} as const;
export type Wind = keyof typeof windNames;
const d = Math.SQRT1_2;
export const blows: Readonly<Record<Wind, Spot>> = {
  front: { x: 1, y: 0 },
  frontRight: { x: d, y: -d },
  right: { x: 0, y: -1 },
  rearRight: { x: -d, y: -d },
  rear: { x: -1, y: 0 },
  rearLeft: { x: -d, y: d },
  left: { x: 0, y: 1 },
  frontLeft: { x: d, y: d },
};
/** A plume opens by so much to either side, degrees, and is looked at so far, mm. Lorbet’s own choice, no source: geometry, no promise. */
export const plume = { halfDeg: 20, reachMm: 4000 } as const;
/** Openings that lie downwind of the exhaust’s end, the nearest first. */
export function downwind(plan: OutsidePlan, wind: Wind): { thing: Outside; mm: number }[] {
  const from = plan.ends.exhaust;
  if (!from) return [];
  const along = blows[wind];
  const tan = Math.tan((plume.halfDeg * Math.PI) / 180);
  return plan.things
    .filter(({ kind }) => openings.includes(kind))
    .flatMap((thing) => {
      const corners = [0, 0.25, 0.5, 0.75, 1].flatMap((u) =>
        [0, 0.5, 1].map((v) => ({ x: thing.x + thing.length * u, y: thing.y + thing.width * v })),
      );
      const hit = corners.some((p) => {
        const [dx, dy] = [p.x - from.x, p.y - from.y];
        const ahead = dx * along.x + dy * along.y;
        const aside = Math.abs(dx * along.y - dy * along.x);
        return ahead > 0 && ahead <= plume.reachMm && aside <= 100 + ahead * tan;
      });
      return hit ? [{ thing, mm: toRect(from, thing) }] : [];
    })
    .sort((a, b) => a.mm - b.mm);
}
