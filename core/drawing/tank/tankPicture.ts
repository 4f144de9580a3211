import type { Build } from '../../build/Build';
import { valueAt } from '../../build/sheets';
import { drawnFrom } from '../../figures/readerOf';
import type { Need } from '../../reading/Reader';
import { dipChart, type DipChart } from '../../physics/fuel/dipChart';
import { tankOf } from '../../model/fuel/tankOf';
import { volumeL } from '../../physics/fuel/tankVolume';

export interface TankPicture extends DipChart {
  levelMm: number | null;
  /** what stands in it now, L */ nowL: number | null;
}

/** The dip chart of a build's tank, or what is missing for it. */
export function tankPicture(build: Build): TankPicture | { missing: readonly Need[] } {
  return drawnFrom(build, (read) => {
    const { clear } = read.all({ clear: 'fuel.pickupClearanceMm' });
    const tank = tankOf(read);
    const chart = dipChart(tank, clear);
    const levelMm = valueAt(build.sheets, 'fuel.fuelLevelMm');
    return { ...chart, levelMm, nowL: levelMm === null ? null : volumeL(tank, levelMm) };
  });
}
