import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { figureAt, valueAt } from '../../build/sheets';
import { isTakenList, takeAssumed } from '../../build/takeAssumed';
import { readerOf } from '../../figures/readerOf';
import {
  childrenOf,
  ductName,
  ductSpot,
  ductTree,
  inRing,
  parentOf,
  type DuctRow,
  type DuctTree,
  type Stand,
} from '../../model/warmth/ductTree';
import { placeOf } from '../../model/siting/SitingPlan';
import { computeOrMissing, type NotMeasured } from '../../reading/NotMeasured';
import { formatFixed } from '../../units/formatNumber';
import { bent, closed, round } from '../run/Pen';
import { coveredPx2, placeLabels, strokeBoxes, type Box } from '../run/placeLabels';

interface Spot {
  x: number;
  y: number;
}
export interface DrawnDuct {
  id: string;
  name: string;
  /** its middle line */ d: string;
  /** px */ thick: number;
  /** its far end, px */ end: Spot;
  /** the same on the floor, mm */ xMm: number;
  yMm: number;
  /** whether somebody has said where its far end stands */ placed: boolean;
  /** an outlet, and how it stands; null where another duct goes on */ outlet: 'open' | 'closable' | 'shut' | null;
  insulated: boolean;
  /** two lines: what it is called, and what flows there */ label: Spot & { anchor: 'start' | 'middle' | 'end'; lines: string[] };
  /** too little air, or too hot, by what is found of it */ poor: boolean;
}
export interface DuctDrawing {
  width: number;
  height: number;
  /** px a mm */ scale: number;
  floor: string;
  heater: Spot & { size: number; turnDeg: number };
  ducts: DrawnDuct[];
  /** only assumed: nobody has entered one */ assumed: boolean;
  /** why nothing flows yet */ missing: NotMeasured | null;
  words: string;
}

const roomMm = 140;
/** A duct whose end nobody has placed is drawn so long, mm, at most. */
const unplacedMm = 900;
const flowAt = (m3H: number, c: number): string => `${formatFixed(m3H)} m³/h, ${formatFixed(c)} °C`;

/** Where each far end stands, mm: as entered, else straight on from what it comes from, side branches to either side. */
function spotsOf(rows: readonly DuctRow[], heater: Spot, aheadRad: number): Map<string, Spot> {
  const spots = new Map<string, Spot>();
  const follow = (row: DuctRow, from: Spot, ahead: number) => {
    const own = ductSpot(row);
    const far = Math.min(unplacedMm, (row.lengthM ?? 0.8) * 1000);
    const to = own ?? { x: from.x + far * Math.cos(ahead), y: from.y + far * Math.sin(ahead) };
    spots.set(row.id, to);
    const on = own ? Math.atan2(to.y - from.y, to.x - from.x) : ahead;
    childrenOf(rows, row.id).forEach((next, i, all) => follow(next, to, on + (i - (all.length - 1) / 2) * (Math.PI / 3)));
  };
  childrenOf(rows, null).forEach((row, i, all) => follow(row, heater, aheadRad + (i - (all.length - 1) / 2) * (Math.PI / 3)));
  return spots;
}

/** The list with one far end elsewhere: what is dragged is reckoned with while it is dragged. */
function withMoved(build: Build, moved: { id: string; x: number; y: number } | null): Build {
  if (!moved) return build;
  const ducts = rowsOf(build.lists, 'ducts').map((row) =>
    row.id === moved.id ? { ...row, xMm: Math.round(moved.x), yMm: Math.round(moved.y) } : row,
  );
  return { ...build, lists: { ...build.lists, ducts } };
}

/**
 * The duct tree to scale on the floor, from above, front at the left, with what flows at each outlet.
 * @param moved a far end that is being dragged, mm
 * @param stand what would be if
 * @param labelsOf a drawing of the same tree whose labels keep their side: while something is dragged they are not settled anew
 * @returns null while nobody has said how large the floor is
 */
export function layoutDucts(
  kept: Build,
  width: number,
  most: number,
  {
    moved = null,
    stand = {},
    labelsOf = null,
  }: { moved?: { id: string; x: number; y: number } | null; stand?: Stand | undefined; labelsOf?: DuctDrawing | null } = {},
): DuctDrawing | null {
  const build = withMoved(takeAssumed(kept), moved);
  const [long, wide] = [valueAt(build.sheets, 'siting.floorLengthMm'), valueAt(build.sheets, 'siting.floorWidthMm')];
  if (long === null || wide === null) return null;
  const rows = rowsOf(build.lists, 'ducts').filter((row, _, all) => !inRing(all, row));
  const all = rowsOf(build.lists, 'ducts');
  const place = placeOf(build) ?? { x: long / 2, y: wide / 2 };
  const turnDeg = valueAt(build.sheets, 'siting.heaterTurnDeg') ?? 0;
  const spots = spotsOf(rows, place, (-turnDeg * Math.PI) / 180);
  // What leads out of the floor still shows.
  const xs = [0, long, ...[...spots.values()].map(({ x }) => x)];
  const ys = [0, wide, ...[...spots.values()].map(({ y }) => y)];
  const [left, right] = [Math.min(...xs) - roomMm, Math.max(...xs) + roomMm];
  const [low, high] = [Math.min(...ys) - roomMm, Math.max(...ys) + roomMm];
  const scale = Math.min(width / (right - left), most / (high - low));
  const height = Math.round((high - low) * scale);
  const inset = (width - (right - left) * scale) / 2;
  const x = (mm: number) => round(inset + (mm - left) * scale);
  const y = (mm: number) => round(height - (mm - low) * scale);
  const at = (spot: Spot): Spot => ({ x: x(spot.x), y: y(spot.y) });

  const tree = computeOrMissing<DuctTree>(() => ductTree(readerOf(build)));
  const flow = 'missing' in tree ? null : tree.value.flow(stand);
  const limitC = readerOf(build).limit('outletMaxC').value;
  const evenKgS =
    'missing' in tree || !flow ? 0 : flow.massKgS / Math.max(1, tree.value.outlets.filter(({ open }) => open > 0).length);
  const leastShare = readerOf(build).limit('outletShareMinPercent').value / 100;

  const lines: Spot[][] = [];
  const ducts = rows.map((row): DrawnDuct => {
    const i = all.findIndex(({ id }) => id === row.id);
    const parent = parentOf(rows, row);
    const from = parent ? (spots.get(parent.id) ?? place) : place;
    const to = spots.get(row.id) ?? place;
    const placed = ductSpot(row) !== null;
    const corner = placed ? [{ x: to.x, y: from.y }] : [];
    const way = [from, ...corner, to].map(at);
    lines.push(way);
    const found = flow?.byId.get(row.id);
    const m3H = found && found.massKgS > 0 ? (found.massKgS * 3600) / 1.2 : 0;
    const end = at(to);
    const outlet =
      row.end === undefined || row.end === 'on'
        ? null
        : row.end === 'open'
          ? 'open'
          : row.closedPercent === 100 || stand.shut
            ? 'shut'
            : 'closable';
    const name = ductName(row, i);
    return {
      id: row.id,
      name,
      d: bent(way, 12),
      thick: round(Math.max(5, (row.boreMm ?? 60) * scale)),
      end,
      xMm: Math.round(to.x),
      yMm: Math.round(to.y),
      placed,
      outlet,
      insulated: row.insulated === 'yes',
      label: {
        x: end.x + (end.x > width * 0.7 ? -16 : 16),
        y: end.y - 6,
        anchor: end.x > width * 0.7 ? 'end' : 'start',
        lines: outlet && found ? [name, outlet === 'shut' ? 'shut' : flowAt(m3H, found.toC)] : [name],
      },
      poor:
        outlet !== null &&
        outlet !== 'shut' &&
        found !== undefined &&
        (found.toC > limitC || found.massKgS < leastShare * evenKgS),
    };
  });
  const corners = [at({ x: 0, y: 0 }), at({ x: long, y: 0 }), at({ x: long, y: wide }), at({ x: 0, y: wide })];
  if (labelsOf) keepLabels(ducts, labelsOf.ducts);
  else settle(ducts, [...lines, [...corners, ...corners.slice(0, 1)]], at(place), { width, height });
  const floor = closed(corners);
  return {
    width,
    height,
    scale,
    floor,
    heater: { ...at(place), size: round(Math.max(16, 300 * scale)), turnDeg },
    ducts,
    assumed: isTakenList(build, 'ducts') || figureAt(build.sheets, 'siting.floorLengthMm').assumed === true,
    missing: 'missing' in tree ? tree.missing : null,
    words: ducts
      .filter(({ outlet }) => outlet)
      .map(({ label }) => label.lines.join(': '))
      .join('; '),
  };
}

/** Labels give way to ducts and each other. */
function settle(ducts: readonly DrawnDuct[], lines: readonly Spot[][], heater: Spot, sheet: { width: number; height: number }) {
  const obstacles: Box[] = [
    ...lines.flatMap((line, i) => strokeBoxes(line, ducts[i]?.thick ?? 2)),
    ...ducts.map(({ end }) => ({ cx: end.x, cy: end.y, w: 30, h: 30 })),
    { cx: heater.x, cy: heater.y, w: 60, h: 34 },
  ];
  const box = ({ label }: DrawnDuct): Box => {
    const w = Math.max(...label.lines.map((line, i) => line.length * (i === 0 ? 7.6 : 8.8)));
    return {
      cx: label.anchor === 'end' ? label.x - w / 2 : label.x + w / 2,
      cy: label.y + (label.lines.length - 1) * 9 - 4,
      w,
      h: label.lines.length * 18,
    };
  };
  const wanted = ducts.map((duct): Box => {
    const right = box(duct);
    const { label, end } = duct;
    const left: DrawnDuct = { ...duct, label: { ...label, x: end.x - 16, anchor: 'end' } };
    if (
      label.anchor === 'end' ||
      coveredPx2(box(left), obstacles) >= coveredPx2(right, obstacles) ||
      box(left).cx < box(left).w / 2
    )
      return right;
    Object.assign(label, { x: left.label.x, anchor: 'end' });
    return box(left);
  });
  placeLabels(wanted, obstacles, sheet).forEach(({ cx, cy }, i) => {
    const [label, from] = [ducts[i]?.label, wanted[i]];
    if (label && from) Object.assign(label, { x: round(label.x + cx - from.cx), y: round(label.y + cy - from.cy) });
  });
}

/** Labels stand from their ends as they do in another drawing of the same ducts. */
function keepLabels(ducts: readonly DrawnDuct[], from: readonly DrawnDuct[]): void {
  const known = new Map(from.map((duct) => [duct.id, duct]));
  for (const { id, label, end } of ducts) {
    const before = known.get(id);
    if (before)
      Object.assign(label, {
        x: round(end.x + before.label.x - before.end.x),
        y: round(end.y + before.label.y - before.end.y),
        anchor: before.label.anchor,
      });
  }
}
