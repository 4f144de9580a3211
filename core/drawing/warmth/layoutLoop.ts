import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { isTakenList, takeAssumed } from '../../build/takeAssumed';
import { readerOf } from '../../figures/readerOf';
import {
  limbsOf,
  loopInWords,
  loopOf,
  loopParts,
  loopSteps,
  partsOf,
  workC,
  type LoopPart,
  type LoopStep,
} from '../../model/warmth/loopOf';
import { computeOrMissing, type NotMeasured } from '../../reading/NotMeasured';
import { formatFixed, formatShort, shorten } from '../../units/formatNumber';
import { bent, round } from '../run/Pen';

export interface DrawnPart {
  id: string;
  name: string;
  kind: NonNullable<LoopPart['kind']> | 'unknown';
  /** px */ x: number;
  y: number;
  w: number;
  h: number;
  /** what it is called, and what passes it */ lines: string[];
  /** stands against the flow, or shuts it off */ wrong: boolean;
  bled: boolean;
}
export interface LoopDrawing {
  width: number;
  height: number;
  parts: DrawnPart[];
  /** what joins them */ lines: { d: string; warm: boolean }[];
  /** where the flow goes, px, and which way, degrees */ arrows: { x: number; y: number; deg: number }[];
  assumed: boolean;
  missing: NotMeasured | null;
  words: string;
}

const box = { w: 132, h: 56 } as const;
const gap = { along: 34, across: 26 } as const;
const margin = 40;
/** A letter of a box’s text is about so wide, px. */
const charPx = 7.7;
/** Narrower than so many parts beside each other, the loop is drawn from the top down. */
const leastAcross = 3;

/** Steps as lines of boxes that wind down the page: as many beside each other as there is room for. */
function linesOf(steps: readonly LoopStep[], across: number): LoopStep[][] {
  const lines: LoopStep[][] = [[]];
  let used = 0;
  for (const step of steps) {
    const needs = Math.max(...limbsOf(step).map((limb) => limb.length));
    if (used > 0 && used + needs > across) {
      lines.push([]);
      used = 0;
    }
    lines[lines.length - 1]?.push(step);
    used += needs;
  }
  return lines;
}

interface Spot {
  x: number;
  y: number;
}
interface Sketch {
  joins: LoopDrawing['lines'];
  arrows: LoopDrawing['arrows'];
}
type Draw = (part: LoopPart, x: number, y: number, w: number) => void;

/** How many places a way lies beside the middle of all. */
const asideOf = (i: number, ways: number): number => i - (ways - 1) / 2;

/** From the top down, limbs beside each other, and home along the left. @returns its height, px */
function downward(steps: readonly LoopStep[], width: number, draw: Draw, sketch: Sketch): number {
  const cx = width / 2 + 8;
  const apart = 12;
  const top = 22;
  let y = top + 14;
  for (const step of steps) {
    const limbs = limbsOf(step);
    const long = Math.max(...limbs.map((limb) => limb.length), 1);
    const deep = long * box.h + (long - 1) * 20;
    const wide = Math.min(box.w, (width - margin) / limbs.length - apart);
    limbs.forEach((limb, i) => {
      const x = cx + asideOf(i, limbs.length) * (wide + apart);
      const end = { x: cx, y: y + deep + 20 };
      sketch.joins.push({
        d: bent(
          [{ x: cx, y: y - 20 }, { x: cx, y: y - 8 }, { x, y: y - 8 }, { x, y: y + deep + 8 }, { x: cx, y: y + deep + 8 }, end],
          6,
        ),
        warm: true,
      });
      limb.forEach((part, k) => draw(part, x - wide / 2, y + k * (box.h + 20), wide));
    });
    sketch.arrows.push({ x: cx, y: y - 10, deg: 90 });
    y += deep + 30;
  }
  sketch.joins.push({
    d: bent(
      [
        { x: cx, y: y - 12 },
        { x: cx, y: y + 2 },
        { x: 14, y: y + 2 },
        { x: 14, y: top - 8 },
        { x: cx, y: top - 8 },
        { x: cx, y: top + 2 },
      ],
      10,
    ),
    warm: false,
  });
  sketch.arrows.push({ x: 14, y: (y + top) / 2, deg: 270 });
  return y + 14;
}

/** From the left to the right, the next line below back again. @returns its height, px */
function winding(steps: readonly LoopStep[], width: number, across: number, draw: Draw, sketch: Sketch): number {
  const lines = linesOf(steps, across);
  let y = 24;
  let from: Spot | null = null;
  let first: Spot | null = null;
  lines.forEach((line, n) => {
    const leftward = n % 2 === 1;
    const most = Math.max(...line.map((step) => limbsOf(step).length));
    const high = most * (box.h + gap.across) - gap.across;
    const middle = y + high / 2;
    let x = leftward ? width - margin : margin;
    const turn = leftward ? -1 : 1;
    for (const step of line) {
      const limbs = limbsOf(step);
      const long = Math.max(...limbs.map((limb) => limb.length), 1);
      const wide = long * box.w + (long - 1) * gap.along;
      const enter = { x, y: middle };
      const leave = { x: x + turn * wide, y: middle };
      if (from) {
        // Down to the next line outside of both.
        const side = leftward ? Math.max(from.x, enter.x) + 20 : Math.min(from.x, enter.x) - 20;
        const corner =
          from.y === enter.y
            ? []
            : [
                { x: side, y: from.y },
                { x: side, y: enter.y },
              ];
        sketch.joins.push({ d: bent([from, ...corner, enter], 12), warm: true });
        if (from.y === enter.y) sketch.arrows.push({ x: (from.x + enter.x) / 2, y: enter.y, deg: leftward ? 180 : 0 });
      }
      first ??= enter;
      limbs.forEach((limb, i) => {
        const at = middle + asideOf(i, limbs.length) * (box.h + gap.across);
        if (limbs.length > 1)
          sketch.joins.push({
            d: bent(
              [
                enter,
                { x: enter.x + turn * 6, y: enter.y },
                { x: enter.x + turn * 6, y: at },
                { x: leave.x - turn * 6, y: at },
                { x: leave.x - turn * 6, y: leave.y },
                leave,
              ],
              8,
            ),
            warm: true,
          });
        limb.forEach((part, k) => {
          const begin = x + turn * k * (box.w + gap.along);
          draw(part, leftward ? begin - box.w : begin, at - box.h / 2, box.w);
        });
      });
      from = leave;
      x = leave.x + turn * gap.along;
    }
    y += high + 34;
  });
  const height = y + 14;
  const [last, begin] = [from as Spot | null, first as Spot | null];
  if (last && begin) {
    const homeward = lines.length % 2 === 0;
    const bottom = homeward ? last.y : height - 16;
    const corner = homeward
      ? []
      : [
          { x: last.x + 18, y: last.y },
          { x: last.x + 18, y: bottom },
        ];
    sketch.joins.push({ d: bent([last, ...corner, { x: 14, y: bottom }, { x: 14, y: begin.y }, begin], 12), warm: false });
    sketch.arrows.push({ x: 14, y: (bottom + begin.y) / 2, deg: 270 }, { x: 28, y: begin.y, deg: 0 });
  }
  return height;
}

/**
 * The loop in the order of flow: from the left to the right, the next line below back again, and home along the left; limbs one above the other.
 * @param width px, 300 and up
 * @returns null while nobody has entered a part of it
 */
export function layoutLoop(kept: Build, width: number): LoopDrawing | null {
  const build = takeAssumed(kept);
  const rows = rowsOf(build.lists, 'loop');
  if (rows.length === 0) return null;
  const loop = computeOrMissing(() => loopOf(readerOf(build)));
  const flow = 'missing' in loop ? null : loop.value.flowAt(workC);
  const steps = loopSteps(loopParts(rows));
  const across = Math.max(1, Math.floor((width - 2 * margin + gap.along) / (box.w + gap.along)));
  const sketch: Sketch = { joins: [], arrows: [] };
  const parts: DrawnPart[] = [];
  const told = (part: LoopPart): string => {
    const kgS = flow?.byId.get(part.id);
    const lMin = kgS === undefined || !flow ? '' : `${formatFixed((kgS / flow.coolant.densityKgM3) * 60000, 1)} L/min`;
    if (part.kind !== 'hose') return lMin;
    return [part.lengthM && `${formatShort(part.lengthM)} m`, part.boreMm && `${formatShort(part.boreMm)} mm`]
      .filter(Boolean)
      .join(', ');
  };
  const draw: Draw = (part, x, top, w) => {
    const wrong = part.arrow === 'against' || (part.kind === 'valve' && part.shut === 'yes');
    parts.push({
      id: part.id,
      name: part.name,
      kind: part.kind ?? 'unknown',
      x: round(x),
      y: round(top),
      w: round(w),
      h: box.h,
      lines: [part.name, told(part)].filter(Boolean).map((text) => shorten(text, Math.floor(w / charPx))),
      wrong,
      bled: part.bleed === 'yes',
    });
  };
  const height = across < leastAcross ? downward(steps, width, draw, sketch) : winding(steps, width, across, draw, sketch);
  return {
    width,
    height: round(height),
    parts,
    lines: sketch.joins,
    arrows: sketch.arrows,
    assumed: isTakenList(build, 'loop'),
    missing: 'missing' in loop ? loop.missing : null,
    words: `${loopInWords(steps)}. ${steps
      .flatMap(partsOf)
      .map((part) => `${part.name}: ${told(part)}`)
      .join('; ')}`,
  };
}
