import type { NoiseReading } from '../../build/Build';
import { levelAt } from '../../model/startup/noiseOf';
import { provingStart } from '../../model/startup/fittedStarts';
import { withoutRestDb } from '../../physics/sound/levels';
import { toDo } from '../../reading/NotMeasured';
import { decibels, term } from '../../wording/Value';
import { defineCheck } from '../Check';
import { worstOf } from '../worstOf';

/** So much over the place's own sound is told of a phone, which is good for differences only, dB. Lorbet's own choice, no source. */
const risesDb = 6;

/** Whether people can sleep beside it. */
export const noiseChecks = [
  defineCheck({
    id: 'start.noise',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'cabin',
    why: 'A pump that clicks through the frame or an exhaust under the bed keeps people awake, and neighbours with them.',
    remedy:
      'Hang the pump in rubber, free of the body; lag it and the intake; lead the exhaust away. Then read the same place again, heater at the same rate.',
    source:
      'WHO 1999 and 2009 (from memory); a phone is good for differences only: common practice, no source. The local code decides.',
    messages: {
      unread: 'Nobody has read the sound at the pillow or seat, heater at its lowest.',
      alone: '{level} at the {place} by a phone, which is good for differences only; with the heater off nobody read it.',
      loud: '{level} at the {place}{rest}; {max} is the most.',
      risen: 'By a phone it is {rise} louder at the {place} than with the heater off ({level}).',
      quiet: '{level} at the {place} at its lowest{rest} (at most {max}).',
      little: 'By a phone it is {rise} louder at the {place} than with the heater off.',
      rest: ', {own} of it the heater’s own',
    },
    remedies: {
      unread: 'Read it by a sound meter; or by a phone, once with the heater off and once at its lowest.',
      alone: 'Read the same place with the heater off.',
    },
    assess(read, say) {
      const { build } = read;
      const pillow = levelAt(build, 'pillow', 'low');
      const judge = (one: NoiseReading, maxDb: number) => {
        const rest = levelAt(build, one.place, 'off');
        read.note('Level of sound', one.levelDb, 'dB', one);
        const place = term('noisePlace', one.place);
        const level = decibels(one.levelDb);
        if (one.with === 'phone') {
          if (!rest) return say.watch('alone', { place, level });
          const rise = one.levelDb - rest.levelDb;
          const values = { rise: decibels(Math.max(0, rise)), place };
          return rise >= risesDb ? say.watch('risen', { ...values, level }) : say.sound('little', values);
        }
        // Where the place is hardly quieter without it, the heater is not what keeps people awake.
        const own = rest ? withoutRestDb(one.levelDb, rest.levelDb) : one.levelDb;
        const values = {
          level,
          place,
          max: decibels(maxDb),
          rest: rest && own !== null ? say.clause('rest', { own: decibels(own) }) : null,
        };
        return own !== null && own > maxDb ? say.watch('loud', values) : say.sound('quiet', values);
      };
      const neighbour = levelAt(build, 'neighbour', 'low');
      const outside = () => neighbour && judge(neighbour, read.limit('neighbourMaxDb').value);
      if (pillow) return worstOf(() => judge(pillow, read.limit('pillowMaxDb').value), outside);
      // What is known loud goes before what nobody has read.
      const loud = outside();
      if (loud?.level === 'watch') return loud;
      return provingStart(build) === null
        ? read.missing(...toDo('light it in its place, and read the sound at the pillow or seat at its lowest'))
        : say.watch('unread');
    },
  }),
];
