import { within } from '../within';

/** Air in a duct to its wall, W/(m² K): forced flow at a few m/s. Handbooks, order of magnitude. */
const insideWM2K = 15;
/** The wall to what lies round it, W/(m² K): in a room, and in the wind below a floor. EN ISO 6946 (1 / 0.13 and 1 / 0.04), from memory. */
export const roundWM2K = { inside: 7.7, outside: 25 } as const;
/** Insulation of a duct, as sleeves for it are sold: thickness, m, and W/(m K). Usual range of makers, from memory. */
export const sleeve = { thickM: 0.02, wMK: 0.04 } as const;

/**
 * Heat that a duct’s wall lets through, W/(m² K), by its inner surface; an insulated one as a flat layer, which tells a little too little.
 * @example ductUWM2K('outside', false) // 9.4
 * @source thermal resistances in series
 */
export function ductUWM2K(runs: keyof typeof roundWM2K, insulated: boolean): number {
  return 1 / (1 / insideWM2K + 1 / roundWM2K[runs] + (insulated ? sleeve.thickM / sleeve.wMK : 0));
}

/**
 * ζ of an outlet that is partly shut or lies under something: its own, by the share that is left open.
 * @param freeShare above 0, 1 at most
 * @example outletZeta(1, 0.5) // 4
 * @source speed goes with 1 / share, its pressure with the square; Lorbet’s own simplification
 */
export const outletZeta = (zeta: number, freeShare: number): number =>
  zeta / within('open share of the outlet', freeShare, 'times', { above: 0, max: 1 }) ** 2;
