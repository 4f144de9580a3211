import { doseRuns, doseTest } from '../../model/fuel/doseTest';
import { primedStrokes } from '../../model/priming/primedStrokes';
import { failedInARow } from '../../model/startup/fittedStarts';
import { toDo } from '../../reading/NotMeasured';
import { count, minutes, name, person, shortHz, shortMl, shortPercent, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const band = 'Volume and dose by definition; the band’s width is an assumption, no source.';
const primeFirst = 'prime the line and count its strokes';

/** Filling the line: how many strokes it should take, whether it took them, and what a failed start leaves behind. */
export const primingChecks = [
  defineCheck({
    id: 'priming.expected',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'line',
    why: 'The pump is lubricated by the fuel that it moves; a very long dry run wears it.',
    remedy: 'Fill filter and line with a syringe first.',
    source: `${band} Five to ten minutes are met on long lines: common practice.`,
    messages: {
      long: 'The line should fill in {strokes} strokes ({low} to {high}), {time} at {frequency}: more than ten minutes dry.',
      fills: 'The line should fill in {strokes} strokes ({low} to {high}), {time} at {frequency}.',
    },
    assess(read, say) {
      const seconds = read.derived('priming.expectedS');
      const values = {
        strokes: count(read.derived('priming.expectedStrokes')),
        low: count(read.derived('priming.lowStrokes')),
        high: count(read.derived('priming.highStrokes')),
        time: minutes(seconds / 60, 1),
        frequency: shortHz(read.all({ hz: 'priming.primingHz' }).hz),
      };
      return seconds > 600 ? say.watch('long', values) : say.sound('fills', values);
    },
  }),
  defineCheck({
    id: 'priming.over',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'heater',
    why: 'Fuel pumped into the burner makes the first fire a flood, with flames and white smoke.',
    answered: true,
    remedy:
      'Don’t light it. Take the line off the heater, let the burner drain and air as the maker’s manual says, and record here that it was done.',
    source: `${trade} ${band}`,
    messages: {
      fixed: '{strokes} strokes were pumped; fixed since: {repair} ({person}).',
      overrun: 'Priming ran on past the heater, to {strokes} strokes: there is fuel in the burner.',
      within: '{strokes} strokes pumped; the line overfills only after {high}.',
      many: '{strokes} strokes were pumped where {high} fill the line at the latest: up to {over} strokes of fuel may stand in the burner.',
      air: '{strokes} strokes, and no fuel at the heater where {high} should do at the latest: the pump is drawing air.',
    },
    remedies: {
      air: 'Look for air on the suction side, fuel below the pickup, a reversed pump or filter; record cause and repair here, and prime on.',
    },
    assess(read, say) {
      const { strokes: n, last, answered } = primedStrokes(read.build);
      if (!last) return read.missing(...toDo(primeFirst));
      read.note('Strokes since the line was empty', n, 'strokes');
      const strokes = count(n);
      if (answered) return say.sound('fixed', { strokes, repair: name(answered.repair), person: person(answered.by) });
      return worstOf(
        () => (last.outcome === 'overrun' ? say.stop('overrun', { strokes }) : null),
        () => {
          const [expected, highN] = [read.derived('priming.expectedStrokes'), read.derived('priming.highStrokes')];
          const high = count(highN);
          if (n <= highN) return say.sound('within', { strokes, high });
          return last.outcome === 'reached'
            ? say.stop('many', { strokes, high, over: count(n - expected) })
            : say.fix('air', { strokes, high });
        },
      );
    },
  }),
  defineCheck({
    id: 'priming.short',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'line',
    why: 'Each failed start on an unfilled line counts towards a lock-out, and wears the glow plug.',
    remedy: 'Prime on until fuel is seen at the heater, and stop there.',
    source: `${trade} ${band}`,
    messages: {
      none: 'No fuel came in {strokes} strokes.',
      stopped: 'Priming stopped at {strokes} strokes before fuel was seen.',
      early:
        'Fuel was seen at the heater after {strokes} strokes, sooner than the earliest {low}: a length, a bore or the dose is not what is written here.',
      reached: 'Fuel at the heater after {strokes} strokes (earliest {low}).',
    },
    remedies: {
      none: 'Look at the fuel’s level, the pump’s arrow and the joints before the pump, before pumping on.',
      early: 'Measure line and dose again; the stroke count can’t be trusted until they agree.',
    },
    assess(read, say) {
      const { strokes: n, last } = primedStrokes(read.build);
      if (!last) return read.missing(...toDo(primeFirst));
      read.note('Strokes since the line was empty', n, 'strokes');
      const strokes = count(n);
      return worstOf(
        () => (last.outcome === 'none' ? say.fix('none', { strokes }) : null),
        () => (last.outcome === 'stopped' ? say.fix('stopped', { strokes }) : null),
        () => {
          const low = read.derived('priming.lowStrokes');
          const values = { strokes, low: count(low) };
          return n < low ? say.watch('early', values) : say.sound('reached', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'priming.dose',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'pump',
    why: 'Output, fuel, excess air and the count of the prime all hang on what the pump gives a stroke.',
    remedy: 'Count 200 strokes or more into a measuring glass, three times, at the fuel’s own temperature.',
    source: `${trade} The limits are Lorbet’s own choice.`,
    messages: {
      untested: 'No dose test: every figure rests on the {stated} that pump or data sheet state.',
      scatters: '{strokes} strokes gave {dose} each, {off}{scatter}: the pump does not give the same twice.',
      another: '{strokes} strokes gave {dose} each, {off}{scatter}: it is not the pump for this heater, or it is worn.',
      off: '{strokes} strokes gave {dose} each, {off}{scatter}.',
      single: '{strokes} strokes gave {dose} each, {off}, by a single run.',
      agrees: '{strokes} strokes gave {dose} each, {off}{scatter}.',
      asStated: 'as stated',
      under: '{by} under the {stated} stated',
      over: '{by} over the {stated} stated',
      same: ', each run the same',
      scatter: ', and scatter by {by}',
    },
    remedies: {
      scatters: 'Look for air before the pump; if there is none, replace it.',
      another: 'Compare its label with the heater’s; replace it.',
      single: 'Two runs more tell whether it repeats.',
    },
    assess(read, say) {
      const { stated: statedMl } = read.all({ stated: 'heater.strokeVolumeMl' });
      const stated = shortMl(statedMl, 4);
      const test = doseTest(doseRuns(read));
      if (!test) return say.watch('untested', { stated });
      const offPercent = (test.doseMl / statedMl - 1) * 100;
      const { scatterPercent } = test;
      const off: Value =
        Math.abs(offPercent) < 0.05
          ? say.clause('asStated')
          : say.clause(offPercent < 0 ? 'under' : 'over', { by: shortPercent(Math.abs(offPercent), 1), stated });
      const scatter: Value =
        scatterPercent === null
          ? null
          : scatterPercent < 0.05
            ? say.clause('same')
            : say.clause('scatter', { by: shortPercent(scatterPercent, 1) });
      const gave = { strokes: count(test.strokes), dose: shortMl(test.doseMl, 4), off };
      const values = { ...gave, scatter };
      if (scatterPercent !== null && scatterPercent > 8) return say.fix('scatters', values);
      if (Math.abs(offPercent) > 20) return say.fix('another', values);
      if (Math.abs(offPercent) > 8 || (scatterPercent !== null && scatterPercent > 4)) return say.watch('off', values);
      return scatterPercent === null ? say.watch('single', gave) : say.sound('agrees', values);
    },
  }),
  defineCheck({
    id: 'priming.lockout',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'heater',
    answered: true,
    why: 'Each start that fails leaves its fuel in the burner, counts towards a lock-out and wears the glow plug; the next flame burns it all at once.',
    remedy:
      'Don’t press the button again. Drain and air the burner as the maker’s manual says, look for the cause (fuel at the heater, bubbles, volts under glow), record both here, and only then light it.',
    source: `${trade} The maker’s figure goes before it. Two to four starts are met on a dry line; the limits are Lorbet’s own choice.`,
    messages: {
      none: 'No failed start stands unanswered.',
      flooded:
        '{n} {n|start|starts} in a row without a flame, with fuel at the heater: the burner is flooded, the unit may lock out, and the glow plug wears.',
      many: '{n} {n|start|starts} in a row without a flame: the unit may lock out, the glow plug wears, and whatever fuel came stands in the burner.',
      some: '{n} {n|start|starts} in a row without a flame.',
    },
    remedies: { some: 'Look at fuel at the heater, bubbles, and volts under glow, before the next start.' },
    assess(read, say) {
      const failed = failedInARow(read.build);
      const { last } = primedStrokes(read.build);
      read.note('Failed starts in a row', failed, '');
      const n = count(failed);
      if (failed === 0) return say.sound('none');
      if (failed >= 2 && (last?.outcome === 'reached' || last?.outcome === 'overrun')) return say.stop('flooded', { n });
      return failed >= 3 ? say.fix('many', { n }) : say.watch('some', { n });
    },
  }),
];
