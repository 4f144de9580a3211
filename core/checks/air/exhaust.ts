import type { Reader } from '../../reading/Reader';
import { mm, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { r122, trade } from '../sources';
import { worstOf } from '../worstOf';

/** Inside a hull or a house a hole gives exhaust to whoever is there; water leaves by a closed trap. */
const trapped =
  'Let the pipe fall all the way to its end outside, or fit a closed trap with a valve, drained to outside. A hole that lies in the open air is entered as such.';
const tightMuffler =
  'Fit a gas-tight muffler that falls to the end outside; or set it in the open air, its hole lowest, and enter it so.';
const holeInside = (read: Reader): 'hull' | 'building' | null =>
  read.build.identity.kind === 'boat' ? 'hull' : read.build.identity.kind === 'building' ? 'building' : null;

/** Exhaust. What goes wrong here can poison, so it is checked before the holes are bolted through. */
export const exhaustChecks = [
  defineCheck({
    id: 'exhaust.end.underneath',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Exhaust that ends underneath gathers beneath the floor and finds its way in. It can kill those asleep above it.',
    remedy:
      'Lengthen the pipe until its end stands clear of the outline, pointing away or rearward, not under a window, door or vent.',
    source: `${r122} The margin is Lorbet’s own choice.`,
    messages: {
      inside: 'Exhaust ends {inside} inside the {outline}: its gas gathers {gathers}.',
      barely: 'Exhaust ends {past} past the {outline}; {margin} leaves no doubt.',
      clear: 'Exhaust ends {past} past the {outline}.',
    },
    remedies: { inside: 'Lengthen the pipe by at least {by}, so that its end stands clear of the {outline}.' },
    assess(read, say) {
      const { past } = read.all({ past: 'air.exhaustPastOutlineMm' });
      const margin = read.limit('outlineMarginMm').value;
      if (past < 0) return say.stop('inside', { inside: mm(-past), by: mm(margin - past) });
      return past < margin ? say.watch('barely', { past: mm(past), margin: mm(margin) }) : say.sound('clear', { past: mm(past) });
    },
  }),
  defineCheck({
    id: 'exhaust.drain',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Burning diesel makes water; what can’t run out stands, rusts, freezes and blocks the pipe. And a hole lets out gas as well as water: never where people can breathe it.',
    remedy: 'Let the pipe fall all the way, or drill its low point; turn the muffler so that its own hole is lowest.',
    source: trade,
    messages: {
      undrilled: 'Exhaust has a low point that nothing drains: water will stand in it.',
      undrilledInside: 'Exhaust has a low point that nothing drains: water will stand in it.',
      holeHull: 'Exhaust has a hole at its low point: inside a hull that gives exhaust to the cabin.',
      holeBuilding: 'Exhaust has a hole at its low point: within a building that gives exhaust to the room.',
      mufflerHull: 'Muffler has an open drain hole: in a hull its gas comes to where people are.',
      mufflerBuilding: 'Muffler has an open drain hole: in a building its gas comes to where people are.',
      muffler: 'Muffler’s drain hole is not at its lowest point: the muffler fills.',
      rises: 'Exhaust is said to fall all the way, yet its end lies {higher} its start.',
      level: 'as high as',
      higher: '{by} higher than',
      falls: 'Exhaust falls {fall} to its end.',
      trap: 'Exhaust drains into a closed trap that is emptied outside.',
      drilled: 'Exhaust drains at a drilled low point.',
    },
    remedies: {
      undrilledInside: trapped,
      holeHull: trapped,
      holeBuilding: trapped,
      mufflerHull: tightMuffler,
      mufflerBuilding: tightMuffler,
    },
    assess(read, say) {
      const inside = holeInside(read);
      return worstOf(
        () => {
          const { low } = read.all({ low: 'air.exhaustLowPoint' });
          if (low === 'undrilled') return inside ? say.fix('undrilledInside') : say.fix('undrilled');
          if (low !== 'drilled' || !inside) return null;
          return inside === 'hull' ? say.stop('holeHull') : say.stop('holeBuilding');
        },
        () => {
          const { hole } = read.all({ hole: 'air.mufflerHole' });
          if (inside && (hole === 'lowest' || hole === 'notLowest'))
            return inside === 'hull' ? say.stop('mufflerHull') : say.stop('mufflerBuilding');
          return hole === 'notLowest' ? say.fix('muffler') : null;
        },
        () => {
          if (read.all({ low: 'air.exhaustLowPoint' }).low !== 'fallsAll') return null;
          const { fall } = read.all({ fall: 'air.exhaustFallMm' });
          const higher: Value = fall === 0 ? say.clause('level') : say.clause('higher', { by: mm(-fall) });
          return fall <= 0 ? say.fix('rises', { higher }) : say.sound('falls', { fall: mm(fall) });
        },
        () => (read.all({ low: 'air.exhaustLowPoint' }).low === 'trap' ? say.sound('trap') : say.sound('drilled')),
      );
    },
  }),
];
