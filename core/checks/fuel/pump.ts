import { lowestSuctionPa } from '../../physics/fuel/pressureAlong';
import { gasOfStroke } from '../../physics/fuel/gasShare';
import { plausibleStrokeS } from '../../physics/fuel/peakFlowMlS';
import { runFacts } from '../../model/fuel/runFacts';
import { fullPractices, practices } from '../../practices/practices';
import { celsius, kPa, ms, percent, rangeOf, shortDeg, shortM, term, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import type { Verdict } from '../Finding';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

/** The pump, the filter before it, and what it has to draw through. */
export const pumpChecks = [
  defineCheck({
    id: 'fuel.suction.length',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'suction',
    why: 'The pump pushes well and sucks badly; each metre before it draws more air out of the fuel.',
    remedy: 'Move the pump towards the tank.',
    source: `${trade} Practices: at most 2 m; at most 3 m.`,
    messages: {
      long: 'Suction line is {length}; at most {max} is allowed here.',
      right: 'Suction line is {length} (at most {max}).',
    },
    remedies: { long: 'Move the pump at least {by} towards the tank.' },
    assess(read, say) {
      const maxM = read.limit('suctionMaxM').value;
      const max = shortM(maxM);
      return worstOf(
        () => {
          const rows = read.rows('segments');
          const known = rows.reduce((sum, { side, lengthM }) => sum + (side === 'suction' ? (lengthM ?? 0) : 0), 0);
          const lengthM = rows.length > 0 ? known : (read.maybe('fuel.suctionLengthM') ?? 0);
          const byM = Math.ceil((lengthM - maxM) * 100 - 1e-6) / 100;
          return lengthM > maxM ? say.fix('long', { length: shortM(lengthM), max, by: shortM(byM) }) : null;
        },
        () => say.sound('right', { length: shortM(read.derived('fuel.suctionM')), max }),
      );
    },
  }),
  defineCheck({
    id: 'fuel.suction.pressure',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'At low pressure the air dissolved in the fuel comes out, and the pump then moves gas in place of fuel.',
    remedy: 'Shorten the suction line, hang the pump lower, or use a fuel that stays thin in the cold.',
    source:
      'Hydrostatics and Hagen–Poiseuille; Henry’s law, coefficient after ASTM D2779 (from memory); the limits are Lorbet’s own choice.',
    messages: {
      cant: 'At {cold} the pump can’t draw this fuel at the height of its stroke: the line would need {more} more than the air gives{strokes}.',
      hangs:
        'At {cold} the pressure before the pump falls to {pressure} absolute and {gas} of each stroke is gas{strokes}: whether it holds hangs on how long a stroke lasts.',
      gas: 'At {cold} the pressure before the pump falls to {pressure} absolute and {gas} of each stroke is gas{strokes}; at most {limit} here.',
      some: 'At {cold} the pressure before the pump falls to {pressure} absolute and {gas} of each stroke is gas{strokes}; over {limit} is worth watching.',
      holds: 'At {cold} the pressure before the pump falls to {pressure} absolute and {gas} of each stroke is gas{strokes}.',
      strokes: ', for strokes of {long} down to {short} (nobody has measured it)',
    },
    remedies: {
      hangs: 'Measure how long a stroke lasts, and enter it; else shorten the suction line or hang the pump lower.',
    },
    assess(read, say) {
      const cold = celsius(read.derived('fuel.coldestC'));
      const [watch, fix] = [read.limit('gasWatchPercent').value, read.limit('gasFixPercent').value];
      read.derived('fuel.suctionKPa');
      const facts = runFacts(read);
      const measured = read.maybe('line.strokeMs') !== null;
      const tried = (measured ? [facts.strokeS] : plausibleStrokeS).map((strokeS) => {
        const lowestKPa = lowestSuctionPa({ ...facts, strokeS }) / 1000;
        const gas = gasOfStroke(facts.ambientPa, lowestKPa * 1000) * 100;
        const level: Verdict['level'] = lowestKPa <= 0 || gas > fix ? 'fix' : gas > watch ? 'watch' : 'sound';
        return { strokeS, lowestKPa, gas, level };
      });
      const [first, last] = [tried[0] ?? null, tried[tried.length - 1] ?? null];
      if (!first || !last) return read.missing({ act: 'measure', what: 'the pump’s stroke' });
      const strokes: Value = measured
        ? null
        : say.clause('strokes', { long: { ...ms(last.strokeS * 1000), unit: '' }, short: ms(first.strokeS * 1000) });
      if (last.lowestKPa <= 0)
        return say.fix('cant', { cold, more: rangeOf(kPa(-last.lowestKPa), kPa(-first.lowestKPa)), strokes });
      const values = {
        cold,
        pressure: rangeOf(kPa(last.lowestKPa), kPa(Math.max(0, first.lowestKPa))),
        gas: rangeOf(percent(last.gas), percent(first.gas)),
        strokes,
      };
      if (tried.some(({ level }) => level !== first.level)) return say.watch('hangs', values);
      if (first.level === 'fix') return say.fix('gas', { ...values, limit: percent(fix) });
      return first.level === 'watch' ? say.watch('some', { ...values, limit: percent(watch) }) : say.sound('holds', values);
    },
  }),
  defineCheck({
    id: 'fuel.filter.place',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'filter',
    why: 'After the pump a filter guards nothing and collects air.',
    remedy: 'Fit the filter between tank and pump, standing up so that air leaves it.',
    source: trade,
    messages: {
      before: 'Filter sits before the pump.',
      after: 'Filter sits after the pump: the pump is unguarded and the filter holds air.',
      none: 'No filter: the first dirt goes into the pump.',
    },
    assess(read, say) {
      const { place } = read.all({ place: 'fuel.filterPlace' });
      if (place === 'beforePump') return say.sound('before');
      return place === 'afterPump' ? say.fix('after') : say.fix('none');
    },
  }),
  defineCheck({
    id: 'fuel.filter.direction',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'filter',
    why: 'Against its arrow a filter sheds what it has caught and chokes.',
    remedy: 'Turn the filter so that its arrow points to the heater.',
    source: trade,
    messages: {
      none: 'No filter to point anywhere; see the finding on the filter’s place.',
      with: 'Filter’s arrow points with the flow.',
      against: 'Filter’s arrow points against the flow.',
    },
    assess(read, say) {
      if (read.maybe('fuel.filterPlace') === 'none') return say.sound('none');
      return read.all({ arrow: 'fuel.filterDirection' }).arrow === 'withFlow' ? say.sound('with') : say.fix('against');
    },
  }),
  defineCheck({
    id: 'fuel.pump.direction',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'A reversed pump moves nothing, and runs dry while it tries.',
    remedy: 'Turn the pump: its arrow, or its plug end, towards the heater.',
    source: trade,
    messages: { with: 'Pump’s arrow points to the heater.', against: 'Pump’s arrow points back to the tank.' },
    assess: (read, say) =>
      read.all({ arrow: 'fuel.pumpDirection' }).arrow === 'withFlow' ? say.sound('with') : say.fix('against'),
  }),
  defineCheck({
    id: 'fuel.pump.angle',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'Gas must be able to leave the pump through its outlet; in a flat pump it stays, and the pump beats on it.',
    remedy: 'Tilt the pump, outlet up, in a bracket that holds the angle.',
    source: `${trade} Practices: 15 to 35°; 30 to 35°; 45°; upright.`,
    messages: {
      right: 'Pump lies at {angle} ({wanted}, outlet up).',
      down: 'Pump’s outlet points down by {angle}: gas can’t leave it. It wants {wanted}, outlet up.',
      makerFlat: 'Pump lies at {angle}; its maker wants {wanted}, outlet up.',
      makerSteep: 'Pump lies at {angle}; its maker wants {wanted}, outlet up.',
      flat: 'Pump lies at {angle}: gas can’t leave it. It wants {wanted}, outlet up.',
      lessThanHere: 'Pump lies at {angle}: gas can rise out of it; this workshop wants {wanted}, outlet up{others}.',
      moreThanHere: 'Pump lies at {angle}: gas can rise out of it; this workshop wants {wanted}, outlet up{others}.',
      others: ', though others accept {practice}',
    },
    remedies: {
      down: 'Tilt it up by {turn} or more.',
      makerFlat: 'Tilt it {turn} more.',
      makerSteep: 'Lay it {turn} flatter.',
      flat: 'Tilt it {turn} more.',
      lessThanHere: 'Tilt it {turn} more.',
      moreThanHere: 'Lay it {turn} flatter.',
    },
    assess(read, say) {
      const { angle } = read.all({ angle: 'fuel.pumpAngleDeg' });
      const [min, max] = [read.limit('pumpAngleMinDeg'), read.limit('pumpAngleMaxDeg')];
      const wanted = { ...shortDeg(min.value), n: [min.value, max.value], join: 'to' as const };
      const values = { angle: shortDeg(angle), wanted };
      if (angle >= min.value && angle <= max.value) return say.sound('right', values);
      if (angle < 0) return say.fix('down', { angle: shortDeg(-angle), wanted, turn: shortDeg(min.value - angle) });
      const tooFlat = angle < min.value;
      const turned = { ...values, turn: shortDeg(tooFlat ? min.value - angle : angle - max.value) };
      if (min.origin === 'maker' || max.origin === 'maker')
        return tooFlat ? say.fix('makerFlat', turned) : say.fix('makerSteep', turned);
      // What a bubble needs is a way up to the outlet: from the least of all practices on it has one, however steep the pump stands.
      const rises = Math.min(...Object.values(practices.pumpAngle.options).map(({ sets }) => sets.pumpAngleMinDeg));
      if (angle < rises) return say.fix('flat', turned);
      const other = Object.entries(practices.pumpAngle.options).find(
        ([id, { sets }]) =>
          id !== fullPractices(read.build.practices).pumpAngle && angle >= sets.pumpAngleMinDeg && angle <= sets.pumpAngleMaxDeg,
      )?.[0];
      const others: Value =
        other === undefined ? null : say.clause('others', { practice: term('practice', `pumpAngle.${other}`) });
      return tooFlat ? say.watch('lessThanHere', { ...turned, others }) : say.watch('moreThanHere', { ...turned, others });
    },
  }),
  defineCheck({
    id: 'fuel.pump.mount',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'A tie lets the angle wander, and a pump bolted hard is heard all night.',
    remedy: 'Hang it in its rubber from a bracket that holds the angle.',
    source: trade,
    messages: {
      rubber: 'Pump hangs in its rubber, on a bracket.',
      hard: 'Pump is bolted hard: every stroke is heard inside.',
      tie: 'Pump hangs by a cable tie: its angle wanders.',
      loose: 'Pump hangs loose.',
    },
    assess(read, say) {
      const { mount } = read.all({ mount: 'line.pumpMount' });
      if (mount === 'rubber') return say.sound('rubber');
      if (mount === 'hard') return say.watch('hard');
      return mount === 'tie' ? say.fix('tie') : say.fix('loose');
    },
  }),
];
