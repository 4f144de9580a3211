import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { figureAt, valueAt, type FigurePath } from '../../build/sheets';
import { takeAssumed } from '../../build/takeAssumed';

export type Hung = 'panel' | 'sensor';
export const hungPaths = {
  panel: ['controller.panelXMm', 'controller.panelYMm'],
  sensor: ['controller.sensorXMm', 'controller.sensorYMm'],
} as const satisfies Record<Hung, readonly [FigurePath, FigurePath]>;
const floorPaths = ['siting.floorLengthMm', 'siting.floorWidthMm', 'siting.heaterXMm', 'siting.heaterYMm'] as const;

type Anchor = 'start' | 'middle' | 'end';
export interface PlaceDrawing {
  width: number;
  height: number;
  /** px a mm */ scale: number;
  floor: { x: number; y: number; w: number; h: number };
  heater: { x: number; y: number };
  /** floor or heater are only assumed */ assumed: boolean;
  outlets: { id: string; name: string; x: number; y: number; nearPx: number; anchor: Anchor }[];
  hung: { id: Hung; x: number; y: number; xMm: number; yMm: number; said: boolean; anchor: Anchor }[];
  /** the lead along the sides, from heater to panel */ lead: string;
}
/** Nearer than this to a side a name would run off, px. */
const sidePx = 110;
const pad = { left: 16, right: 16, top: 16, bottom: 30 };

/**
 * The floor from above with heater, outlets, panel and sensor; front at the left. What nobody has placed stands where it can be taken from: at the front.
 * @param apartMm as near to an outlet no sensor is to hang
 * @returns null while floor or heater are not known
 */
export function placePicture(build: Build, width: number, apartMm: number): PlaceDrawing | null {
  const taken = takeAssumed(build);
  const [length, wide, heaterX, heaterY] = floorPaths.map((path) => valueAt(taken.sheets, path));
  if (length == null || wide == null || heaterX == null || heaterY == null) return null;
  const scale = Math.max(0.01, (width - pad.left - pad.right) / length);
  const x = (mm: number) => pad.left + mm * scale;
  const y = (mm: number) => pad.top + mm * scale;
  // A name near a side of the page runs inwards from it.
  const anchorOf = (px: number): Anchor => (px < sidePx ? 'start' : px > width - sidePx ? 'end' : 'middle');
  const outlets = rowsOf(taken.lists, 'ducts').flatMap(({ id, name, end, xMm, yMm }, i) =>
    end === 'on' || end === undefined || xMm === undefined || yMm === undefined
      ? []
      : [{ id, name: name ?? `outlet ${i + 1}`, x: x(xMm), y: y(yMm), nearPx: apartMm * scale, anchor: anchorOf(x(xMm)) }],
  );
  const hung = (['panel', 'sensor'] as const).map((id, i) => {
    const [atX, atY] = hungPaths[id].map((path) => valueAt(taken.sheets, path));
    const [xMm, yMm] = [atX ?? length * 0.06, atY ?? wide * (0.3 + 0.35 * i)];
    return { id, x: x(xMm), y: y(yMm), xMm, yMm, said: atX != null && atY != null, anchor: anchorOf(x(xMm)) };
  });
  const panel = hung[0];
  const heater = { x: x(heaterX), y: y(heaterY) };
  return {
    width,
    height: pad.top + wide * scale + pad.bottom,
    scale,
    floor: { x: x(0), y: y(0), w: length * scale, h: wide * scale },
    heater,
    assumed: floorPaths.some((path) => figureAt(taken.sheets, path).assumed),
    outlets,
    hung,
    lead: panel?.said ? `M${heater.x},${heater.y}H${panel.x}V${panel.y}` : '',
  };
}
