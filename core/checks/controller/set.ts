import { comingNight } from '../../model/controller/comingNight';
import { kwAtHz, pumpSet, rateHz, readTogether, settingOf } from '../../model/controller/settings';
import { airAlong, isAirSet, settingsOfAir, type SetPoint } from '../../model/controller/airMap';
import { celsius, metres, quantity, shortHz, shortKw, shortMl, term, times } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';
import { goneThrough } from './goneThrough';

/** A frequency is shown to a tenth. */
const shownHz = 0.05;
/** A speed of the fan so near the maker's is the maker's, share. Lorbet’s own choice, no source. */
const nearRpm = 0.02;
/** A fixed rate that leaves the room so far from what is wanted, K. Lorbet’s own choice, no source. */
const swingK = 5;
/** Numbers that mean something by one way of working alone. */
const numbersOfMode = ['rateHz', 'step', 'targetC'] as const;
const rpm = (value: number) => quantity('rpm', value);

/** What the controller is set to, against this heater, its pipes and its height. */
export const controllerSetChecks = [
  defineCheck({
    id: 'controller.mode',
    stage: 'controller',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A number on the panel may be hertz or degrees: set by the wrong one the heater roasts the room, or leaves it cold.',
    remedy: 'Set it to the room’s temperature, or set a rate that fits the nights; tell the people which of the two it is.',
    source: trade,
    messages: {
      outside: 'It is set to a fixed {set}; its pump runs from {min} to {max}.',
      swings:
        'At a fixed {set} it gives {kw} whatever the room does: up to {warmest} inside on a usual night, {coldest} on the coldest.',
      fixed: 'At a fixed {set} it gives {kw}: up to {warmest} inside on a usual night, {coldest} on the coldest.',
      target: 'It works by the room’s temperature, set to {wanted}.',
      targetUnset: 'It works by the room’s temperature.',
      wrong: 'It works by the other of its two ways than is wanted.',
      gone: 'Gone through: it works by the way that is wanted.',
    },
    remedies: { outside: 'Set a rate between the two, or see whether the number is a temperature.' },
    assess(read, say) {
      const mode = settingOf(read, 'mode');
      if (mode === null) {
        // A number was read, and nobody knows of what.
        if (numbersOfMode.some((key) => settingOf(read, key) !== null)) read.all({ mode: 'controller.mode' });
        return goneThrough(read, 'mode') ? say.fix('wrong') : say.sound('gone');
      }
      if (mode === 'target') {
        const wanted = settingOf(read, 'targetC');
        return wanted === null ? say.sound('targetUnset') : say.sound('target', { wanted: celsius(wanted) });
      }
      return worstOf(
        () => {
          const { minHz, maxHz } = pumpSet(read);
          const hz = rateHz(read);
          return hz !== null && (hz < minHz - shownHz || hz > maxHz + shownHz)
            ? say.fix('outside', { set: shortHz(hz), min: shortHz(minHz), max: shortHz(maxHz) })
            : null;
        },
        () => {
          const [usual, coldest] = [comingNight(read, 'usual'), comingNight(read, 'coldest')];
          const { wanted } = read.all({ wanted: 'survey.insideC' });
          const hz = rateHz(read) ?? 0;
          const values = {
            set: shortHz(hz),
            kw: shortKw(kwAtHz(read, hz)),
            warmest: celsius(usual.warmestC),
            coldest: celsius(coldest.lowest.airC),
          };
          return usual.warmestC > wanted + swingK || coldest.lowest.airC < wanted - swingK
            ? say.watch('swings', values)
            : say.sound('fixed', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'controller.pump.range',
    stage: 'controller',
    holdPoint: 'fire',
    part: 'pump',
    why: 'A pump set faster than the maker has it burns more than the air and the metal bear; one set slower soots.',
    remedy: 'Set both ends as the maker has them.',
    source: `${trade} The maker’s figures decide.`,
    messages: {
      crossed: 'The pump is set from {min} to {max}: the lowest must lie under the highest.',
      above: 'The pump is set up to {set}; its maker has {max}: {kw} in place of {makerKw}.',
      below: 'The pump is set down to {set}; its maker has {min}: so low it soots.',
      dose: 'The controller reckons with {set} a stroke; the pump gives {dose}.',
      less: 'The pump is set from {min} to {max}, less than its maker’s {makerMin} to {makerMax}.',
      within: 'The pump is set from {min} to {max}, as its maker has it.',
      wrong: 'Gone through, and something is set wrong: pump, fan, volts or altitude.',
      gone: 'Gone through: its limits are as they should be.',
    },
    remedies: {
      dose: 'Set the dose that was measured, or that of the pump’s plate.',
      wrong: 'Enter what is set beside what its maker has, and set it right; then enter what going through it finds.',
    },
    assess(read, say) {
      const [min, max, dose] = [settingOf(read, 'pumpMinHz'), settingOf(read, 'pumpMaxHz'), settingOf(read, 'doseMl')];
      const set = () => pumpSet(read);
      const maker = () => read.all({ min: 'heater.pumpMinHz', max: 'heater.pumpMaxHz' });
      return worstOf(
        () => {
          if (min === null && max === null) return null;
          const { minHz, maxHz } = set();
          return minHz >= maxHz ? say.fix('crossed', { min: shortHz(minHz), max: shortHz(maxHz) }) : null;
        },
        () => {
          if (max === null || max <= maker().max + shownHz) return null;
          const kw = kwAtHz(read, max);
          return say.fix('above', {
            set: shortHz(max),
            max: shortHz(maker().max),
            kw: shortKw(kw),
            makerKw: shortKw(read.derived('heater.outputMaxKw')),
          });
        },
        () =>
          min !== null && min < maker().min - shownHz ? say.fix('below', { set: shortHz(min), min: shortHz(maker().min) }) : null,
        () => {
          if (dose === null) return null;
          const gives = read.derived('fuel.doseMl');
          return Math.abs(dose / gives - 1) > 0.1 ? say.fix('dose', { set: shortMl(dose, 3), dose: shortMl(gives, 3) }) : null;
        },
        () => {
          if (min === null && max === null) return goneThrough(read, 'limits') ? say.fix('wrong') : say.sound('gone');
          readTogether(read, 'pumpMinHz', 'pumpMaxHz');
          const [{ minHz, maxHz }, made] = [set(), maker()];
          const values = { min: shortHz(minHz), max: shortHz(maxHz) };
          return minHz > made.min + shownHz || maxHz < made.max - shownHz
            ? say.watch('less', { ...values, makerMin: shortHz(made.min), makerMax: shortHz(made.max) })
            : say.sound('within', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'controller.fan.range',
    stage: 'controller',
    holdPoint: 'fire',
    part: 'heater',
    why: 'A fan that is set too slow starves the flame; one too fast blows it out.',
    remedy: 'Set both ends as the maker has them.',
    source: `${trade} The maker’s figures decide.`,
    messages: {
      crossed: 'The fan is set from {min} to {max}: the slowest must lie under the fastest.',
      slow: 'The fan is set to {set} at its {end}; its maker has {made}.',
      fast: 'The fan is set to {set} at its {end}; its maker has {made}: the flame may be blown out.',
      slowest: 'slowest',
      fastest: 'fastest',
      within: 'The fan is set as its maker has it.',
      unread: 'Nobody has read the fan’s speeds; nothing was found wrong with them.',
    },
    assess(read, say) {
      const ends = [
        { end: say.clause('slowest'), set: settingOf(read, 'fanMinRpm'), path: 'heater.fanMinRpm' },
        { end: say.clause('fastest'), set: settingOf(read, 'fanMaxRpm'), path: 'heater.fanMaxRpm' },
      ] as const;
      const [min, max] = [ends[0].set, ends[1].set];
      return worstOf(
        () => (min !== null && max !== null && min >= max ? say.fix('crossed', { min: rpm(min), max: rpm(max) }) : null),
        ...ends.map(({ end, set, path }) => () => {
          if (set === null) return null;
          const { made } = read.all({ made: path });
          const values = { set: rpm(set), end, made: rpm(made) };
          if (set < made * (1 - nearRpm)) return say.fix('slow', values);
          return set > made * (1 + nearRpm) ? say.watch('fast', values) : null;
        }),
        () => {
          readTogether(read, 'fanMinRpm', 'fanMaxRpm');
          return min === null && goneThrough(read) === null ? say.sound('unread') : say.sound('within');
        },
      );
    },
  }),
  defineCheck({
    id: 'controller.air.fuel',
    stage: 'controller',
    holdPoint: 'fire',
    part: 'heater',
    why: 'Pump and fan are set apart from each other: too much fuel for the air makes soot and carbon monoxide, too little puts the flame out.',
    remedy: 'Set fan and pump as the maker has them together; where an analyser is at hand, set by what it shows.',
    source: 'Darcy–Weisbach, affinity laws, stoichiometry. The fan is assumed where its maker tells nothing of it.',
    messages: {
      rich: 'As they are set, pump and fan give the flame {n} times the air its fuel needs at {hz} and {altitude}; at least {least} is wanted.',
      pipes:
        'With these pipes pump and fan give the flame {n} times the air its fuel needs at {hz} and {altitude}, as the maker has them set too; at least {least} is wanted.',
      lean: 'As they are set, pump and fan give the flame {n} times the air its fuel needs at {hz}; over {most} it may go out.',
      between: 'As they are set, pump and fan give the flame {range} times the air its fuel needs.',
      maker: 'Pump and fan were not read; nothing was found wrong with them.',
    },
    remedies: {
      pipes:
        'Shorten the pipes, take bends out, or fit the kit’s own bore; then set fan and pump as the maker has them together.',
    },
    assess(read, say) {
      // As the maker drives them what the pipes leave is told under air.
      if (!isAirSet(read)) {
        goneThrough(read);
        return say.sound('maker');
      }
      const leastExcess = read.limit('excessAirMin').value;
      const mostExcess = read.limit('excessAirMost').value;
      const { set, maker, highestM } = airAlong(read);
      const worst = (of: readonly SetPoint[], by: (one: SetPoint) => number) =>
        [...of].sort((a, b) => by(a) - by(b))[0] as SetPoint;
      const rich = worst(set, ({ highExcess }) => highExcess);
      const lean = worst(set, ({ lowExcess }) => -lowExcess);
      return worstOf(
        () => {
          if (rich.highExcess >= leastExcess) return null;
          const values = {
            n: times(rich.highExcess, 2),
            hz: shortHz(rich.hz, 1),
            altitude: metres(highestM),
            least: times(leastExcess, 2),
          };
          // Where the maker's own settings starve it too, no setting mends it: what does is told under air.
          return worst(maker, ({ highExcess }) => highExcess).highExcess < leastExcess
            ? say.watch('pipes', values)
            : say.fix('rich', values);
        },
        () =>
          lean.lowExcess > mostExcess
            ? say.watch('lean', { n: times(lean.lowExcess, 2), hz: shortHz(lean.hz, 1), most: times(mostExcess, 2) })
            : null,
        () => {
          readTogether(read, ...settingsOfAir);
          return say.sound('between', { range: { ...times(0, 2), n: [rich.highExcess, lean.lowExcess], join: 'to' } });
        },
      );
    },
  }),
  defineCheck({
    id: 'controller.voltage',
    stage: 'controller',
    holdPoint: 'fire',
    part: 'battery',
    why: 'Set for another voltage it gives up with a fault of its own, or lets the battery run flat.',
    remedy: 'Set it for the supply that it is on.',
    source: trade,
    messages: {
      other: 'The controller is set for {set}; the heater stands on {supply}.',
      same: 'The controller is set for {supply}.',
      auto: 'The controller finds out by itself what it stands on.',
      gone: 'Nobody has read for which voltage it is set; nothing was found wrong with it.',
    },
    assess(read, say) {
      const set = settingOf(read, 'supply');
      if (set === null) {
        goneThrough(read);
        return say.sound('gone');
      }
      if (set === 'auto') return say.sound('auto');
      const { supply } = read.all({ supply: 'heater.supplyV' });
      const values = { supply: term('supply', supply) };
      return set === supply ? say.sound('same', values) : say.fix('other', { ...values, set: term('supply', set) });
    },
  }),
  defineCheck({
    id: 'controller.altitude',
    stage: 'controller',
    holdPoint: 'fire',
    part: 'heater',
    why: 'High up there is less air for the same fuel; a setting for another height makes soot below it, or a flame that goes out.',
    remedy: 'Set the height at which it will run, as the maker has it; change it on the way up and on the way down.',
    source: `ISO 2533 (from memory). ${trade}`,
    messages: {
      low: 'It is set for {set} and will run up to {highest}: there it burns rich.',
      high: 'It is set for {set} and will run up to {highest}: it gets less fuel than it may have.',
      set: 'It is set for {set}, and will run up to {highest}.',
      auto: 'It corrects for altitude by itself.',
      without: 'It has no setting for altitude: at {highest} the flame gets {n} times the air its fuel needs.',
      clean: 'It has no setting for altitude, and needs none: at {highest} the flame gets {n} times the air its fuel needs.',
      gone: 'Nobody has read its altitude; nothing was found wrong with it.',
    },
    remedies: {
      without: 'Set the pump lower, as its maker says for such a height, until the flame gets its air there.',
    },
    assess(read, say) {
      const way = settingOf(read, 'altitude');
      if (way === null) {
        // Set for a height, and nobody knows whether it goes by it.
        if (settingOf(read, 'altitudeM') !== null) read.all({ way: 'controller.altitude' });
        goneThrough(read);
        return say.sound('gone');
      }
      if (way === 'auto') return say.sound('auto');
      const { highestM } = read.all({ highestM: 'heater.altitudeM' });
      const highest = metres(highestM);
      if (way === 'none') {
        const n = Math.min(...airAlong(read).set.map(({ highExcess }) => highExcess));
        const values = { highest, n: times(n, 2) };
        return n < read.limit('excessAirMin').value ? say.watch('without', values) : say.sound('clean', values);
      }
      const setM = settingOf(read, 'altitudeM') ?? read.all({ m: 'controller.altitudeM' }).m;
      const values = { set: metres(setM), highest };
      if (setM < highestM - nearM) return say.fix('low', values);
      return setM > highestM + nearM ? say.watch('high', values) : say.sound('set', values);
    },
  }),
];
/** Heights nearer than this burn alike, m. Lorbet’s own choice, no source. */
const nearM = 500;
