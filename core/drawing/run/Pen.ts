import { pathRound, type Path } from 'd3';
import type { Build } from '../../build/Build';
import type { Part } from '../../build/field';
import { valueAt, type FigurePath, type ValueAt } from '../../build/sheets';
import type { Flow, Frame, Mark, PathMark, Spot, TextMark } from './marks';
import type { Ink, Point, RunGeometry } from './runGeometry';

export const lineWidths: Record<Ink, number> = { unknown: 1, planned: 1.5, fitted: 2.25, proven: 3.5 };
export const round = (n: number): number => Math.round(n * 10) / 10;
/** A path to a tenth of a pixel. @example shape((p) => p.rect(0, 0, 10, 5)) // "M0,0h10v5h-10Z" */
export function shape(trace: (path: Path) => void): string {
  const path = pathRound(1);
  trace(path);
  return path.toString();
}
/** A line through spots. */
export const polyline = (spots: readonly Spot[]): string =>
  shape((p) => spots.forEach(({ x, y }, i) => (i === 0 ? p.moveTo(x, y) : p.lineTo(x, y))));
export const closed = (spots: readonly Spot[]): string => `${polyline(spots)}Z`;
/** A line through spots whose bends are round, as a hose lies. */
export const bent = (spots: readonly Spot[], radius: number): string =>
  shape((p) =>
    spots.forEach(({ x, y }, i) => {
      const next = spots[i + 1];
      if (i === 0) p.moveTo(x, y);
      else if (next) p.arcTo(x, y, next.x, next.y, radius);
      else p.lineTo(x, y);
    }),
  );
/** A rectangle with round corners. */
export const roundRect = ({ x, y, w, h }: Frame, radius: number): string => {
  const r = Math.max(0, Math.min(radius, w / 2, h / 2));
  return shape((p) => {
    p.moveTo(x + r, y);
    p.arcTo(x + w, y, x + w, y + h, r);
    p.arcTo(x + w, y + h, x, y + h, r);
    p.arcTo(x, y + h, x, y, r);
    p.arcTo(x, y, x + w, y, r);
    p.closePath();
  });
};
/** The rings of a corrugated pipe: short strokes across a line through spots. */
export function ringsAlong(spots: readonly Spot[], pitch: number, half: number): string {
  return shape((p) =>
    spots.slice(1).forEach((to, i) => {
      const from = spots[i] ?? to;
      const long = Math.hypot(to.x - from.x, to.y - from.y);
      const [ux, uy] = long === 0 ? [0, 0] : [(to.x - from.x) / long, (to.y - from.y) / long];
      // None within a bend.
      for (let at = pitch; at < long - pitch / 2; at += pitch) {
        const [x, y] = [from.x + ux * at, from.y + uy * at];
        p.moveTo(x - uy * half, y + ux * half);
        p.lineTo(x + uy * half, y - ux * half);
      }
    }),
  );
}
/** A box to touch about a middle: never smaller than a thumb. */
export const touchBox = (cx: number, cy: number, w: number, h: number): Frame => ({
  x: round(cx - Math.max(w, 44) / 2),
  y: round(cy - Math.max(h, 44) / 2),
  w: round(Math.max(w, 44)),
  h: round(Math.max(h, 44)),
});

/** How millimetres lie on the drawing. */
export interface Scale {
  width: number;
  height: number;
  /** px per mm */ perMm: number;
  x: (mm: number) => number;
  y: (mm: number) => number;
}

/** Puts marks on the drawing of one build. */
export class Pen {
  readonly marks: Mark[] = [];
  constructor(
    readonly build: Build,
    readonly geometry: RunGeometry,
    readonly scale: Scale,
  ) {}

  at({ x, z }: Point): Spot {
    return { x: this.scale.x(x), y: this.scale.y(z) };
  }
  value<P extends FigurePath>(path: P): ValueAt<P> | null {
    return valueAt<P>(this.build.sheets, path);
  }
  /** Line width of a part as surely as it is known, px. */
  width(part: Part): number {
    return lineWidths[this.geometry.ink[part]];
  }
  draw(part: Part | null, flow: Flow, d: string, more: Partial<PathMark> = {}): void {
    const ink = part ? this.geometry.ink[part] : 'fitted';
    this.marks.push({ kind: 'path', d, part, flow, ink, width: lineWidths[ink], ...more });
  }
  write(part: Part | null, { x, y }: Spot, text: string, more: Partial<TextMark> = {}): void {
    this.marks.push({ kind: 'text', x: round(x), y: round(y), text, part, anchor: 'start', flow: 'ink', ...more });
  }
}
