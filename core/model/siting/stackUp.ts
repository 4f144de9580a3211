import type { Need } from '../../reading/Reader';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { type RowOf } from '../../build/lists';
import { stackKinds } from '../../build/listKinds';

export interface StackLayer {
  id: string;
  name: string;
  kind: keyof typeof stackKinds;
  thicknessMm: number;
  cutBack: boolean;
}
/** From the heater's foot downwards. */
const order: readonly (keyof typeof stackKinds)[] = ['plate', 'gasket', 'covering', 'timber', 'insulation', 'metal', 'rib'];
/** How far down a layer lies, counted from the foot. */
export const stackOrder = (kind: keyof typeof stackKinds): number => order.indexOf(kind);

/** Layers in the order in which they lie, top first; a row without kind or thickness is left out. */
export function stackLayers(rows: readonly RowOf<'stack'>[]): StackLayer[] {
  return rows
    .flatMap((row) =>
      row.kind !== undefined && row.thicknessMm !== undefined
        ? [
            {
              id: row.id,
              name: row.name ?? stackKinds[row.kind],
              kind: row.kind,
              thicknessMm: row.thicknessMm,
              cutBack: row.cutBack === 'yes',
            },
          ]
        : [],
    )
    .sort((a, b) => stackOrder(a.kind) - stackOrder(b.kind));
}

/** What studs and spigots must pass, mm: all that is not cut back, ribs with their depth. */
export const stackMm = (layers: readonly StackLayer[]): number =>
  layers.reduce((sum, layer) => sum + (layer.cutBack ? 0 : layer.thicknessMm), 0);

/** What a screw may pass before its tip shows below: ribs don't count, a screw may come out between them, mm. */
export const screwRoomMm = (layers: readonly StackLayer[]): number =>
  layers.reduce((sum, layer) => sum + (layer.cutBack || layer.kind === 'rib' ? 0 : layer.thicknessMm), 0);

/**
 * The one layer which, cut back, leaves enough; the thinnest of those that may go. Null where none does.
 * Plate, gasket and metal stay: they carry and seal.
 */
export function layerToCut(layers: readonly StackLayer[], lackingMm: number): StackLayer | null {
  const may = layers.filter((l) => !l.cutBack && (l.kind === 'covering' || l.kind === 'timber' || l.kind === 'insulation'));
  return may.filter((l) => l.thicknessMm >= lackingMm).sort((a, b) => a.thicknessMm - b.thicknessMm)[0] ?? null;
}

const isMeasured = (row: RowOf<'stack'>): boolean => row.kind !== undefined && row.thicknessMm !== undefined;

/** What of the floor is measured, where not all of it is: it takes at least so much. Null where nothing is missing. */
export function measuredPart(read: Reader): StackLayer[] | null {
  const rows = read.rows('stack');
  return rows.every(isMeasured) ? null : stackLayers(rows);
}

/**
 * For a check: the stack, noted, or what of it is missing.
 * @param kinds the layers that it is about, where it is not about all of them; a layer of no kind yet may be one of these
 */
export function readStack(read: Reader, kinds?: readonly StackLayer['kind'][]): StackLayer[] {
  const rows = read.rows('stack');
  if (rows.length === 0) return read.missing(...toDo('enter the layers of the floor, from the plate to the lowest rib'));
  const wanted = rows.filter(({ kind }) => !kinds || kind === undefined || kinds.includes(kind));
  const unmeasured = wanted.filter((row) => !isMeasured(row));
  if (unmeasured.length > 0)
    return read.missing(
      ...unmeasured.map((row): Need => ({
        act: 'measure',
        what: `the thickness of ${row.name === undefined ? 'a layer of the floor' : `“${row.name}”`}`,
      })),
    );
  return stackLayers(wanted);
}
