import type { Reader } from '../../reading/Reader';

/** The way of the controller's lead along the sides of the floor, m; null where heater or panel are not placed. */
export function leadRunM(read: Reader): number | null {
  const [panelX, panelY] = [read.maybe('controller.panelXMm'), read.maybe('controller.panelYMm')];
  if (panelX === null || panelY === null) return null;
  const { x, y } = read.all({ x: 'siting.heaterXMm', y: 'siting.heaterYMm' });
  return (Math.abs(panelX - x) + Math.abs(panelY - y)) / 1000;
}
/** The outlet nearest to the room's sensor, and how far it is, mm; null where either is not placed. */
export function nearestOutlet(read: Reader): { name: string; mm: number } | null {
  const [x, y] = [read.maybe('controller.sensorXMm'), read.maybe('controller.sensorYMm')];
  if (x === null || y === null) return null;
  const outlets = read
    .rows('ducts')
    .flatMap(({ name, end, xMm, yMm }, i) =>
      end === 'on' || end === undefined || xMm === undefined || yMm === undefined
        ? []
        : [{ name: name ?? `outlet ${i + 1}`, mm: Math.hypot(xMm - x, yMm - y) }],
    );
  return outlets.sort((a, b) => a.mm - b.mm)[0] ?? null;
}
