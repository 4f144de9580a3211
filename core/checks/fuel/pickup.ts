import { sources } from '../../build/fuelSources';
import { pickupEndMm } from '../../model/fuel/routeOf';
import { tankOf } from '../../model/fuel/tankOf';
import { drillFor, holeFit, snugMm, usualDrillsMm } from '../../physics/fuel/standpipe';
import { levelForMm, tankHeightMm, volumeL } from '../../physics/fuel/tankVolume';
import { toDo } from '../../reading/NotMeasured';
import { litres, mm, percent, rangeOf, shortMm } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

/** Where the heater drinks: how deep, how much it leaves, and the hole that it goes through. */
export const pickupChecks = [
  defineCheck({
    id: 'fuel.pickup.level',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'Below the pickup the heater gets no fuel at all: the first thing to look at when it will not prime.',
    remedy: 'Fill the tank until the fuel stands well above the pickup, before anything else is taken apart.',
    source: trade,
    messages: {
      level: 'Fuel stands at {level}, the pickup at {pickup}: the pickup is level with the fuel.',
      below: 'Fuel stands at {level}, the pickup at {pickup}: the pickup is {under} above the fuel.',
      barely: 'Fuel stands only {over} above the pickup; a slope uncovers it.',
      covered: 'Fuel stands {over} above the pickup.',
    },
    assess(read, say) {
      const { level } = read.all({ level: 'fuel.fuelLevelMm' });
      const pickup = pickupEndMm(read);
      const over = level - pickup;
      const values = { level: mm(level), pickup: mm(pickup) };
      if (over === 0) return say.fix('level', values);
      if (over < 0) return say.fix('below', { ...values, under: mm(-over) });
      return over < 15 ? say.watch('barely', { over: mm(over) }) : say.sound('covered', { over: mm(over) });
    },
  }),
  defineCheck({
    id: 'fuel.pickup.clearance',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pickup',
    why: 'Too low draws water and sediment and can empty the tank; too high gives fuel away.',
    remedy: 'Measure the true depth at that very spot with a clean stick, then cut; file the cut smooth.',
    source: `${trade} 25 to 30 mm is usual.`,
    messages: {
      bottom: 'The outlet at the bottom gives the last drop, and the sediment with it.',
      onFloorDirty: 'Pickup ends on the tank’s floor: it will draw water and dirt. {min} is the least here.',
      onFloor: 'Pickup ends on the tank’s floor; {min} is the least here.',
      dirty: 'Pickup ends {clearance} above the tank’s floor: it will draw water and dirt. {min} is the least here.',
      low: 'Pickup ends {clearance} above the tank’s floor; {min} is the least here.',
      outside: 'Pickup ends {clearance} above the floor of a tank that is {height} high: it is not in the tank.',
      high: 'Pickup at {clearance} leaves {share} of the tank’s height out of reach.',
      right: 'Pickup ends {clearance} above the tank’s floor (least {min}).',
    },
    remedies: {
      bottom: 'Look at the filter early; drain the tank once a year.',
      high: 'Right where the owner wants that reserve for the engine; otherwise cut it longer.',
    },
    assess(read, say) {
      const least = read.limit('pickupMinMm').value;
      const { kind } = read.all({ kind: 'fuel.pickupKind' });
      if (kind === 'bottomOutlet') return say.watch('bottom');
      const { clearance } = read.all({ clearance: 'fuel.pickupClearanceMm' });
      const min = mm(least);
      return worstOf(
        // A workshop that draws from the very bottom takes the sediment, and says so by its practice.
        () => {
          if (clearance < Math.min(10, least))
            return clearance === 0 ? say.fix('onFloorDirty', { min }) : say.fix('dirty', { clearance: mm(clearance), min });
          if (clearance >= least) return null;
          return clearance === 0 ? say.watch('onFloor', { min }) : say.watch('low', { clearance: mm(clearance), min });
        },
        () => {
          const { height } = read.all({ height: 'fuel.tankHeightMm' });
          if (clearance >= height) return say.fix('outside', { clearance: mm(clearance), height: mm(height) });
          const share = (clearance / height) * 100;
          return share > 50
            ? say.watch('high', { clearance: mm(clearance), share: percent(share) })
            : say.sound('right', { clearance: mm(clearance), min });
        },
      );
    },
  }),
  defineCheck({
    id: 'fuel.pickup.reserve',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pickup',
    why: 'A heater that runs all night can leave the engine without fuel in the morning, far from anywhere.',
    remedy: 'Cut the standpipe shorter, so that it runs dry before the engine does.',
    source: trade,
    messages: {
      untouched: 'The engine’s fuel is not touched.',
      lines: 'Drawn from the engine’s own lines the heater can run its tank dry: nothing keeps a reserve back.',
      short: 'The pickup leaves the engine {left}; {wanted} are wanted.',
      impossible: 'The pickup leaves the engine {left}; {wanted} are wanted.',
      left: 'The pickup leaves the engine {left} (wanted {wanted}).',
    },
    remedies: {
      lines: 'Tell the owner, in the hand-over, how long a night’s heat lasts.',
      short: 'End the standpipe {end} above the tank’s floor.',
      impossible: 'The tank holds less than is to be left in it: correct one of the two, or give the heater a tank of its own.',
    },
    assess(read, say) {
      const { way } = read.all({ way: 'tank.way' });
      if (!sources[way].vehicle) return say.sound('untouched');
      if (way !== 'standpipe') return say.watch('lines');
      const wanted = read.maybe('tank.reserveL');
      if (wanted === null) return read.missing(...toDo('settle how much fuel is to be left for the engine'));
      const left = read.derived('fuel.unusableL');
      const values = { left: litres(left, 1), wanted: litres(wanted, 1) };
      if (left >= wanted) return say.sound('left', values);
      const tank = tankOf(read);
      return volumeL(tank, tankHeightMm(tank)) < wanted
        ? say.fix('impossible', values)
        : say.fix('short', { ...values, end: mm(Math.ceil(levelForMm(tank, wanted) - 1e-6)) });
    },
  }),
  defineCheck({
    id: 'fuel.pickup.hole',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'pickup',
    why: 'A loose fitting weeps; one that is forced in cuts its o-ring and cracks the tank.',
    remedy: 'Measure the fitting, then drill; try the drill in an offcut first.',
    source: `${trade} Holes of 7, 7.8, 8 and 16 mm are met; the fit is Lorbet’s own choice.`,
    messages: {
      snug: 'A hole of {hole} takes the fitting of {fitting} snugly.',
      tight: 'The fitting is {fitting} across, the hole {hole}: it does not go through.',
      loose: 'A hole of {hole} round a fitting of {fitting} leaves {gap}: the seal can’t hold.',
      fits: 'Of the drills to hand {drill} fits.',
      tooLoose: 'No drill to hand fits: the next, {drill}, is too loose; one of {wanted} is wanted.',
      tooSmall: 'No drill to hand fits: none is large enough; one of {wanted} is wanted.',
    },
    remedies: {
      tight: 'Drill on, to fit. {drills}',
      loose: 'Take a fitting of the next size, or another tank. {drills}',
    },
    assess(read, say) {
      const { hole, fitting } = read.all({ hole: 'tank.holeMm', fitting: 'tank.fittingMm' });
      const mine = read.rows('drills').flatMap(({ sizeMm }) => (sizeMm === undefined ? [] : [sizeMm]));
      const fit = holeFit(hole, fitting);
      const values = { hole: shortMm(hole, 1), fitting: shortMm(fitting, 1) };
      if (fit === 'snug') return say.sound('snug', values);
      const best = drillFor(fitting, mine.length > 0 ? mine : usualDrillsMm);
      const wanted = { ...rangeOf(shortMm(fitting, 1), shortMm(fitting + snugMm.max, 1)) };
      const drill = best ? shortMm(best.drillMm, 1) : null;
      const drills =
        best?.fit === 'snug'
          ? say.clause('fits', { drill })
          : best
            ? say.clause('tooLoose', { drill, wanted })
            : say.clause('tooSmall', { wanted });
      return fit === 'tight'
        ? say.fix('tight', { ...values, drills })
        : say.fix('loose', { ...values, gap: shortMm(hole - fitting, 1), drills });
    },
  }),
];
