import type { Reader } from '../../reading/Reader';
import { hzOfStep, kwAtHz, pumpSet, settingOf } from './settings';

/** What a number on the panel would mean, in one of the ways in which a controller works. */
export interface Meaning {
  as: 'hertz' | 'step' | 'degrees';
  /** of hertz and steps: what the pump does, null of a temperature */ hz: number | null;
  kw: number | null;
  litresH: number | null;
  /** drawn by fan and pump meanwhile, Ah an hour */ ampHoursH: number | null;
  /** whether this heater can be set so */ can: boolean;
}
/** Temperatures that a controller can be set to. Common practice, no source. */
const degrees = { min: 5, max: 40 } as const;

/**
 * What a number on the panel may mean: hertz, a step of its scale, degrees.
 * @param shown the number as the panel shows it
 * @returns every way in which it can be read; first those that this heater can be set to
 */
export function numberMeans(read: Reader, shown: number): Meaning[] {
  const { minHz, maxHz } = pumpSet(read);
  const doseMl = read.derived('fuel.doseMl');
  const { amps } = read.all({ amps: 'heater.runCurrentA' });
  const burning = (as: 'hertz' | 'step', hz: number): Meaning => ({
    as,
    hz,
    kw: kwAtHz(read, hz),
    litresH: (hz * doseMl * 3600) / 1000,
    ampHoursH: amps,
    can: hz >= minHz - 0.05 && hz <= maxHz + 0.05,
  });
  const steps = settingOf(read, 'steps');
  const meanings: Meaning[] = [];
  if (shown > 0 && shown <= 15) meanings.push(burning('hertz', shown));
  if (steps !== null && Number.isInteger(shown) && shown >= 1 && shown <= steps)
    meanings.push(burning('step', hzOfStep(shown, steps, minHz, maxHz)));
  meanings.push({
    as: 'degrees',
    hz: null,
    kw: null,
    litresH: null,
    ampHoursH: null,
    can: shown >= degrees.min && shown <= degrees.max,
  });
  return meanings.sort((a, b) => Number(b.can) - Number(a.can));
}
