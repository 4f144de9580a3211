import type { FigurePath, ValueAt } from '../../build/sheets';
import type { SettingKey } from '../../build/sheetTables/controller';
import { needOf } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';

/** A setting as it is now: as it was left, or else as it was found; null where nobody has read it. */
export function settingOf<K extends SettingKey>(read: Reader, key: K): ValueAt<`controller.${K}` & FigurePath> | null {
  const left = read.maybe(`controller.${key}` as FigurePath);
  return (left ?? read.maybe(`found.${key}` as FigurePath)) as ValueAt<`controller.${K}` & FigurePath> | null;
}
/** Settings that belong together. @throws through the reader, naming those that nobody has read, where another of them was */
export function readTogether(read: Reader, ...keys: SettingKey[]): void {
  const unread = keys.filter((key) => settingOf(read, key) === null);
  if (unread.length > 0 && unread.length < keys.length) read.missing(...unread.map((key) => needOf(`controller.${key}`)));
}

/** The pump's two ends as they are set; what nobody has read is as its maker has it. */
export function pumpSet(read: Reader): { minHz: number; maxHz: number } {
  const maker = read.all({ min: 'heater.pumpMinHz', max: 'heater.pumpMaxHz' });
  return {
    minHz: settingOf(read, 'pumpMinHz') ?? maker.min,
    maxHz: settingOf(read, 'pumpMaxHz') ?? maker.max,
  };
}

/** kW given at a frequency of the pump: output goes with its fuel. */
export const kwAtHz = (read: Reader, hz: number): number =>
  (read.derived('heater.outputMaxKw') * hz) / Math.max(read.all({ max: 'heater.pumpMaxHz' }).max, 1e-9);

/**
 * Frequency of a step on a scale: its steps divide the pump's range evenly.
 * @param step 1 and up @param steps of the scale, 2 and up
 * @example hzOfStep(1, 6, 1.4, 5.4) // 1.4
 * @source common practice, no source
 */
export const hzOfStep = (step: number, steps: number, minHz: number, maxHz: number): number =>
  minHz + ((maxHz - minHz) * (Math.min(step, steps) - 1)) / Math.max(1, steps - 1);

/** The fixed rate as a frequency; null where none is told. */
export function rateHz(read: Reader): number | null {
  const hz = settingOf(read, 'rateHz');
  if (hz !== null) return hz;
  const [step, steps] = [settingOf(read, 'step'), settingOf(read, 'steps')];
  if (step === null || steps === null) return null;
  const { minHz, maxHz } = pumpSet(read);
  return hzOfStep(step, steps, minHz, maxHz);
}
