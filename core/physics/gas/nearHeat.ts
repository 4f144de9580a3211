import { besselk } from 'bessel';
import { within } from '../within';
import { gasConductivity, kelvin } from './gasProperties';
import { steelEmissivity } from './pipeHeat';
import { plumeC } from './plume';

const stefanBoltzmann = 5.670374e-8;
/** Timber, plastic, rubber, paint. Handbooks, from memory */
const emissivity = 0.9;
/** Heat that a surface gives to air that hardly moves, W/(m² K). Handbooks, from memory */
const stillHc = 5;
/** And that rising air gives to what lies over it, W/(m² K). Lorbet’s own assumption, no source */
const risingHc = 10;

/** The temperature at which what comes in equals what goes out, °C, by halving. */
function balance(coldC: number, hotC: number, gain: (atC: number) => number): number {
  let [low, high] = [coldC, hotC];
  for (let i = 0; i < 24; i += 1) {
    const middle = (low + high) / 2;
    if (gain(middle) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
const radiated = (aC: number, bC: number): number => stefanBoltzmann * (kelvin(aC) ** 4 - kelvin(bC) ** 4);

export interface Near {
  /** outside of the hot pipe, °C and mm */ surfaceC: number;
  outsideMm: number;
  /** between the two surfaces, mm; 0 where they touch */ gapMm: number;
  ambientC: number;
  /** a metal shield between, with air on both of its sides */ shielded?: boolean;
  /** it lies over the pipe, in the air that rises from it */ above?: boolean;
}
/**
 * How hot a flat thing gets beside a long hot pipe, at its hottest line: it takes radiation and what the air between conducts, gives off by one
 * face, and passes nothing on, so that it comes out rather too hot than too cold. Over a pipe the air that rises from it adds to that.
 * @returns °C
 * @throws RangeError naming quantity, value and bounds
 * @source heat balance; laminar plume; view of a long cylinder from a facing element r / (r + gap) (Siegel & Howell, from memory); Stefan–Boltzmann
 * @example nearC({ surfaceC: 300, outsideMm: 26, gapMm: 0, ambientC: 15 }) // 300
 */
export function nearC({ surfaceC, outsideMm, gapMm, ambientC, shielded = false, above = false }: Near): number {
  within('gap', gapMm, 'mm', { min: 0 });
  within('outside diameter', outsideMm, 'mm', { above: 0 });
  if (surfaceC <= ambientC) return ambientC;
  if (gapMm === 0 && !shielded) return surfaceC;
  const view = outsideMm / (outsideMm + 2 * gapMm);
  const conducted = gapMm > 0 ? gasConductivity((surfaceC + ambientC) / 2) / (gapMm / 1000) : Infinity;
  // One shield of the same blackness on both faces halves what is radiated, and parts the air in two.
  const share = shielded ? 0.5 : 1;
  const risingC = above ? plumeC({ surfaceC, outsideMm, ambientC, heightMm: gapMm + outsideMm / 2 }) : null;
  return balance(
    ambientC,
    surfaceC,
    (atC) =>
      (risingC === null ? 0 : share * risingHc * Math.max(0, risingC - atC)) +
      share *
        view *
        (steelEmissivity * emissivity * (radiated(surfaceC, ambientC) - radiated(atC, ambientC)) +
          Math.min(conducted, 1e6) * (surfaceC - atC)) -
      stillHc * (atC - ambientC) -
      (1 - share * view) * emissivity * radiated(atC, ambientC),
  );
}
/** The least gap at which a thing beside a pipe stays within what it bears, mm; null where 1 m is not enough. */
export function gapNeededMm(near: Omit<Near, 'gapMm'>, bearsC: number): number | null {
  if (nearC({ ...near, gapMm: 1000 }) > bearsC) return null;
  let [low, high] = [0, 1000];
  for (let i = 0; i < 30; i += 1) {
    const middle = (low + high) / 2;
    if (nearC({ ...near, gapMm: middle }) > bearsC) low = middle;
    else high = middle;
  }
  return high;
}

export interface Penetration {
  /** outside of the pipe or of its sleeve where it passes, °C and mm */ surfaceC: number;
  outsideMm: number;
  /** all round, between it and the edge of the timber, mm, above 0 */ gapMm: number;
  /** mm */ timberMm: number;
  ambientC: number;
  /** a turret or plates of metal line the hole and part the pipe from the edge */ lined: boolean;
}
/** Plywood and softwood across the hole. ISO 10456, from memory, W/(m K) */
const timberWMK = 0.13;
/** Both faces of a floor give off so much, W/(m² K). ISO 6946's surface resistances, about */
const faceHc = 8;

/** Heat that the edge of a hole passes on into a wide sheet which gives it off by both faces, W/(m² K) of the edge. @source annular fin, Bessel functions K₁ and K₀ */
export function edgeHc(holeMm: number, timberMm: number): number {
  within('hole', holeMm, 'mm', { above: 0 });
  const m = Math.sqrt((2 * faceHc) / (timberWMK * (within('timber', timberMm, 'mm', { above: 0 }) / 1000)));
  const x = m * (holeMm / 2000);
  return timberWMK * m * (besselk(x, 1) / besselk(x, 0));
}
/**
 * How hot the timber’s edge gets round an exhaust that passes it.
 * @returns °C
 * @throws RangeError naming quantity, value and bounds
 * @source concentric cylinders: radiation by both emissivities, conduction by the logarithm of the radii; annular fin
 */
export function edgeC({ surfaceC, outsideMm, gapMm, timberMm, ambientC, lined }: Penetration): number {
  if (surfaceC <= ambientC) return ambientC;
  const holeMm = outsideMm + 2 * within('gap round the pipe', gapMm, 'mm', { above: 0 });
  const [inner, outer] = [outsideMm / 2000, holeMm / 2000];
  const black = 1 / (1 / steelEmissivity + (inner / outer) * (1 / emissivity - 1));
  const share = lined ? 0.5 : 1;
  const passes = edgeHc(holeMm, timberMm);
  return balance(ambientC, surfaceC, (atC) => {
    const air = gasConductivity((surfaceC + atC) / 2) / (outer * Math.log(outer / inner));
    return share * ((inner / outer) * black * radiated(surfaceC, atC) + air * (surfaceC - atC)) - passes * (atC - ambientC);
  });
}
