import type { Reader } from '../../reading/Reader';

/** Where a thing hangs, mm; null where nobody has said. @throws through the reader where one of the two is said and the other is not */
function hungAt(
  read: Reader,
  xPath: 'controller.panelXMm' | 'controller.sensorXMm',
  yPath: 'controller.panelYMm' | 'controller.sensorYMm',
): { x: number; y: number } | null {
  if (read.maybe(xPath) === null && read.maybe(yPath) === null) return null;
  return read.all({ x: xPath, y: yPath });
}
/** The way of the controller's lead along the sides of the floor, m; null where the panel is not placed. */
export function leadRunM(read: Reader): number | null {
  const panel = hungAt(read, 'controller.panelXMm', 'controller.panelYMm');
  if (!panel) return null;
  const { x, y } = read.all({ x: 'siting.heaterXMm', y: 'siting.heaterYMm' });
  return (Math.abs(panel.x - x) + Math.abs(panel.y - y)) / 1000;
}
/** The outlet nearest to the room's sensor, and how far it is, mm; null where either is not placed. */
export function nearestOutlet(read: Reader): { name: string; mm: number } | null {
  const sensor = hungAt(read, 'controller.sensorXMm', 'controller.sensorYMm');
  if (!sensor) return null;
  const outlets = read
    .rows('ducts')
    .flatMap(({ name, end, xMm, yMm }, i) =>
      end === 'on' || end === undefined || xMm === undefined || yMm === undefined
        ? []
        : [{ name: name ?? `outlet ${i + 1}`, mm: Math.hypot(xMm - sensor.x, yMm - sensor.y) }],
    );
  return outlets.sort((a, b) => a.mm - b.mm)[0] ?? null;
}
