import { settingOf, readTogether } from '../../model/controller/settings';
import { airAlong, isAirSet, settingsOfAir, type SetPoint } from '../../model/controller/airMap';
import { metres, quantity, shortHz, times } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';
import { goneThrough } from './goneThrough';

/** A speed of the fan so near the maker's is the maker's, share. Lorbet’s own choice, no source. */
const nearRpm = 0.02;
/** Heights nearer than this burn alike, m. Lorbet’s own choice, no source. */
const nearM = 500;
const rpm = (value: number) => quantity('rpm', value);

/** How fan and pump, as they are set, meet at this height. */
export const controllerAirChecks = [
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
