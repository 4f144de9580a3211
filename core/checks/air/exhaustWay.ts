import type { ValueAt } from '../../build/sheets';
import { exhaustParts, levelMm, lowPoints } from '../../model/air/hotPieces';
import { bendsDeg, fallMm, isOwn, lengthM, pieceName, piecesOf, wayOf } from '../../model/air/wayOf';
import { fullPractices } from '../../practices/practices';
import type { Reader } from '../../reading/Reader';
import { celsius, mm, name, percent, shortDeg, shortM, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { makerDecides, trade } from '../sources';
import { worstOf } from '../worstOf';

/** Inside a hull or a house a hole gives exhaust to whoever is there; water leaves by a closed trap. */
const trapped =
  'Let the pipe fall all the way to its end outside, or fit a closed trap with a valve, drained to outside. A hole that lies in the open air is entered as such.';
const tightMuffler =
  'Fit a gas-tight muffler that falls to the end outside; or set it in the open air, its hole lowest, and enter it so.';
const holeInside = (read: Reader): 'hull' | 'building' | null =>
  read.build.identity.kind === 'boat' ? 'hull' : read.build.identity.kind === 'building' ? 'building' : null;

type Low = ValueAt<'air.exhaustLowPoint'>;
const byDrain = { none: 'undrilled', drilled: 'drilled', trap: 'trap', valve: 'trap' } as const;
/** Every low point by what drains it, each asked by itself: those of the pieces, else what somebody has said of the whole. */
function lowsOf(read: Reader): (() => Low)[] {
  if (!isOwn(read, 'exhaust')) return [() => read.all({ low: 'air.exhaustLowPoint' }).low];
  const lows = lowPoints(read).map(({ name: piece, drain }) => (): Low => {
    if (drain === null) return read.missing({ act: 'do', what: `say what drains the low point after “${piece}”` });
    const low = byDrain[drain];
    // A hole that lies in the open air is said of the whole.
    return low === 'drilled' && read.maybe('air.exhaustLowPoint') === 'drilledOut' ? 'drilledOut' : low;
  });
  // Where a rise is not known, nobody knows whether a low point lies there.
  const unknown = piecesOf(read.rows('pipes'), 'exhaust').flatMap((row, i) =>
    row.riseMm === undefined ? [(): Low => read.missing({ act: 'measure', what: `rise of “${pieceName(row, i)}”` })] : [],
  );
  return lows.length + unknown.length > 0 ? [...lows, ...unknown] : [() => 'fallsAll'];
}
/** The first of the low points, for what is told where none of them is bad. */
const lowOf = (read: Reader): Low => lowsOf(read).map((low) => low())[0] ?? 'fallsAll';

/** How the exhaust runs, and where its water goes. */
export const exhaustWayChecks = [
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
      stands: '{piece} is set upright; here they lie, by the practice that was chosen.',
      lies: '{piece} lies; here they are set upright, by the practice that was chosen.',
      rises: 'Exhaust is said to fall all the way, yet its end lies {higher} its start.',
      level: 'as high as',
      higher: '{by} higher than',
      falls: 'Exhaust falls {fall} to its end.',
      trap: 'Exhaust drains into a closed trap that is emptied outside.',
      trapFreezes: 'Exhaust drains into a closed trap: at {coldest} what stands in it freezes, and holds the gas back.',
      drilled: 'Exhaust drains at a drilled low point.',
    },
    remedies: {
      stands: 'Lay it with its hole down, or choose the other practice.',
      lies: 'Set it upright with its hole lowest, or choose the other practice.',
      trapFreezes: 'Empty it before the frost, every time; or let the pipe fall all the way.',
      undrilledInside: trapped,
      holeHull: trapped,
      holeBuilding: trapped,
      mufflerHull: tightMuffler,
      mufflerBuilding: tightMuffler,
    },
    assess(read, say) {
      const inside = holeInside(read);
      const drained = (low: Low) => {
        if (low === 'undrilled') return inside ? say.fix('undrilledInside') : say.fix('undrilled');
        if (low !== 'drilled' || !inside) return null;
        return inside === 'hull' ? say.stop('holeHull') : say.stop('holeBuilding');
      };
      return worstOf(
        ...lowsOf(read).map((low) => () => drained(low())),
        () => {
          const { hole } = read.all({ hole: 'air.mufflerHole' });
          if (inside && (hole === 'lowest' || hole === 'notLowest'))
            return inside === 'hull' ? say.stop('mufflerHull') : say.stop('mufflerBuilding');
          return hole === 'notLowest' ? say.fix('muffler') : null;
        },
        ...exhaustParts(read).map((part) => () => {
          const wanted = fullPractices(read.build.practices).muffler;
          if (!part.muffler || wanted === 'either') return null;
          const piece = name(part.name ?? '');
          if (part.lies === null)
            return read.missing({ act: 'do', what: `say whether “${part.name ?? ''}” lies or stands upright` });
          if (part.lies === wanted) return null;
          return part.lies === 'lying' ? say.watch('lies', { piece }) : say.watch('stands', { piece });
        }),
        () => {
          if (lowOf(read) !== 'fallsAll') return null;
          const fall = isOwn(read, 'exhaust') ? fallMm(wayOf(read, 'exhaust')) : read.all({ fall: 'air.exhaustFallMm' }).fall;
          const higher: Value = fall === 0 ? say.clause('level') : say.clause('higher', { by: mm(-fall) });
          return fall <= 0 ? say.fix('rises', { higher }) : say.sound('falls', { fall: mm(fall) });
        },
        () => {
          if (lowOf(read) !== 'trap') return say.sound('drilled');
          const coldest = read.maybe('survey.coldestC');
          return coldest !== null && coldest < 0 ? say.watch('trapFreezes', { coldest: celsius(coldest) }) : say.sound('trap');
        },
      );
    },
  }),
  defineCheck({
    id: 'exhaust.slope',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Water that burning makes runs where the pipe falls; a piece that rises sends it back to the burner.',
    remedy: 'Let every piece fall to its end; a piece that must rise wants a drained low point before it.',
    source: `${trade} The fall is Lorbet’s own choice.`,
    messages: {
      rises: 'Exhaust rises {by} to its end.',
      risesDrained: 'Exhaust rises {by} to its end, after a low point that is drained.',
      pieceRises: '{piece} rises {by}: its water runs back towards the burner.',
      hardly: 'Exhaust falls {by} on {length}: hardly any; {least} is better.',
      pieceHardly: '{piece} falls {by} on {length}: hardly any; {least} is better.',
      falls: 'Exhaust falls {by} on {length}.',
    },
    assess(read, say) {
      const leastPercent = read.limit('exhaustFallMinPercent').value;
      const least = percent(leastPercent);
      if (!isOwn(read, 'exhaust')) {
        const { fall, length } = read.all({ fall: 'air.exhaustFallMm', length: 'air.exhaustLengthM' });
        // Where somebody says that a low point drains it, it may rise after that.
        const drained = ['drilled', 'drilledOut', 'trap'].includes(read.maybe('air.exhaustLowPoint') ?? '');
        const values = { by: mm(Math.abs(fall)), length: shortM(length) };
        if (fall < 0) return drained ? say.watch('risesDrained', { by: values.by }) : say.fix('rises', { by: values.by });
        return fall < length * 10 * leastPercent ? say.watch('hardly', { ...values, least }) : say.sound('falls', values);
      }
      const rows = piecesOf(read.rows('pipes'), 'exhaust');
      const drained = lowPoints(read).find(({ drain }) => drain !== null && drain !== 'none')?.piece ?? Infinity;
      const at = (i: number) => name(pieceName(rows[i] ?? {}, i));
      return worstOf(
        // A piece that is known to rise is told, whatever is not known of the others.
        () => {
          const i = rows.findIndex(({ riseMm }, k) => riseMm !== undefined && riseMm > levelMm && k <= drained);
          return i < 0 ? null : say.fix('pieceRises', { piece: at(i), by: mm(rows[i]?.riseMm ?? 0) });
        },
        () => {
          const { pieces } = wayOf(read, 'exhaust');
          const i = pieces.findIndex(({ riseMm, lengthM: long }) => riseMm <= levelMm && -riseMm < long * 10 * leastPercent);
          const flat = pieces[i];
          if (!flat) return null;
          const by = mm(Math.max(0, -flat.riseMm));
          return say.watch('pieceHardly', { piece: at(i), by, length: shortM(flat.lengthM), least });
        },
        () => {
          const way = wayOf(read, 'exhaust');
          const fall = fallMm(way);
          if (fall < 0) return say.watch('risesDrained', { by: mm(-fall) });
          return say.sound('falls', { by: mm(fall), length: shortM(lengthM(way)) });
        },
      );
    },
  }),
  defineCheck({
    id: 'exhaust.length',
    stage: 'air',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Every metre and every bend holds the gas back: the flame gets less air, soots, and the pipe fills with water.',
    remedy: 'Shorten it, or take bends out; move the heater nearer to the outside.',
    source: `${trade} ${makerDecides}`,
    messages: {
      long: 'Exhaust is {length} long; at most {most} is allowed.',
      bent: 'Exhaust turns by {bends} in all; at most {most} is allowed.',
      holds: 'Exhaust is {length} long and turns by {bends} in all.',
    },
    remedies: { long: 'Shorten it by at least {by}; move the heater nearer to the outside.' },
    assess: (read, say) =>
      worstOf(
        () => {
          const most = read.limit('exhaustMaxM').value;
          const rows = isOwn(read, 'exhaust');
          const long = rows
            ? exhaustParts(read).reduce((sum, part) => sum + (part.lengthM ?? 0), 0)
            : read.all({ length: 'air.exhaustLengthM' }).length;
          return long > most ? say.fix('long', { length: shortM(long), most: shortM(most), by: shortM(long - most) }) : null;
        },
        () => {
          const most = read.limit('exhaustBendsMaxDeg').value;
          const turned = isOwn(read, 'exhaust') ? bendsDeg(wayOf(read, 'exhaust')) : read.all({ d: 'pipes.exhaustBendsDeg' }).d;
          return turned > most ? say.fix('bent', { bends: shortDeg(turned), most: shortDeg(most) }) : null;
        },
        () => {
          if (isOwn(read, 'exhaust')) {
            const way = wayOf(read, 'exhaust');
            return say.sound('holds', { length: shortM(lengthM(way)), bends: shortDeg(bendsDeg(way)) });
          }
          const { length, bends } = read.all({ length: 'air.exhaustLengthM', bends: 'pipes.exhaustBendsDeg' });
          return say.sound('holds', { length: shortM(length), bends: shortDeg(bends) });
        },
      ),
  }),
];
