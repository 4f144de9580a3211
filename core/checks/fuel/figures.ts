import { sources } from '../../build/fuelSources';
import { fieldAt } from '../../build/sheets';
import { inOrder, pickupEndMm, pickupTopMm, routeOf, segmentName } from '../../model/fuel/routeOf';
import { dipRows, tankOf } from '../../model/fuel/tankOf';
import { isImpossible, riseOf, sideOf } from '../../physics/fuel/Route';
import { dipsFlaw, levelForMm, volumeL } from '../../physics/fuel/tankVolume';
import { count, litres, mm, name, shortM, shortMm, shortQuantity, term, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { worstOf } from '../worstOf';

/** Whether what is entered of tank and line can be true all at once. */
export const figuresChecks = [
  defineCheck({
    id: 'fuel.figures',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'Two figures that can’t both be true make every sum that rests on them false.',
    remedy: 'Measure both again, and enter what is true.',
    source: 'Geometry: lengths, levels and rises can’t contradict each other.',
    messages: {
      level: 'Fuel standing in it is {level} in a tank that is {height} high; allowed is up to {height}.',
      dips: 'The dip table goes from {litres} at {level} to {nextLitres} at {nextLevel}; each row must hold more than the one below it.',
      fewDips: 'The dip table has {n|one row|no rows}; two or more are needed.',
      falls: '{segment} is {length} long and falls {by}; allowed is up to its length, {max}.',
      rises: '{segment} is {length} long and rises {by}; allowed is up to its length, {max}.',
      outlet: 'The pickup is an outlet at the bottom, and {clearance} above the floor is entered for it; allowed is {none}.',
      filter: 'The filter is drawn {drawn}, at the end of {segment}; the sheet has it {entered}.',
      before: 'before the pump',
      after: 'after the pump',
      nowhere: 'nowhere',
      surveyOwn: 'The survey has the heater draw from a tank of its own; here it is {source}.',
      surveyVehicle: 'The survey has the heater draw from the {vehicle}’s fuel; here it is {source}.',
      dipsHigh: 'The tank’s inside height is {tall}; its dip table goes up to {top}.',
      outlineHigh: 'The tank’s inside height is {tall}; its outline goes up to {top}.',
      standpipe: 'A standpipe{cut} ends {ends}; its clearance is entered as {clearance}.',
      cut: ' cut to {cut}',
      at: '{where}',
      lowest: 'at the lowest {where}',
      highest: 'at the highest {where}',
      onFloor: 'on the floor',
      belowFloor: '{by} below the floor',
      aboveFloor: '{by} above the floor',
      rise: 'The segments rise {has} in all from pickup to pump; the heights entered make it {wants}.',
      riseAfter: 'The segments rise {has} in all from pump to heater; the heights entered make it {wants}.',
      agree: 'Levels, tank and line agree; the tank holds {volume}.',
    },
    remedies: {
      outlet: 'Enter {none}, or choose the kind of pickup that it is.',
      filter: 'Look which is true, and enter it in both.',
    },
    formerly: {
      level: ['Fuel standing in it is {level} in a tank that is {height} high; allowed is 0 to {height}.'],
      rise: ['The stretches rise {has} in all from pickup to pump; the heights entered make it {wants}.'],
      riseAfter: ['The stretches rise {has} in all from pump to heater; the heights entered make it {wants}.'],
    },
    assess(read, say) {
      const rows = inOrder(read.rows('segments'));
      return worstOf(
        () => {
          const { height, level } = read.all({ height: 'fuel.tankHeightMm', level: 'fuel.fuelLevelMm' });
          return level > height ? say.fix('level', { level: mm(level), height: mm(height) }) : null;
        },
        () => {
          if (read.all({ shape: 'tank.shape' }).shape !== 'dips') return null;
          const flaw = dipsFlaw(dipRows(read));
          if (flaw === null) return null;
          if ('rows' in flaw) return say.fix('fewDips', { n: count(flaw.rows) });
          const [l, m] = [(n: number) => shortQuantity('L', n, 3), (n: number) => shortMm(n, 3)];
          return say.fix('dips', {
            litres: l(flaw.before.litres),
            level: m(flaw.before.levelMm),
            nextLitres: l(flaw.after.litres),
            nextLevel: m(flaw.after.levelMm),
          });
        },
        () => {
          const at = rows.findIndex(
            ({ lengthM, riseMm }) => lengthM !== undefined && riseMm !== undefined && isImpossible({ lengthM, riseMm }),
          );
          const row = rows[at];
          if (!row || row.lengthM === undefined || row.riseMm === undefined) return null;
          return say.fix(row.riseMm < 0 ? 'falls' : 'rises', {
            segment: name(segmentName(row, at)),
            length: shortM(row.lengthM),
            by: mm(Math.abs(row.riseMm)),
            max: mm(row.lengthM * 1000),
          });
        },
        () => {
          const { kind } = read.all({ kind: 'fuel.pickupKind' });
          const clearance = read.maybe('fuel.pickupClearanceMm');
          return kind === 'bottomOutlet' && clearance !== null && clearance > 0
            ? say.fix('outlet', { clearance: mm(clearance), none: mm(0) })
            : null;
        },
        () => {
          const place = read.maybe('fuel.filterPlace');
          const at = rows.find(({ end }) => end === 'filter');
          if (!at || place === null) return null;
          const drawn = at.side === 'pressure' ? 'afterPump' : 'beforePump';
          if (place === drawn) return null;
          const word = { beforePump: 'before', afterPump: 'after', none: 'nowhere' } as const;
          return say.fix('filter', {
            drawn: say.clause(word[drawn]),
            entered: say.clause(word[place]),
            segment: name(segmentName(at, rows.indexOf(at))),
          });
        },
        () => {
          const { way } = read.all({ way: 'tank.way' });
          const from = read.maybe('survey.fuelFrom');
          if (from === null || (from === 'vehicle') === sources[way].vehicle) return null;
          return say.fix(from === 'own' ? 'surveyOwn' : 'surveyVehicle', { source: term('source', way) });
        },
        () => {
          const tank = tankOf(read);
          if (tank.kind !== 'prism' && tank.kind !== 'dips') return null;
          const { tall } = read.all({ tall: 'fuel.tankHeightMm' });
          const top = levelForMm(tank, Infinity);
          return Math.abs(top - tall) > 5
            ? say.fix(tank.kind === 'dips' ? 'dipsHigh' : 'outlineHigh', { tall: mm(tall), top: mm(top) })
            : null;
        },
        () => {
          const clear = pickupEndMm(read);
          // One that nobody has measured may be all that it can be; what the others say stands all the same.
          const [depth, stack, cut] = (['tank.depthAtSpotMm', 'tank.flangeStackMm', 'tank.cutMm'] as const).map((path) => {
            const field = fieldAt(path);
            const value = read.maybe(path);
            return value === null && field.kind === 'number' ? [field.min, field.max] : [Number(value), Number(value)];
          }) as [[number, number], [number, number], [number, number]];
          const [min, max] = [depth[0] + stack[0] - cut[1], depth[1] + stack[1] - cut[0]];
          const off = 3 + (read.maybe('tank.cutOffMm') ?? 2);
          if (clear >= min - off && clear <= max + off) return null;
          const where = (at: number): Value =>
            Math.round(at) === 0
              ? say.clause('onFloor')
              : say.clause(at < 0 ? 'belowFloor' : 'aboveFloor', { by: mm(Math.abs(at)) });
          const ends =
            min === max
              ? say.clause('at', { where: where(min) })
              : clear < min
                ? say.clause('lowest', { where: where(min) })
                : say.clause('highest', { where: where(max) });
          return say.fix('standpipe', {
            cut: cut[0] === cut[1] ? say.clause('cut', { cut: mm(cut[0]) }) : null,
            ends,
            clearance: mm(clear),
          });
        },
        () => {
          const f = read.all({ pump: 'fuel.pumpAboveTankFloorMm', heater: 'fuel.heaterAboveTankFloorMm' });
          if (rows.length === 0) return null;
          const route = routeOf(read);
          const sums = [
            { code: 'rise', has: riseOf(sideOf(route, 'suction')), wants: f.pump - pickupTopMm(read) },
            { code: 'riseAfter', has: riseOf(sideOf(route, 'pressure')), wants: f.heater - f.pump },
          ] as const;
          // Half a hand: a pump leans, a line sags.
          const off = sums.find(({ has, wants }) => Math.abs(has - wants) > 80);
          return off ? say.fix(off.code, { has: mm(off.has), wants: mm(off.wants) }) : null;
        },
        () => say.sound('agree', { volume: litres(volumeL(tankOf(read), Infinity), 1) }),
      );
    },
  }),
];
