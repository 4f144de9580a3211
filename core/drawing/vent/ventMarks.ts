import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { ventName, ventOf } from '../../model/vent/ventsOf';
import { formatFixed } from '../../units/formatNumber';
import { round } from '../run/Pen';

/** An opening for air as a plan from above shows it. */
export interface VentMark {
  id: string;
  x: number;
  y: number;
  /** a peak upwards near the ceiling, downwards near the floor */ d: string;
  /** it lets nothing through, or can be shut */ shut: boolean;
  /** which of the two, and what it leaves free */ text: string;
  name: string;
}
/** The smallest half side of a mark, px: a smaller one is not seen. */
const leastHalf = 7;

/**
 * Openings for air whose size, level and place are known, each as wide as the side of a square of its own area.
 * @param spot where a place on the plan, mm, lies on the drawing, px, and whose place it is
 * @param scale px a mm
 */
export function ventMarks(
  build: Build,
  spot: (mm: { x: number; y: number }, id: string) => { x: number; y: number },
  scale: number,
): VentMark[] {
  return rowsOf(build.lists, 'vents').flatMap((row, i) => {
    const vent = ventOf(row, i);
    const { xMm, yMm } = row;
    if (!vent || xMm === undefined || yMm === undefined) return [];
    const at = spot({ x: xMm, y: yMm }, row.id);
    const half = round(Math.max(leastHalf, (Math.sqrt(vent.areaMm2) * scale) / 2));
    const up = vent.level === 'high' ? -1 : 1;
    return [
      {
        id: row.id,
        ...at,
        d: `M${round(at.x - half)},${round(at.y - up * half)}H${round(at.x + half)}L${at.x},${round(at.y + up * half)}Z`,
        shut: vent.freeMm2 === 0,
        text: `${vent.level} ${formatFixed(vent.freeMm2 / 100)} cm²`,
        name: ventName(row, i),
      },
    ];
  });
}
