import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { takeAssumed } from '../../build/takeAssumed';
import { readerOf } from '../../figures/readerOf';
import {
  cableName,
  loomName,
  isSignal,
  loomOf,
  mainSource,
  pole,
  type Loom,
  type LoomKind,
  type LoomMoment,
  type LoomRow,
} from '../../model/wiring/loomOf';
import { lostIn } from '../../model/wiring/mostLost';
import { testPoints } from '../../model/wiring/whereLost';
import { computeOrMissing, type NotMeasured } from '../../reading/NotMeasured';
import { formatFixed, formatShort, shorten } from '../../units/formatNumber';
import { arrangedOnce, asidePx, box, edgePx, movableFromPx, type Spot } from './arrangeLoom';
import { bent, round } from '../run/Pen';

export interface DrawnLoomPart extends Spot {
  id: string;
  name: string;
  kind: LoomKind | 'unknown';
  /** px; x and y are its middle */ w: number;
  h: number;
  /** what it is called, and what is to be known of it */ lines: string[];
  /** badly made, badly seated, or switched off */ poor: boolean;
}
export interface DrawnWire {
  id: string;
  name: string;
  d: string;
  wire: 'plus' | 'minus' | 'signal';
  /** px: its amps */ thick: number;
  /** not used in this build */ spare: boolean;
  /** passes what hurts it, unguarded */ poor: boolean;
  /** how long and thick beside one side of it, what it loses beside the other */ labels: (Spot & {
    text: string;
    anchor: 'start' | 'middle';
    lost: boolean;
  })[];
}
export interface LoomDrawing {
  width: number;
  height: number;
  /** from the left to the right; else from the top down */ across: boolean;
  /** parts are moved by hand: not on a narrow page */ movable: boolean;
  parts: DrawnLoomPart[];
  wires: DrawnWire[];
  /** why nothing is solved yet */ missing: NotMeasured | null;
  words: string;
}

/** A letter of a box’s text is about so wide, px. */
const charPx = 7.5;
const bendPx = 8;
/** px of a wire: as thin as it can be seen, more an ampere, and no thicker. */
const thickOf = (amps: number): number => round(Math.min(9, 1.6 + 0.5 * amps));
/** From one box to another where somebody has moved one of them: along, across, along; wires beside each other keep apart. */
function wayBetween(a: Spot, b: Spot, aside: number): { points: Spot[]; label: Spot } {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const sideways = Math.abs(dx) - box.w >= Math.abs(dy) - box.h;
  const turn = (along: number) => (along < 0 ? -1 : 1);
  if (sideways) {
    const [from, to] = [a.x + (turn(dx) * box.w) / 2, b.x - (turn(dx) * box.w) / 2];
    const middle = (from + to) / 2 + aside;
    const [y0, y1] = [a.y + aside, b.y + aside];
    return { points: [{ x: from, y: y0 }, { x: middle, y: y0 }, { x: middle, y: y1 }, { x: to, y: y1 }], label: { x: middle, y: (y0 + y1) / 2 } }; // prettier-ignore
  }
  const [from, to] = [a.y + (turn(dy) * box.h) / 2, b.y - (turn(dy) * box.h) / 2];
  const middle = (from + to) / 2 + aside;
  const [x0, x1] = [a.x + aside, b.x + aside];
  return { points: [{ x: x0, y: from }, { x: x0, y: middle }, { x: x1, y: middle }, { x: x1, y: to }], label: { x: (x0 + x1) / 2, y: middle } }; // prettier-ignore
}
const asideOf = { plus: -10, minus: 10, signal: 0 } as const;

/** Above and below a wire that lies; under each other to the right of one that hangs. */
const labelsOf = (texts: readonly { text: string; lost: boolean }[], { x, y }: Spot, across: boolean): DrawnWire['labels'] =>
  texts.map((one, i) => ({
    ...one,
    x: round(x),
    y: round(across ? y + (one.lost ? 17 : -8) : y + 5 + (i - (texts.length - 1) / 2) * 15),
    anchor: across ? ('middle' as const) : ('start' as const),
  }));

/** What a part shows beside its name. */
function toldOf(row: LoomRow, loom: Loom | null, volts: number | undefined): string {
  const v = volts === undefined ? '' : `${formatFixed(volts, 2)} V`;
  if (row.open === 'yes') return 'off';
  if (row.kind === 'fuse' || row.ratingA !== undefined) return `${formatShort(row.ratingA ?? 0)} A${v ? ` ${v}` : ''}`;
  if (row.kind === 'charger' || row.kind === 'solar') return `${formatShort(row.givesA ?? 0)} A`;
  if (row.kind === 'load') return `${formatShort(row.drawsA ?? 0)} A`;
  return loom ? v : '';
}
const isPoor = (row: LoomRow): boolean =>
  (row.kind === 'earth' && row.seat !== undefined && row.seat !== 'metal') ||
  (row.kind === 'joint' && (row.made === 'twisted' || row.sealed === 'no')) ||
  row.open === 'yes';

/**
 * The loom: parts where dagre or a hand has put them, wires as thick as what flows, with what each loses.
 * @param width px, 300 and up
 * @param moved a part that is being dragged, px
 * @returns null while nobody has entered a part
 */
export function layoutLoom(
  build: Build,
  width: number,
  moment: LoomMoment,
  moved: { id: string; x: number; y: number } | null = null,
): LoomDrawing | null {
  const { lists } = build;
  const [rows, cables] = [rowsOf(lists, 'loomParts'), rowsOf(lists, 'cables')];
  if (rows.length === 0) return null;
  const movable = width >= movableFromPx;
  const still = arrangedOnce(rows, cables, width);
  const found = computeOrMissing(() => loomOf(readerOf(takeAssumed(build))));
  const loom = 'missing' in found ? null : found.value;
  const solved = loom?.at(moment);
  const lost = new Map(loom ? lostIn(loom, moment).map((one) => [one.id, one]) : []);
  const points = new Map(loom ? testPoints(loom).map((one) => [one.id, one]) : []);
  const voltsAt = (id: string): number | undefined => {
    if (!loom || !solved) return undefined;
    const between = (part: string) => (solved.volts.get(pole(part, 'plus')) ?? 0) - (solved.volts.get(pole(part, 'minus')) ?? 0);
    if (id === loom.heater.id || loom.sources.some((source) => source.id === id)) return between(id);
    const expected = points.get(id)?.expectedV;
    return moment === 'both' || !expected ? undefined : expected[moment];
  };
  const handSet = new Set<string>();
  const spotOf = (row: LoomRow): Spot => {
    if (movable && moved?.id === row.id) {
      handSet.add(row.id);
      return moved;
    }
    if (movable && row.xPx !== undefined && row.yPx !== undefined) {
      handSet.add(row.id);
      return { x: row.xPx, y: row.yPx };
    }
    return still.spots.get(row.id) ?? { x: box.w, y: box.h };
  };
  const spots = new Map(rows.map((row) => [row.id, spotOf(row)]));
  const parts = rows.map((row, i): DrawnLoomPart => {
    const { x, y } = spots.get(row.id) ?? { x: 0, y: 0 };
    const name = loomName(row, i);
    const lead = cables.find(({ fromId, toId, wire }) => wire === 'signal' && (fromId === row.id || toId === row.id));
    const led = row.kind && isSignal(row.kind) && lead?.lengthM !== undefined ? `${formatShort(lead.lengthM)} m` : '';
    const lines = [name, led || toldOf(row, loom, voltsAt(row.id))]
      .filter(Boolean)
      .map((text) => shorten(text, Math.floor(box.w / charPx)));
    return {
      id: row.id,
      name,
      kind: row.kind ?? 'unknown',
      x: round(x),
      y: round(y),
      w: box.w,
      h: box.h,
      lines,
      poor: isPoor(row),
    };
  });
  const wires = cables.flatMap((row): DrawnWire[] => {
    const [a, b] = [spots.get(row.fromId ?? ''), spots.get(row.toId ?? '')];
    if (!a || !b || row.fromId === row.toId) return [];
    const wire = row.wire ?? 'signal';
    const byHand = handSet.has(row.fromId ?? '') || handSet.has(row.toId ?? '');
    const way = (byHand ? null : still.ways.get(row.id)) ?? wayBetween(a, b, asideOf[wire]);
    const gone = lost.get(row.id);
    const laid = [
      row.lengthM === undefined ? '' : `${formatShort(row.lengthM)} m`,
      row.areaMm2 === undefined ? '' : `${formatShort(row.areaMm2)} mm²`,
    ];
    const used = (row.use ?? 'used') === 'used';
    return [
      {
        id: row.id,
        name: cableName(row, rows),
        d: bent(way.points, bendPx),
        wire,
        thick: thickOf(gone?.amps ?? 0),
        spare: !used,
        poor: (row.near !== undefined && row.near !== 'clear' && (row.guard ?? 'none') === 'none') || row.use === 'bare',
        labels: labelsOf(
          [
            ...(wire === 'signal' ? [] : still.across ? [laid.filter(Boolean).join(', ')] : laid).map((text) => ({
              text,
              lost: false,
            })),
            { text: used && gone && wire !== 'signal' ? `${formatFixed(gone.lostV, 2)} V` : '', lost: true },
          ].filter(({ text }) => text !== ''),
          { x: way.label.x + (byHand && !still.across ? asidePx : 0), y: way.label.y },
          still.across,
        ),
      },
    ];
  });
  const reach = (values: readonly number[], least: number) => Math.ceil(Math.max(least, ...values));
  const drawing = {
    width: reach(
      parts.map(({ x, w }) => x + w / 2 + edgePx),
      byHandOnly(handSet, still.width),
    ),
    height: reach(
      parts.map(({ y, h }) => y + h / 2 + edgePx),
      byHandOnly(handSet, still.height),
    ),
  };
  return {
    ...drawing,
    movable,
    across: still.across,
    parts,
    wires,
    missing: 'missing' in found ? found.missing : null,
    words: inWords(loom, parts, wires),
  };
}
const byHandOnly = (handSet: ReadonlySet<string>, most: number): number => (handSet.size === 0 ? most : 0);

/** The loom in words: what joins what, and what is lost there. */
function inWords(loom: Loom | null, parts: readonly DrawnLoomPart[], wires: readonly DrawnWire[]): string {
  const begins = loom ? `From ${mainSource(loom).name}. ` : '';
  return `${begins}${wires.map(({ name, labels }) => `${name}: ${labels.map(({ text }) => text).join(', ')}`).join('; ')}. ${parts.map(({ lines }) => lines.join(' ')).join('; ')}.`;
}
