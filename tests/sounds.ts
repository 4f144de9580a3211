import { seeded } from '../core/random/seeded';

export const rateHz = 48_000;
export interface Sound {
  samples: Float32Array;
  /** when each click begins, s */ truth: number[];
}
interface Made {
  hz: number;
  clicks: number;
  /** fan above the clicks, dB: root mean square of the one against that of a click's first 15 ms */ fanDb?: number | null;
  /** each click off its time by up to this share of a period */ jitter?: number;
  /** every so many clicks one is left out */ skipEach?: number;
  seed?: number;
  quietS?: number;
}
const clickS = 0.015;
/** A dosing pump's click: a knock that rings at three pitches for some milliseconds, and the softer one of its piston coming back. Made up, as such pumps sound. */
function addClick(into: Float32Array, atS: number, loud: number): void {
  const ring = (beginS: number, gain: number) => {
    const from = Math.round(beginS * rateHz);
    for (let i = 0; i < rateHz * 0.03 && from + i < into.length; i += 1) {
      const s = i / rateHz;
      const fade = Math.exp(-s / 0.004);
      into[from + i] =
        (into[from + i] ?? 0) +
        gain *
          fade *
          (0.5 * Math.sin(2 * Math.PI * 950 * s) +
            0.7 * Math.sin(2 * Math.PI * 2300 * s + 1) +
            0.45 * Math.sin(2 * Math.PI * 4200 * s + 2));
    }
  };
  ring(atS, loud);
  ring(atS + 0.055, loud * 0.25);
}
const rms = (samples: Float32Array, from = 0, to = samples.length): number => {
  let sum = 0;
  for (let i = from; i < to; i += 1) sum += (samples[i] ?? 0) ** 2;
  return Math.sqrt(sum / Math.max(1, to - from));
};
/** A heater's fan: noise that falls by 6 dB an octave above 500 Hz, and two tones of its blades. */
export function fan(seconds: number, seed: number): Float32Array {
  const random = seeded(seed);
  const samples = new Float32Array(Math.round(seconds * rateHz));
  const keep = Math.exp((-2 * Math.PI * 500) / rateHz);
  let low = 0;
  for (let i = 0; i < samples.length; i += 1) {
    low = keep * low + (1 - keep) * (random() * 2 - 1);
    const s = i / rateHz;
    samples[i] = low * 6 + 0.08 * Math.sin(2 * Math.PI * 183 * s) + 0.05 * Math.sin(2 * Math.PI * 366 * s);
  }
  const level = rms(samples);
  return samples.map((one) => one / level);
}
/** A train of clicks with a fan beside it, and the truth. */
export function pumpSound({ hz, clicks, fanDb = null, jitter = 0, skipEach = 0, seed = 7, quietS = 1 }: Made): Sound {
  const random = seeded(seed);
  const period = 1 / hz;
  const truth: number[] = [];
  for (let i = 0; i < clicks; i += 1) {
    const at = quietS + i * period + jitter * period * (random() * 2 - 1);
    if (!(skipEach > 0 && i % skipEach === skipEach - 1)) truth.push(at);
  }
  const seconds = quietS + clicks * period + 1;
  const samples = new Float32Array(Math.round(seconds * rateHz));
  for (const at of truth) addClick(samples, at, 0.2 * (0.85 + 0.3 * random()));
  const first = Math.round((truth[0] ?? 0) * rateHz);
  const level = rms(samples, first, first + Math.round(clickS * rateHz));
  // A room is never wholly still.
  const floor = fan(seconds, seed + 1);
  const gain = fanDb === null ? level * 0.003 : level * 10 ** (fanDb / 20);
  for (let i = 0; i < samples.length; i += 1) samples[i] = (samples[i] ?? 0) + gain * (floor[i] ?? 0);
  return { samples, truth };
}
