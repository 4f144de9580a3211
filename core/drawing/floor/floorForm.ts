import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import type { FigurePath } from '../../build/sheets';
import type { Finding } from '../../checks/Finding';
import { placeOf } from '../../model/siting/SitingPlan';
import { lyingDimension, uprightDimension } from '../form/dimensionLines';
import type { DrawnCell } from '../form/DrawnCell';
import type { FormDrawing } from '../form/FormDrawing';
import { FormPen, type CellOf } from '../form/FormPen';
import type { FloorDrawing, FloorView } from './layoutFloor';

/** Figures that are typed on the floor sheet; while a thing is chosen its own place stands there in place of the heater's. */
export const typedOnFloor = (selected: string | null): readonly FigurePath[] => [
  'siting.floorLengthMm',
  'siting.floorWidthMm',
  ...(selected === null ? (['siting.heaterXMm', 'siting.heaterYMm', 'siting.heaterTurnDeg'] as const) : []),
];

/** px from the sheet's edge to the middle of the fields along it. */
const [side, top, bottom] = [54, 26, 44];

/**
 * What is typed on the floor sheet: the floor's size, and of the heater, or of the thing that was touched, how far it is from the front and
 * from the left.
 * @param selected the row of a thing below or above the floor; null for the heater
 */
export function floorForm(
  build: Build,
  findings: readonly Finding[],
  { drawing, view, selected }: { drawing: FloorDrawing; view: FloorView; selected: string | null },
): FormDrawing {
  const { floor, scale, width, height } = drawing;
  const pen = new FormPen(build, findings);
  const x = (mm: number) => floor.x + mm * scale;
  const y = (mm: number) => (view === 'above' ? floor.y + floor.h - mm * scale : floor.y + mm * scale);
  const [right, low] = [width - side, height - bottom];
  /** Along the sheet's upper edge, or its lower one. */
  const lying = (of: CellOf, label: string, at: number, ends: readonly [number, number] | null, usual: number, from: number) => {
    const middle = ends ? (x(ends[0]) + x(ends[1])) / 2 : usual;
    pen.dimension(of, { x: middle, y: at }, label, { line: ends ? lyingDimension(at, x(ends[0]), x(ends[1]), from) : '' });
  };
  /** Along its right edge, or its left one. */
  const upright = (
    of: CellOf,
    label: string,
    at: number,
    ends: readonly [number, number] | null,
    usual: number,
    from: number,
  ) => {
    const middle = ends ? (y(ends[0]) + y(ends[1])) / 2 : usual;
    pen.dimension(of, { x: at, y: middle }, label, { line: ends ? uprightDimension(at, y(ends[0]), y(ends[1]), from) : '' });
  };
  const [acrossMiddle, downMiddle] = [floor.x + floor.w / 2, floor.y + floor.h / 2];
  const list = (['obstacles', 'above'] as const).find((one) => rowsOf(build.lists, one).some(({ id }) => id === selected));
  const row = list && rowsOf(build.lists, list).find(({ id }) => id === selected);
  if (list && row) {
    const cell = (column: string): DrawnCell => ({ list, row: row.id, column });
    const { xMm, yMm, lengthMm, widthMm } = row;
    const after = (from: number | undefined, size: number | undefined) =>
      from !== undefined && size !== undefined ? ([from, from + size] as const) : null;
    const toIt = (mm: number | undefined) => (mm === undefined ? null : ([0, mm] as const));
    lying(cell('xMm'), 'from the front', top, toIt(xMm), acrossMiddle - 110, y(yMm ?? 0));
    lying(cell('lengthMm'), 'long', top, after(xMm, lengthMm), acrossMiddle + 110, y(yMm ?? 0));
    upright(cell('yMm'), 'from the left', right, toIt(yMm), downMiddle + 60, x(xMm ?? 0));
    upright(cell('widthMm'), 'wide', right, after(yMm, widthMm), downMiddle - 60, x((xMm ?? 0) + (lengthMm ?? 0)));
  } else {
    const place = placeOf(build);
    lying('siting.heaterXMm', 'from the front', top, place && [0, place.x], acrossMiddle, y(place?.y ?? 0));
    upright('siting.heaterYMm', 'from the left', right, place && [0, place.y], downMiddle, x(place?.x ?? 0));
    pen.dimension('siting.heaterTurnDeg', { x: right, y: low }, 'hot end turned');
    const middle = drawing.heater?.middle;
    if (middle)
      ['siting.inlet', 'siting.hot', 'siting.below', 'siting.orientation'].forEach((id, i) =>
        pen.pin(id, { x: middle.x - 36 + 24 * i, y: middle.y + (drawing.heater?.box.h ?? 0) / 2 + 14 }),
      );
  }
  const known = (path: 'siting.floorLengthMm' | 'siting.floorWidthMm') => pen.value(path);
  const [long, wide] = [known('siting.floorLengthMm'), known('siting.floorWidthMm')];
  lying('siting.floorLengthMm', 'floor, long', low, long === null ? null : [0, long], acrossMiddle, floor.y + floor.h);
  upright('siting.floorWidthMm', 'floor, wide', side, wide === null ? null : [0, wide], downMiddle, floor.x);
  return pen.done(width, height, view === 'above' ? 'The floor from above' : 'The floor as seen lying underneath, mirrored');
}
