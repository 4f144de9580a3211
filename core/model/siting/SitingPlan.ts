import type { Need } from '../../reading/Reader';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { rowsOf, type RowOf } from '../../build/lists';
import { aboveKinds, holeKinds, obstacleKinds } from '../../build/listKinds';
import type { Build } from '../../build/Build';
import { valueAt } from '../../build/sheets';
import { ruleFor } from '../../practices/ruleFor';
import type { FloorPoint, HeaterPoint, Place, Rect } from './frame';

export interface Thing extends Rect {
  id: string;
  name: string;
  kind: keyof typeof obstacleKinds | keyof typeof aboveKinds;
}
export interface Hole extends HeaterPoint {
  id: string;
  name: string;
  kind: keyof typeof holeKinds;
  radius: number;
}
/** All that decides where the heater can stand; plain, so that a worker can be handed it. Lengths in mm. */
export interface SitingPlan {
  floor: { length: number; width: number };
  /** as it lies: on its side, its height is its width on the floor */ heater: { length: number; width: number };
  below: Thing[];
  above: Thing[];
  holes: Hole[];
  limits: { inlet: number; hot: number; side: number; cut: number; hotHole: number };
  /** Where duct, fuel and feed come from or go to; null where nobody has said. */
  targets: { duct: FloorPoint | null; fuel: FloorPoint | null; battery: FloorPoint | null };
}

/** Things that heat harms or sets on fire. */
export const harmedByHeat: readonly string[] = ['tank', 'fuelPipe', 'brakePipe', 'waterPipe', 'wiring'];
/** Holes that pass a hot pipe: a turret holds the exhaust. */
export const hotHoles: readonly string[] = ['exhaust', 'turret'];
/** Holes that pass what heat harms. */
export const heatShyHoles: readonly string[] = ['fuel', 'loom'];
/** Things that are hot themselves. */
export const hotThings: readonly string[] = ['engineExhaust'];
/** Things that must never be cut: each can burn, flood or leave a vehicle without brakes. */
export const neverCut: readonly string[] = ['tank', 'fuelPipe', 'brakePipe'];

const whole = (row: RowOf<'obstacles'> | RowOf<'above'>, names: Readonly<Record<string, string>>): Thing | null =>
  row.kind !== undefined &&
  row.xMm !== undefined &&
  row.yMm !== undefined &&
  row.lengthMm !== undefined &&
  row.widthMm !== undefined
    ? {
        id: row.id,
        name: row.name ?? names[row.kind] ?? row.kind,
        kind: row.kind,
        x: row.xMm,
        y: row.yMm,
        length: row.lengthMm,
        width: row.widthMm,
      }
    : null;
const wholeHole = (row: RowOf<'holes'>): Hole | null =>
  row.kind !== undefined && row.alongMm !== undefined && row.acrossMm !== undefined && row.diameterMm !== undefined
    ? {
        id: row.id,
        name: row.name ?? holeKinds[row.kind],
        kind: row.kind,
        along: row.alongMm,
        across: row.acrossMm,
        radius: row.diameterMm / 2,
      }
    : null;
const known = <T>(found: T | null): found is T => found !== null;

/** Things and holes of a build that are measured whole; a row half measured is in `halfMeasured`. */
export function sitingLists(build: Build) {
  const [below, above, holes] = [rowsOf(build.lists, 'obstacles'), rowsOf(build.lists, 'above'), rowsOf(build.lists, 'holes')];
  return {
    below: below.map((row) => whole(row, obstacleKinds)).filter(known),
    above: above.map((row) => whole(row, aboveKinds)).filter(known),
    holes: holes.map(wholeHole).filter(known),
    halfMeasured: [
      ...[...below, ...above].filter((row) => !whole(row, {})).map((row) => row.name ?? 'something on the floor sheet'),
      ...holes.filter((row) => !wholeHole(row)).map((row) => row.name ?? 'a hole'),
    ],
  };
}

/** Footprint of the heater as it lies. On its side it stands on what was its flank. */
export function footprint(build: Build): { length: number; width: number } | null {
  const [length, width, height] = (['siting.heaterLengthMm', 'siting.heaterWidthMm', 'siting.heaterHeightMm'] as const).map(
    (path) => valueAt(build.sheets, path),
  );
  if (length === null || length === undefined || width === null || width === undefined) return null;
  const lies = valueAt(build.sheets, 'siting.heaterLies');
  const turned = (lies === 'sideUp' || lies === 'sideDown') && height !== null && height !== undefined;
  return { length, width: turned ? height : width };
}

/** Room that the hot end wants: a straight for the clamp, and a bend about as long as the duct is wide. */
export const hotRoomMm = (clampStraightMm: number, ductMm: number): number => clampStraightMm + ductMm;

const point = (build: Build, x: Parameters<typeof valueAt>[1], y: Parameters<typeof valueAt>[1]): FloorPoint | null => {
  const [px, py] = [valueAt(build.sheets, x), valueAt(build.sheets, y)];
  return typeof px === 'number' && typeof py === 'number' ? { x: px, y: py } : null;
};

/** The plan of a build as far as it is known: a floor and a heater at least, else null. */
export function sitingPlan(build: Build): SitingPlan | null {
  const [length, width] = [valueAt(build.sheets, 'siting.floorLengthMm'), valueAt(build.sheets, 'siting.floorWidthMm')];
  const heater = footprint(build);
  if (length === null || width === null || !heater) return null;
  const limit = (key: Parameters<typeof ruleFor>[0]) => ruleFor(key, build.practices, build.maker).value;
  const { below, above, holes } = sitingLists(build);
  return {
    floor: { length, width },
    heater,
    below,
    above,
    holes,
    limits: {
      inlet: limit('inletClearMinMm'),
      hot: hotRoomMm(limit('clampStraightMm'), valueAt(build.sheets, 'siting.ductMm') ?? 0),
      side: limit('sideClearMinMm'),
      cut: limit('cutMarginMm'),
      hotHole: limit('hotHoleMarginMm'),
    },
    targets: {
      duct: point(build, 'siting.ductToXMm', 'siting.ductToYMm'),
      fuel: point(build, 'siting.fuelFromXMm', 'siting.fuelFromYMm'),
      battery: point(build, 'siting.batteryXMm', 'siting.batteryYMm'),
    },
  };
}

/** Where the heater stands or is to stand; null where nobody has said. */
export function placeOf(build: Build): Place | null {
  const at = point(build, 'siting.heaterXMm', 'siting.heaterYMm');
  return at && { ...at, turnDeg: valueAt(build.sheets, 'siting.heaterTurnDeg') ?? 0 };
}

/** The same for a check: every figure noted, and what is missing named. Things half measured are left out of it. */
export function readMeasured(read: Reader): { plan: SitingPlan; place: Place } {
  const f = read.all({
    length: 'siting.floorLengthMm',
    width: 'siting.floorWidthMm',
    long: 'siting.heaterLengthMm',
    wide: 'siting.heaterWidthMm',
    x: 'siting.heaterXMm',
    y: 'siting.heaterYMm',
    turnDeg: 'siting.heaterTurnDeg',
  });
  const plan = sitingPlan(read.build);
  return plan
    ? { plan, place: { x: f.x, y: f.y, turnDeg: f.turnDeg } }
    : read.missing(...toDo('enter the floor and the heater on it'));
}

/** Asks for what is only half measured on the floor sheet. */
export function wantWhole(read: Reader): void {
  const { halfMeasured } = sitingLists(read.build);
  if (halfMeasured.length > 0) read.missing(...halfMeasured.map((name): Need => ({ act: 'measure', what: `“${name}”` })));
}

/** As `readMeasured`, and everything on the floor sheet must be measured whole. */
export function readSiting(read: Reader): { plan: SitingPlan; place: Place } {
  const known = readMeasured(read);
  wantWhole(read);
  return known;
}
