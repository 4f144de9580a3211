import type { Build } from '../../build/Build';
import { takeAssumed } from '../../build/takeAssumed';
import { valueAt, type FigurePath, type ValueAt } from '../../build/sheets';
import { upperFirst } from '../../units/formatNumber';
import type { Finding } from '../../checks/Finding';
import type { Mark, PathMark, Spot, TextMark } from '../run/marks';
import { lineWidths, round } from '../run/Pen';
import { cellInWords, cellKey, inkOfCell, type DrawnCell } from './DrawnCell';
import { settleBoxes } from './settleBoxes';
import { boxSize, type Dimension, type FormDrawing, type Pin } from './FormDrawing';

/** A figure by its path, or any cell. */
export type CellOf = FigurePath | DrawnCell;
const cellOf = (of: CellOf): DrawnCell => (typeof of === 'string' ? { path: of } : of);

/** Puts marks, dimensions and findings on a drawing of one build. */
export class FormPen {
  readonly marks: Mark[] = [];
  readonly dimensions: Dimension[] = [];
  readonly pins: Pin[] = [];
  /** with what is assumed in it: shapes are drawn of it, dotted */ private readonly taken: Build;
  constructor(
    readonly build: Build,
    readonly findings: readonly Finding[],
  ) {
    this.taken = takeAssumed(build);
  }

  value<P extends FigurePath>(path: P): ValueAt<P> | null {
    return valueAt<P>(this.taken.sheets, path);
  }
  /** A number, or what is usual where nobody has said. */
  usual(path: FigurePath, otherwise: number): number {
    const value = valueAt(this.taken.sheets, path);
    return typeof value === 'number' ? value : otherwise;
  }
  /** @param of the figures that the shape rests on: it is drawn as surely as the least known of them */
  draw(d: string, of: readonly CellOf[], more: Partial<PathMark> = {}): void {
    const inks = of.map((one) => inkOfCell(this.build, cellOf(one)));
    const ink = inks.includes('unknown') ? 'unknown' : inks.includes('planned') ? 'planned' : 'fitted';
    // A fill has no broken edge by which it could be told from what is known: what nobody has said is not filled.
    if (ink === 'unknown' && (more.width === 0 || more.name === 'hatch')) return;
    this.marks.push({ kind: 'path', d, part: null, flow: 'ink', ink, width: lineWidths[ink], ...more });
  }
  write({ x, y }: Spot, text: string, more: Partial<TextMark> = {}): void {
    this.marks.push({ kind: 'text', x: round(x), y: round(y), text, part: null, anchor: 'start', flow: 'ink', ...more });
  }
  /**
   * @param at the middle of the box in which the figure is typed
   * @param wide px, where words are chosen in it
   */
  dimension(
    of: CellOf,
    at: Spot,
    label: string,
    {
      line = '',
      label: side = 'below',
      wide = boxSize.w,
    }: { line?: string; label?: 'below' | 'above' | 'right' | 'left'; wide?: number } = {},
  ): void {
    const { h } = boxSize;
    const w = wide;
    const box = { x: round(at.x - w / 2), y: round(at.y - h / 2), w, h };
    const labelAt = {
      below: { x: at.x, y: at.y + h / 2 + 15, anchor: 'middle' as const },
      above: { x: at.x, y: at.y - h / 2 - 7, anchor: 'middle' as const },
      right: { x: at.x + w / 2 + 7, y: at.y + 5, anchor: 'start' as const },
      left: { x: at.x - w / 2 - 7, y: at.y + 5, anchor: 'end' as const },
    }[side];
    const cell = cellOf(of);
    this.dimensions.push({ cell, key: cellKey(cell), box, label, labelAt, line });
  }
  /** Where a finding sits, if there is one to tell. */
  pin(id: string, at: Spot): void {
    const finding = this.findings.find((one) => one.id === id);
    if (finding && finding.level !== 'sound' && !finding.waived)
      this.pins.push({ id, level: finding.level, x: round(at.x), y: round(at.y) });
  }
  /**
   * @param title what is seen, in a phrase
   * @param told what is told after it: each dimension, those that nobody has said as such, unless the drawing tells it better
   */
  done(
    width: number,
    height: number,
    title: string,
    told: readonly string[] = this.dimensions.map(({ cell, label }) => `${label}: ${cellInWords(this.build, cell)}`),
  ): FormDrawing {
    const { marks, pins } = this;
    const dimensions = settleBoxes(this.dimensions, width, height);
    return { width, height, marks, dimensions, pins, words: `${title}. ${upperFirst(told.join('; '))}.` };
  }
}
