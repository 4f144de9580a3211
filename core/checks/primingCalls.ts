import { doseRuns, doseTest } from '../model/fuel/doseTest';
import { primedStrokes } from '../model/priming/primedStrokes';
import { formatFixed, formatShort } from '../units/formatNumber';
import type { Check } from './Finding';
import { worstOf } from './worstOf';

const trade = 'Common practice, no published source.';
const band = 'Volume and dose by definition; the band’s width is an assumption, no source.';

/** Filling the line: how many strokes it should take, and whether it took them. */
export const primingChecks: readonly Check[] = [
  {
    id: 'priming.expected',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'line',
    why: 'The pump is lubricated by the fuel that it moves; a very long dry run wears it.',
    remedy: 'Fill filter and line with a syringe first.',
    source: `${band} Five to ten minutes are met on long lines: common practice.`,
    check(read) {
      const strokes = read.derived('priming.expectedStrokes');
      const [low, high] = [read.derived('priming.lowStrokes'), read.derived('priming.highStrokes')];
      const seconds = read.derived('priming.expectedS');
      const { hz } = read.all({ hz: 'priming.primingHz' });
      const message = `The line should fill in ${formatFixed(strokes)} strokes (${formatFixed(low)} to ${formatFixed(high)}), ${formatFixed(seconds / 60, 1)} min at ${formatShort(hz)} Hz`;
      return seconds > 600
        ? { level: 'watch', message: `${message}: more than ten minutes dry.` }
        : { level: 'sound', message: `${message}.` };
    },
  },
  {
    id: 'priming.over',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'heater',
    why: 'Fuel pumped into the burner makes the first fire a flood, with flames and white smoke.',
    answered: true,
    remedy:
      'Don’t light it. Take the line off the heater, let the burner drain and air as the maker’s manual says, and record here that it was done.',
    source: `${trade} ${band}`,
    check(read) {
      const { strokes, last, answered } = primedStrokes(read.build);
      if (!last) return read.missing('a priming run');
      read.note('Strokes since the line was empty', strokes, 'strokes');
      if (answered)
        return {
          level: 'sound',
          message: `${formatFixed(strokes)} strokes were pumped; put right since: ${answered.repair} (${answered.by}).`,
        };
      return worstOf(
        read,
        () =>
          last.outcome === 'overrun'
            ? {
                level: 'stop',
                message: `Priming ran on past the heater, to ${formatFixed(strokes)} strokes: there is fuel in the burner.`,
              }
            : null,
        () => {
          const [expected, high] = [read.derived('priming.expectedStrokes'), read.derived('priming.highStrokes')];
          if (strokes <= high)
            return {
              level: 'sound',
              message: `${formatFixed(strokes)} strokes pumped; the line overfills only after ${formatFixed(high)}.`,
            };
          return last.outcome === 'reached'
            ? {
                level: 'stop',
                message: `${formatFixed(strokes)} strokes were pumped where ${formatFixed(high)} fill the line at the latest: up to ${formatFixed(strokes - expected)} strokes of fuel may stand in the burner.`,
              }
            : {
                level: 'fix',
                message: `${formatFixed(strokes)} strokes, and no fuel at the heater where ${formatFixed(high)} should do at the latest: the pump is drawing air.`,
                remedy:
                  'Look for air on the suction side, fuel below the pickup, a reversed pump or filter; record cause and repair here, and prime on.',
              };
        },
      );
    },
  },
  {
    id: 'priming.short',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'line',
    why: 'Each failed start on an unfilled line counts towards a lock-out, and wears the glow plug.',
    remedy: 'Prime on until fuel is seen at the heater, and stop there.',
    source: `${trade} ${band}`,
    check(read) {
      const { strokes, last } = primedStrokes(read.build);
      if (!last) return read.missing('a priming run');
      read.note('Strokes since the line was empty', strokes, 'strokes');
      return worstOf(
        read,
        () =>
          last.outcome === 'none'
            ? {
                level: 'fix',
                message: `No fuel came in ${formatFixed(strokes)} strokes.`,
                remedy: 'Look at the fuel’s level, the pump’s arrow and the joints before the pump, before pumping on.',
              }
            : null,
        () =>
          last.outcome === 'stopped'
            ? { level: 'fix', message: `Priming stopped at ${formatFixed(strokes)} strokes before fuel was seen.` }
            : null,
        () => {
          const low = read.derived('priming.lowStrokes');
          return strokes < low
            ? {
                level: 'watch',
                message: `Fuel was seen at the heater after ${formatFixed(strokes)} strokes, sooner than the earliest ${formatFixed(low)}: a length, a bore or the dose is not what is written here.`,
                remedy: 'Measure line and dose again; the stroke count can’t be trusted until they agree.',
              }
            : {
                level: 'sound',
                message: `Fuel at the heater after ${formatFixed(strokes)} strokes (earliest ${formatFixed(low)}).`,
              };
        },
      );
    },
  },
  {
    id: 'priming.dose',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'pump',
    why: 'Output, fuel, excess air and the count of the prime all hang on what the pump gives a stroke.',
    remedy: 'Count 200 strokes or more into a measuring glass, three times, at the fuel’s own temperature.',
    source: `${trade} The limits are Lorbet’s own choice.`,
    check(read) {
      const { stated } = read.all({ stated: 'heater.strokeVolumeMl' });
      const test = doseTest(doseRuns(read));
      if (!test)
        return {
          level: 'watch',
          message: `No dose test: every figure rests on the ${formatShort(stated, 4)} mL that pump or data sheet state.`,
        };
      const off = (test.doseMl / stated - 1) * 100;
      const { scatterPercent: scatter } = test;
      const message = `${formatFixed(test.strokes)} strokes gave ${formatShort(test.doseMl, 4)} mL each, ${Math.abs(off) < 0.05 ? 'as stated' : `${formatShort(Math.abs(off), 1)} % ${off < 0 ? 'under' : 'over'} the ${formatShort(stated, 4)} mL stated`}${scatter === null ? '' : scatter < 0.05 ? ', each run the same' : `, and scatter by ${formatShort(scatter, 1)} %`}`;
      if (scatter !== null && scatter > 8)
        return {
          level: 'fix',
          message: `${message}: the pump does not give the same twice.`,
          remedy: 'Look for air before the pump; if there is none, replace it.',
        };
      if (Math.abs(off) > 20)
        return {
          level: 'fix',
          message: `${message}: it is not the pump for this heater, or it is worn.`,
          remedy: 'Compare its label with the heater’s; replace it.',
        };
      if (Math.abs(off) > 8 || (scatter !== null && scatter > 4)) return { level: 'watch', message: `${message}.` };
      if (scatter === null)
        return { level: 'watch', message: `${message}, by a single run.`, remedy: 'Two runs more tell whether it repeats.' };
      return { level: 'sound', message: `${message}.` };
    },
  },
];
