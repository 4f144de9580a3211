import { within } from '../within';

export const alarmStandards = { en50291: 'EN 50291', ul2034: 'UL 2034' } as const;
export type AlarmStandard = keyof typeof alarmStandards;
/** Steps of a standard: from this strength on it must not sound before one time, and must by the other, min; null where it need not sound. From memory. */
interface Step {
  ppm: number;
  notBeforeMin: number;
  byMin: number | null;
}
const steps: Readonly<Record<AlarmStandard, readonly Step[]>> = {
  en50291: [
    { ppm: 30, notBeforeMin: 120, byMin: null },
    { ppm: 50, notBeforeMin: 60, byMin: 90 },
    { ppm: 100, notBeforeMin: 10, byMin: 40 },
    { ppm: 300, notBeforeMin: 0, byMin: 3 },
  ],
  ul2034: [
    { ppm: 70, notBeforeMin: 60, byMin: 240 },
    { ppm: 150, notBeforeMin: 10, byMin: 50 },
    { ppm: 400, notBeforeMin: 4, byMin: 15 },
  ],
};

/**
 * What an alarm of a standard does in air that stays at one strength: by when it must sound at the latest. Between two steps the weaker one binds, for
 * the standard says no more.
 * @param ppm 0 to 10,000
 * @returns min; null where it need never sound
 * @throws RangeError naming quantity, value and bounds
 * @source EN 50291-1 and -2, UL 2034 (from memory)
 * @example alarmMust('en50291', 60) // { byMin: 90, notBeforeMin: 60 }
 */
export function alarmMust(standard: AlarmStandard, ppm: number): Pick<Step, 'byMin' | 'notBeforeMin'> {
  within('carbon monoxide', ppm, 'ppm', { min: 0, max: 10_000 });
  const step = steps[standard].findLast((one) => ppm >= one.ppm);
  return step ? { byMin: step.byMin, notBeforeMin: step.notBeforeMin } : { byMin: null, notBeforeMin: Infinity };
}
