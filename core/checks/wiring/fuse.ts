import { feedFuseA, unguardedMm } from '../../model/wiring/feed';
import { nextFuse } from '../../physics/wiring/sizesSold';
import { mm, percent, shortA } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const fitOne = 'Fit a fuse of the maker’s rating at the battery post.';

/** The fuse: its rating, and how much cable lies before it. */
export const fuseChecks = [
  defineCheck({
    id: 'wiring.fuse.rating',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Too small, it opens on a cold start and a hot heater loses its cooling; too large, the heater is not guarded.',
    remedy: 'Fit the maker’s rating; the cable must carry what it lets through.',
    source: `Load of at most 80 %: ${trade.toLowerCase()} Opening times: ISO 8820-3 (from memory).`,
    messages: {
      none: 'There is no fuse in the feed: a chafed cable burns until the battery is flat.',
      over: 'Fuse of {fuse} where the maker asks for {asked}.',
      askedLoaded:
        'Fuse of {fuse} is loaded to {used} by the {amps} of a start; the maker asks for it, the trade loads a fuse to {max} at most.',
      asked: 'Fuse of {fuse} is loaded to {used} by the {amps} of a start, and it is what the maker asks for.',
      loaded: 'Fuse of {fuse} is loaded to {used} by the {amps} of a start; at most {max}.',
      loadedMost: 'Fuse of {fuse} is loaded to {used} by the {amps} of a start; at most {max}.',
      under: 'Fuse of {fuse} where the maker asks for {asked}.',
      large: 'Fuse of {fuse} for a start of {amps} guards nothing at the heater.',
      largeMost: 'Fuse of {fuse} for a start of {amps} guards nothing at the heater.',
      right: 'Fuse of {fuse} is loaded to {used} by the {amps} of a start.',
    },
    remedies: {
      none: fitOne,
      over: 'Fit {asked}.',
      askedLoaded: 'The maker’s figure goes first. Measure the current of a start, and ask the maker where the two don’t agree.',
      loaded: 'Fit {buy}, and a cable that carries it.',
      loadedMost: 'Fit a larger one, and a cable that carries it.',
      under: 'Fit {asked}.',
      large: 'Fit {buy}, or enter what the maker asks for.',
    },
    assess(read, say) {
      const fuseA = feedFuseA(read);
      if (fuseA === 0) return say.stop('none');
      const rule = read.limit('fuseA');
      const askedA = rule.origin === 'maker' ? rule.value : null;
      const fuse = shortA(fuseA);
      return worstOf(
        () => (askedA !== null && fuseA > askedA + 0.01 ? say.fix('over', { fuse, asked: shortA(askedA) }) : null),
        () => {
          const { amps: startA } = read.all({ amps: 'heater.startCurrentA' });
          const max = read.limit('fuseLoadPercent').value;
          const used = (startA / fuseA) * 100;
          const values = { fuse, used: percent(used), amps: shortA(startA) };
          // What the maker asks for is no fault; that a habit of the trade says otherwise is told.
          if (askedA !== null && Math.abs(fuseA - askedA) <= 0.01)
            return used > max ? say.watch('askedLoaded', { ...values, max: percent(max) }) : say.sound('asked', values);
          const fits = nextFuse((startA / max) * 100);
          if (used > max) {
            const buy = askedA ?? fits;
            const loaded = { ...values, max: percent(max) };
            return buy === null ? say.fix('loadedMost', loaded) : say.fix('loaded', { ...loaded, buy: shortA(buy) });
          }
          if (askedA !== null) return say.watch('under', { fuse, asked: shortA(askedA) });
          if (fuseA <= 2.5 * startA) return say.sound('right', values);
          return fits === null
            ? say.fix('largeMost', { fuse, amps: values.amps })
            : say.fix('large', { fuse, amps: values.amps, buy: shortA(fits) });
        },
      );
    },
  }),
  defineCheck({
    id: 'wiring.fuse.place',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Cable before the fuse is not guarded: chafed through, it sets fire.',
    remedy: 'Move the fuse to the battery post.',
    source: 'ISO 10133; ABYC E-11 (from memory); the local code decides.',
    messages: {
      none: 'There is no fuse in the feed.',
      near: 'Fuse sits {away} from the battery post (at most {max}).',
      far: 'Fuse sits {away} from the battery post; at most {max}: so much cable is unguarded.',
    },
    remedies: { none: fitOne },
    assess: (read, say) =>
      worstOf(
        () => (feedFuseA(read) === 0 ? say.stop('none') : null),
        () => {
          const away = unguardedMm(read);
          const max = read.limit('fuseFromBatteryMm').value;
          const values = { away: mm(away), max: mm(max) };
          return away <= max ? say.sound('near', values) : say.fix('far', values);
        },
      ),
  }),
];
