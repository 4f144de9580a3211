import { doseRuns, doseTest } from '../model/fuel/doseTest';
import { primedStrokes } from '../model/priming/primedStrokes';
import { show, trim } from '../units/show';
import type { Judge } from './Call';
import { weigh } from './weigh';

const trade = 'Common practice, no published source.';
const band = 'Volume and dose by definition; the band’s width is an assumption, no source.';

/** Filling the line: how many strokes it should take, and whether it took them. */
export const primingCalls: readonly Judge[] = [
  {
    id: 'priming.expected',
    stage: 'priming',
    moment: 'fire',
    part: 'line',
    why: 'The pump is lubricated by the fuel that it moves; a very long dry run wears it.',
    todo: 'Fill filter and line with a syringe first.',
    source: `${band} Five to ten minutes are met on long lines: common practice.`,
    judge(read) {
      const strokes = read.derived('priming.expectedStrokes');
      const [low, high] = [read.derived('priming.lowStrokes'), read.derived('priming.highStrokes')];
      const seconds = read.derived('priming.expectedS');
      const { hz } = read.all({ hz: 'priming.primingHz' });
      const says = `The line should fill in ${show(strokes)} strokes (${show(low)} to ${show(high)}), ${show(seconds / 60, 1)} min at ${trim(hz)} Hz`;
      return seconds > 600
        ? { level: 'watch', says: `${says}: more than ten minutes dry.` }
        : { level: 'sound', says: `${says}.` };
    },
  },
  {
    id: 'priming.over',
    stage: 'priming',
    moment: 'fire',
    part: 'heater',
    why: 'Fuel pumped into the burner makes the first fire a flood, with flames and white smoke.',
    answered: true,
    todo: 'Don’t light it. Take the line off the heater, let the burner drain and air as the maker’s manual says, and record here that it was done.',
    source: `${trade} ${band}`,
    judge(read) {
      const { strokes, last, answered } = primedStrokes(read.build);
      if (!last) return read.missing('a priming run');
      read.note('Strokes since the line was empty', strokes, 'strokes');
      if (answered)
        return {
          level: 'sound',
          says: `${show(strokes)} strokes were pumped; put right since: ${answered.repair} (${answered.by}).`,
        };
      return weigh(
        read,
        () =>
          last.outcome === 'overrun'
            ? {
                level: 'stop',
                says: `Priming ran on past the heater, to ${show(strokes)} strokes: there is fuel in the burner.`,
              }
            : null,
        () => {
          const [expected, high] = [read.derived('priming.expectedStrokes'), read.derived('priming.highStrokes')];
          if (strokes <= high)
            return { level: 'sound', says: `${show(strokes)} strokes pumped; the line overfills only after ${show(high)}.` };
          return last.outcome === 'reached'
            ? {
                level: 'stop',
                says: `${show(strokes)} strokes were pumped where ${show(high)} fill the line at the latest: up to ${show(strokes - expected)} strokes of fuel may stand in the burner.`,
              }
            : {
                level: 'fix',
                says: `${show(strokes)} strokes, and no fuel at the heater where ${show(high)} should do at the latest: the pump is drawing air.`,
                todo: 'Look for air on the suction side, fuel below the pickup, a reversed pump or filter; record cause and repair here, and prime on.',
              };
        },
      );
    },
  },
  {
    id: 'priming.short',
    stage: 'priming',
    moment: 'fire',
    part: 'line',
    why: 'Each failed start on an unfilled line counts towards a lock-out, and wears the glow plug.',
    todo: 'Prime on until fuel is seen at the heater, and stop there.',
    source: `${trade} ${band}`,
    judge(read) {
      const { strokes, last } = primedStrokes(read.build);
      if (!last) return read.missing('a priming run');
      read.note('Strokes since the line was empty', strokes, 'strokes');
      return weigh(
        read,
        () =>
          last.outcome === 'none'
            ? {
                level: 'fix',
                says: `No fuel came in ${show(strokes)} strokes.`,
                todo: 'Look at the fuel’s level, the pump’s arrow and the joints before the pump, before pumping on.',
              }
            : null,
        () =>
          last.outcome === 'stopped'
            ? { level: 'fix', says: `Priming stopped at ${show(strokes)} strokes before fuel was seen.` }
            : null,
        () => {
          const low = read.derived('priming.lowStrokes');
          return strokes < low
            ? {
                level: 'watch',
                says: `Fuel was seen at the heater after ${show(strokes)} strokes, sooner than the earliest ${show(low)}: a length, a bore or the dose is not what is written here.`,
                todo: 'Measure line and dose again; the stroke count can’t be trusted until they agree.',
              }
            : { level: 'sound', says: `Fuel at the heater after ${show(strokes)} strokes (earliest ${show(low)}).` };
        },
      );
    },
  },
  {
    id: 'priming.dose',
    stage: 'priming',
    moment: 'fire',
    part: 'pump',
    why: 'Output, fuel, excess air and the count of the prime all hang on what the pump gives a stroke.',
    todo: 'Count 200 strokes or more into a measuring glass, three times, at the fuel’s own temperature.',
    source: `${trade} The limits are Lorbet’s own choice.`,
    judge(read) {
      const { stated } = read.all({ stated: 'heater.strokeVolumeMl' });
      const test = doseTest(doseRuns(read));
      if (!test)
        return {
          level: 'watch',
          says: `No dose test: every figure rests on the ${trim(stated, 4)} mL that pump or data sheet state.`,
        };
      const off = (test.doseMl / stated - 1) * 100;
      const { scatterPercent: scatter } = test;
      const says = `${show(test.strokes)} strokes gave ${trim(test.doseMl, 4)} mL each, ${Math.abs(off) < 0.05 ? 'as stated' : `${trim(Math.abs(off), 1)} % ${off < 0 ? 'under' : 'over'} the ${trim(stated, 4)} mL stated`}${scatter === null ? '' : scatter < 0.05 ? ', each run the same' : `, and scatter by ${trim(scatter, 1)} %`}`;
      if (scatter !== null && scatter > 8)
        return {
          level: 'fix',
          says: `${says}: the pump does not give the same twice.`,
          todo: 'Look for air before the pump; if there is none, replace it.',
        };
      if (Math.abs(off) > 20)
        return {
          level: 'fix',
          says: `${says}: it is not the pump for this heater, or it is worn.`,
          todo: 'Compare its label with the heater’s; replace it.',
        };
      if (Math.abs(off) > 8 || (scatter !== null && scatter > 4)) return { level: 'watch', says: `${says}.` };
      if (scatter === null)
        return { level: 'watch', says: `${says}, by a single run.`, todo: 'Two runs more tell whether it repeats.' };
      return { level: 'sound', says: `${says}.` };
    },
  },
];
