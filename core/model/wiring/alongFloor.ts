import type { FigurePath } from '../../build/sheets';
import type { Reader } from '../../reading/Reader';
import type { CableRow, LoomRow } from './loomOf';

/** Where parts stand of which the floor sheet, or the controller’s, tells. */
const placed: Partial<Record<NonNullable<LoomRow['kind']>, readonly [FigurePath, FigurePath]>> = {
  heater: ['siting.heaterXMm', 'siting.heaterYMm'],
  battery: ['siting.batteryXMm', 'siting.batteryYMm'],
  controller: ['controller.panelXMm', 'controller.panelYMm'],
  sensor: ['controller.sensorXMm', 'controller.sensorYMm'],
};

/** Where a part of the loom stands on the floor, mm: as told of it, or as the sheets have it; null where nobody has said. */
function standsAt(read: Reader, part: LoomRow | undefined): { x: number; y: number } | null {
  if (!part) return null;
  if (part.floorXMm !== undefined && part.floorYMm !== undefined) return { x: part.floorXMm, y: part.floorYMm };
  const paths = part.kind && placed[part.kind];
  if (!paths) return null;
  const [x, y] = paths.map((path) => read.maybe(path));
  return typeof x === 'number' && typeof y === 'number' ? { x, y } : null;
}

/** The way of a wire along the sides of the floor, m, without rises and loops; null where an end of it stands nowhere yet. */
export function wayM(read: Reader, { fromId, toId }: Pick<CableRow, 'fromId' | 'toId'>): number | null {
  const parts = read.rows('loomParts');
  const [from, to] = [fromId, toId].map((id) =>
    standsAt(
      read,
      parts.find((part) => part.id === id),
    ),
  );
  return from && to ? (Math.abs(from.x - to.x) + Math.abs(from.y - to.y)) / 1000 : null;
}
