import { within } from '../within';

/** A space whose air is mixed throughout. */
export interface MixedRoom {
  /** m³ */ volumeM3: number;
  /** changes of its air an hour; 0 where it is shut tight */ airChangesH: number;
  /** what comes in, of air that is only this, L/h */ sourceLH: number;
  /** outside, ppm */ outsidePpm: number;
}
/** Fewer air changes an hour are none. */
const tight = 1e-9;
const checked = ({ volumeM3, airChangesH }: Pick<MixedRoom, 'volumeM3' | 'airChangesH'>): void => {
  within('volume', volumeM3, 'm³', { above: 0, max: 100_000 });
  within('air changes', airChangesH, '/h', { min: 0, max: 200 });
};

/**
 * What a mixed space stands at after a time.
 * @param beginPpm what it stood at before @param h 0 and more
 * @returns ppm
 * @throws RangeError naming quantity, value and bounds
 * @source first principles: dC/dt = S/V − n (C − C₀)
 * @example mixedAfter({ volumeM3: 10, airChangesH: 0, sourceLH: 1, outsidePpm: 0 }, 0, 1) // 100
 */
export function mixedAfter({ volumeM3, airChangesH, sourceLH, outsidePpm }: MixedRoom, beginPpm: number, h: number): number {
  checked({ volumeM3, airChangesH });
  within('source', sourceLH, 'L/h', { min: 0 });
  within('time', h, 'h', { min: 0 });
  const perHour = (sourceLH / volumeM3) * 1000;
  if (airChangesH < tight) return beginPpm + perHour * h;
  const gone = -Math.expm1(-airChangesH * h);
  return outsidePpm + (beginPpm - outsidePpm) * (1 - gone) + (perHour / airChangesH) * gone;
}

/**
 * What must come in for a space to have risen so far over the air outside.
 * @param risePpm over the air outside, 0 and more @param h for how long it came in; Infinity where it rises no more
 * @returns L/h
 * @throws RangeError naming quantity, value and bounds
 * @source the same, solved for the source
 * @example sourceOfRise({ volumeM3: 10, airChangesH: 1 }, 100, Infinity) // 1
 */
export function sourceOfRise(
  { volumeM3, airChangesH }: Pick<MixedRoom, 'volumeM3' | 'airChangesH'>,
  risePpm: number,
  h: number,
): number {
  checked({ volumeM3, airChangesH });
  within('rise', risePpm, 'ppm', { min: 0, max: 1e6 });
  if (h !== Infinity) within('time', h, 'h', { above: 0 });
  if (airChangesH < tight) {
    if (h === Infinity)
      throw new RangeError(`The air changes are ${airChangesH} /h; allowed is above 0 where it has risen for ever.`);
    return (risePpm / h) * volumeM3 * 1e-3;
  }
  const share = h === Infinity ? 1 : -Math.expm1(-airChangesH * h);
  return (risePpm * airChangesH * volumeM3 * 1e-3) / share;
}
