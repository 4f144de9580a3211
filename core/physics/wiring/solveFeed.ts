import { within } from '../within';
export interface Feed {
  /** battery's voltage at rest, V */ restV: number;
  /** battery's own resistance, mΩ */ batteryMohm: number;
  /** one way, m */ lengthM: number;
  /** of the conductor, Ω/km */ ohmPerKm: number;
  /** fuse holder and joints together, mΩ */ jointsMohm: number;
  /** what the heater draws, A */ currentA: number;
}

/**
 * Voltages round a feed at one current: the battery sags by its own resistance, the cable both ways and the joints take the rest.
 * @returns loop resistance outside the battery (Ω), the drop along it (V), and what is left at the heater (V)
 * @throws RangeError naming quantity, value and bounds
 * @example solveFeed({ restV: 12.6, batteryMohm: 0, lengthM: 4, ohmPerKm: 7.98, jointsMohm: 0, currentA: 10 }).dropV // 0.638
 * @source Ohm; tested against the SPICE engine of package eecircuit-engine
 */
export function solveFeed(feed: Feed): { loopOhm: number; dropV: number; heaterV: number } {
  within('current', feed.currentA, 'A', { min: 0 });
  within('length', feed.lengthM, 'm', { min: 0 });
  within('resistance of the cable', feed.ohmPerKm, 'Ω/km', { min: 0 });
  within('resistance of the joints', feed.jointsMohm, 'mΩ', { min: 0 });
  within('resistance of the battery', feed.batteryMohm, 'mΩ', { min: 0 });
  const loopOhm = (2 * feed.lengthM * feed.ohmPerKm) / 1000 + feed.jointsMohm / 1000;
  const dropV = feed.currentA * loopOhm;
  return { loopOhm, dropV, heaterV: feed.restV - (feed.currentA * feed.batteryMohm) / 1000 - dropV };
}
