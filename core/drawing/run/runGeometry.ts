import type { StageId } from '../../build/stages';
import type { Build } from '../../build/Build';
import { takeAssumed } from '../../build/takeAssumed';
import type { Part } from '../../build/field';
import { fieldAt, figureAt, valueAt, type FigurePath } from '../../build/sheets';
import type { RowOf } from '../../build/lists';
import { pieceName, pipeRows, type WayId } from '../../model/air/wayOf';
import { segmentName, segmentRows } from '../../model/fuel/routeOf';

export interface Point {
  x: number;
  z: number;
}
/** Nobody has said, or it is assumed; planned; fitted; or proven by a test. */
export type Ink = 'unknown' | 'planned' | 'fitted' | 'proven';

/** One segment of the line between two of its ends. */
export interface Segment {
  id: string;
  name: string;
  side: 'suction' | 'pressure';
  from: Point;
  to: Point;
  end: 'on' | 'joint' | 'filter';
  near: string | null;
}

/** A pipe from the heater to its open end, piece by piece where it is known so. */
export interface Pipe {
  start: Point;
  end: Point;
  pieces: { row: RowOf<'pipes'>; name: string; to: Point }[];
}

/** Where everything of the run lies, in mm: x along the run, z up from the tank's floor. Lengths are unrolled: the true way may bend sideways. */
export interface RunGeometry {
  tank: { length: number; height: number; fuel: number };
  pickup: { top: Point; end: Point };
  /** The line segment by segment, where it is known so; in the order of flow. */
  segments: Segment[];
  pumpIn: Point;
  heaterIn: Point;
  floorZ: number;
  outlineX: number;
  exhaust: Pipe;
  intake: Pipe;
  battery: Point;
  ink: Record<Part, Ink>;
}

/** Horizontal reach of a line of a length that rises by dz; at least a third of its length, so that an impossible pair still draws. */
export const reach = (lengthMm: number, dzMm: number): number =>
  Math.sqrt(Math.max(lengthMm ** 2 - dzMm ** 2, (lengthMm / 3) ** 2));

const partFigures: Record<Part, { paths: readonly FigurePath[]; stage: StageId }> = {
  tank: { paths: ['fuel.tankLengthMm', 'fuel.tankHeightMm'], stage: 'priming' },
  pickup: { paths: ['fuel.pickupClearanceMm', 'fuel.pickupKind'], stage: 'priming' },
  suction: { paths: ['fuel.suctionLengthM', 'fuel.suctionBoreMm'], stage: 'priming' },
  filter: { paths: ['fuel.filterPlace'], stage: 'priming' },
  pump: { paths: ['fuel.pumpAngleDeg', 'fuel.pumpAboveTankFloorMm'], stage: 'priming' },
  line: { paths: ['fuel.pressureLengthM', 'fuel.pressureBoreMm'], stage: 'priming' },
  heater: { paths: ['fuel.heaterAboveTankFloorMm'], stage: 'startup' },
  intake: { paths: ['air.intakeLengthM', 'air.intakeFrom'], stage: 'startup' },
  exhaust: { paths: ['air.exhaustLengthM', 'air.exhaustPastOutlineMm'], stage: 'startup' },
  battery: { paths: ['wiring.feedLengthM', 'wiring.cableAreaMm2'], stage: 'startup' },
  cabin: { paths: ['proving.coAlarmFitted'], stage: 'proving' },
};

function inkOf(build: Build, part: Part, proven: ReadonlySet<StageId>): Ink {
  const { paths, stage } = partFigures[part];
  const figures = paths.map((path) => ({ ...figureAt(build.sheets, path), given: fieldAt(path).given }));
  if (figures.some((f) => f.assumed || (f.planned === null && f.fitted === null))) return 'unknown';
  if (figures.some((f) => f.fitted === null)) return 'planned';
  return proven.has(stage) ? 'proven' : 'fitted';
}

/** Segments of one side laid end to end; the last ends where the pump or the heater was measured to be. */
function segmentsFrom(rows: readonly RowOf<'segments'>[], side: Segment['side'], start: Point, endZ: number): Segment[] {
  const own = rows.filter((row) => (row.side ?? 'pressure') === side);
  let from = start;
  return own.map((row, i) => {
    const rise = row.riseMm ?? 0;
    const z = i === own.length - 1 ? endZ : from.z + rise;
    const to = { x: from.x + reach((row.lengthM ?? 0.3) * 1000, z - from.z), z };
    const segment = {
      id: row.id,
      name: segmentName(row, i),
      side,
      from,
      to,
      end: row.end ?? ('on' as const),
      near: row.near ?? null,
    };
    from = to;
    return segment;
  });
}

/** The pieces of a pipe laid end to end, away from the heater. */
function pipeFrom(build: Build, of: WayId, start: Point, whole: { lengthM: number; fallMm: number }): Pipe {
  const away = of === 'exhaust' ? 1 : -1;
  const further = (from: Point, lengthM: number, riseMm: number): Point => ({
    x: from.x + away * reach(lengthM * 1000, riseMm),
    z: from.z + riseMm,
  });
  const pieces: Pipe['pieces'] = [];
  pipeRows(build.lists, of).forEach((row, i) => {
    const from = pieces[i - 1]?.to ?? start;
    pieces.push({ row, name: pieceName(row, i), to: further(from, row.lengthM ?? 0.1, row.riseMm ?? 0) });
  });
  return { start, pieces, end: pieces[pieces.length - 1]?.to ?? further(start, whole.lengthM, -whole.fallMm) };
}

/**
 * Lays the run out from the build's figures. Where a figure is assumed or a usual one stands in, the part's ink is `unknown`.
 * @param proven stages whose findings all hold
 */
export function runGeometry(known: Build, proven: ReadonlySet<StageId>): RunGeometry {
  const build = takeAssumed(known);
  const v = <P extends FigurePath>(path: P, usual: number): number => (valueAt(build.sheets, path) as number | null) ?? usual;
  const length = v('fuel.tankLengthMm', 400);
  const height = v('fuel.tankHeightMm', 250);
  const kind = valueAt(build.sheets, 'fuel.pickupKind') ?? 'standpipe';
  const clearance = Math.min(v('fuel.pickupClearanceMm', 30), height);
  const pickupX = kind === 'standpipe' ? length * 0.72 : length;
  const top =
    kind === 'standpipe' ? { x: pickupX, z: height + 40 } : { x: length + 20, z: kind === 'sideOutlet' ? clearance : 10 };
  const pumpZ = v('fuel.pumpAboveTankFloorMm', 100);
  const heaterZ = v('fuel.heaterAboveTankFloorMm', 450);
  const rows = segmentRows(build.lists);
  const suction = segmentsFrom(rows, 'suction', top, pumpZ);
  const pumpIn = suction[suction.length - 1]?.to ?? {
    x: top.x + reach(v('fuel.suctionLengthM', 0.8) * 1000, pumpZ - top.z),
    z: pumpZ,
  };
  const pressure = segmentsFrom(rows, 'pressure', pumpIn, heaterZ);
  const heaterIn = pressure[pressure.length - 1]?.to ?? {
    x: pumpIn.x + reach(v('fuel.pressureLengthM', 2.5) * 1000, heaterZ - pumpZ),
    z: heaterZ,
  };
  const floorZ = heaterZ + 50;
  const exhaustStart = { x: heaterIn.x + 230, z: floorZ - 90 };
  const whole = (way: WayId, length: number, fall: number) => ({
    lengthM: v(`air.${way}LengthM`, length),
    fallMm: v(`air.${way}FallMm`, fall),
  });
  const exhaust = pipeFrom(build, 'exhaust', exhaustStart, whole('exhaust', 0.8, 60));
  const intake = pipeFrom(build, 'intake', { x: heaterIn.x + 120, z: floorZ - 90 }, whole('intake', 0.4, 40));
  const parts = Object.keys(partFigures) as Part[];
  return {
    tank: { length, height, fuel: Math.min(v('fuel.fuelLevelMm', 0), height) },
    pickup: { top, end: { x: pickupX, z: kind === 'bottomOutlet' ? 0 : clearance } },
    segments: [...suction, ...pressure],
    pumpIn,
    heaterIn,
    floorZ,
    outlineX: Math.max(exhaust.end.x - v('air.exhaustPastOutlineMm', 50), heaterIn.x + 420),
    exhaust,
    intake,
    battery: { x: Math.max(heaterIn.x - v('wiring.feedLengthM', 2) * 1000, 0), z: floorZ },
    // Rows are neither planned nor fitted: a line known by its segments is as sure as the pump that it runs to.
    ink: Object.fromEntries(
      parts.map((part) => [
        part,
        inkOf(build, rows.length > 0 && (part === 'suction' || part === 'line') ? 'pump' : part, proven),
      ]),
    ) as Record<Part, Ink>,
  };
}
