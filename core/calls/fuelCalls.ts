import { schools } from '../schools/schools';
import { show, trim } from '../units/show';
import { routeOf } from '../fuel/routeOf';
import { gasTraps } from '../fuel/gasTraps';
import type { Judge, Reader } from './Call';

const trade = 'Common practice, no published source.';

/** Narrowest and widest bore on the way, and where each is. */
function bores(read: Reader) {
  const { segments } = routeOf(read);
  const by = [...segments].sort((a, b) => a.boreMm - b.boreMm);
  const [narrow, wide] = [by[0], by[by.length - 1]];
  return narrow && wide ? { narrow, wide, segments } : read.missing('bore of the line');
}

/** Fuel stage. What goes wrong here is mostly air in the line, and is found once the tank is back up. */
export const fuelCalls: readonly Judge[] = [
  {
    id: 'fuel.pickup.level',
    stage: 'fuel',
    moment: 'closing',
    part: 'tank',
    why: 'Below the pickup the heater gets no fuel at all: the first thing to look at when it will not prime.',
    todo: 'Fill the tank until the fuel stands well above the pickup, before anything else is taken apart.',
    source: trade,
    judge(read) {
      const { level, pickup } = read.all({ level: 'fuel.fuelLevelMm', pickup: 'fuel.pickupClearanceMm' });
      const over = level - pickup;
      if (over <= 0)
        return {
          level: 'fix',
          says: `Fuel stands at ${show(level)} mm, the pickup at ${show(pickup)} mm: the pickup is ${show(-over)} mm above the fuel.`,
        };
      if (over < 15) return { level: 'watch', says: `Fuel stands only ${show(over)} mm above the pickup; a slope uncovers it.` };
      return { level: 'sound', says: `Fuel stands ${show(over)} mm above the pickup.` };
    },
  },
  {
    id: 'fuel.pickup.clearance',
    stage: 'fuel',
    moment: 'closing',
    part: 'pickup',
    why: 'Too low draws water and sediment and can empty the tank; too high gives fuel away.',
    todo: 'Measure the true depth at that very spot with a clean stick, then cut; file the cut smooth.',
    source: `${trade} 25 to 30 mm is usual.`,
    judge(read) {
      const { kind, clearance } = read.all({ kind: 'fuel.pickupKind', clearance: 'fuel.pickupClearanceMm' });
      const least = read.limit('pickupMinMm').value;
      if (kind === 'bottomOutlet')
        return {
          level: 'watch',
          says: 'The outlet at the bottom gives the last drop, and the sediment with it.',
          todo: 'Look at the filter early; drain the tank once a year.',
        };
      // A workshop that draws from the very bottom takes the sediment, and says so by its school.
      if (clearance < Math.min(10, least))
        return {
          level: 'fix',
          says: `Pickup ends ${show(clearance)} mm above the tank’s floor: it will draw water and dirt. ${show(least)} mm is the least here.`,
        };
      if (clearance < least)
        return {
          level: 'watch',
          says: `Pickup ends ${show(clearance)} mm above the tank’s floor; ${show(least)} mm is the least here.`,
        };
      const { height } = read.all({ height: 'fuel.tankHeightMm' });
      if (clearance >= height)
        return {
          level: 'fix',
          says: `Pickup ends ${show(clearance)} mm above the floor of a tank that is ${show(height)} mm high: it is not in the tank.`,
        };
      const share = (clearance / height) * 100;
      if (share > 50)
        return {
          level: 'watch',
          says: `Pickup at ${show(clearance)} mm leaves ${show(share)} % of the tank’s height out of reach.`,
          todo: 'Right where the owner wants that reserve for the engine; otherwise cut it longer.',
        };
      return { level: 'sound', says: `Pickup ends ${show(clearance)} mm above the tank’s floor (least ${show(least)} mm).` };
    },
  },
  {
    id: 'fuel.line.bore',
    stage: 'fuel',
    moment: 'closing',
    part: 'suction',
    why: 'In a wider bore the fuel creeps, bubbles stand and gather, and the pump beats on air.',
    todo: 'Fit stiff line of the heater’s own bore from end to end.',
    source: trade,
    judge(read) {
      const { narrow, wide } = bores(read);
      const wanted = read.limit('lineBoreMm').value;
      const worst = wide.boreMm - wanted >= wanted - narrow.boreMm ? wide.boreMm : narrow.boreMm;
      if (Math.abs(worst - wanted) <= 0.25)
        return {
          level: 'sound',
          says: `Line is ${narrow.boreMm === wide.boreMm ? trim(wide.boreMm) : `${trim(narrow.boreMm)} to ${trim(wide.boreMm)}`} mm inside; ${trim(wanted)} mm is wanted.`,
        };
      const per = (worst / wanted) ** 2;
      if (worst < wanted)
        return {
          level: 'fix',
          says: `Line of ${trim(worst)} mm bore where ${trim(wanted)} mm is wanted: it takes ${trim((wanted / worst) ** 4, 1)} times the pressure to draw through.`,
        };
      return {
        level: worst - wanted > 0.75 ? 'fix' : 'watch',
        says: `Line of ${trim(worst)} mm bore where ${trim(wanted)} mm is wanted: each metre holds ${trim(per, 1)} times the fuel, which moves ${trim(per, 1)} times slower.`,
      };
    },
  },
  {
    id: 'fuel.line.change',
    stage: 'fuel',
    moment: 'closing',
    part: 'line',
    why: 'A step in the bore is where bubbles stop and gather.',
    todo: 'Run one bore all the way; step only at the pump or the filter if it must be.',
    source: trade,
    judge(read) {
      const { segments, wide } = bores(read);
      const at = segments.findIndex((segment, i) => Math.abs(segment.boreMm - (segments[i - 1] ?? segment).boreMm) > 0.2);
      const [before, after] = [segments[at - 1], segments[at]];
      if (!before || !after) return { level: 'sound', says: `One bore, ${trim(wide.boreMm)} mm, from tank to heater.` };
      return {
        level: 'fix',
        says:
          before.side === after.side
            ? `Bore changes from ${trim(before.boreMm)} mm to ${trim(after.boreMm)} mm where ${before.name} meets ${after.name}.`
            : `Bore changes from ${trim(before.boreMm)} mm before the pump to ${trim(after.boreMm)} mm after it.`,
      };
    },
  },
  {
    id: 'fuel.bubbles',
    stage: 'fuel',
    moment: 'closing',
    part: 'suction',
    why: 'A bubble that the fuel does not carry along stays in the line, grows, and stops the flame one cold night.',
    todo: 'Use a bore under the limit, so that the fuel carries its bubbles to the heater.',
    source: 'Bretherton 1961, J. Fluid Mech. 10:166 (from memory).',
    judge(read) {
      const { wide, segments } = bores(read);
      const widest = wide.boreMm;
      const limit = read.derived('fuel.bubbleBoreMm');
      const trap = gasTraps({ segments, own: true }, limit).find(({ stands }) => stands);
      if (widest >= limit)
        return {
          level: 'fix',
          says: `A bore of ${trim(widest)} mm lets bubbles stand: this fuel carries them only in bores under ${show(limit, 2)} mm${trap ? `; they gather at ${trap.name}, where the line falls ${show(trap.fallsMm)} mm` : ''}.`,
        };
      if (widest > limit * 0.9)
        return {
          level: 'watch',
          says: `A bore of ${trim(widest)} mm carries bubbles only just: the limit for this fuel is ${show(limit, 2)} mm.`,
        };
      return { level: 'sound', says: `A bore of ${trim(widest)} mm carries its bubbles (limit ${show(limit, 2)} mm).` };
    },
  },
  {
    id: 'fuel.suction.length',
    stage: 'fuel',
    moment: 'closing',
    part: 'suction',
    why: 'The pump pushes well and sucks badly; each metre before it draws more air out of the fuel.',
    todo: 'Move the pump towards the tank.',
    source: `${trade} Schools: at most 2 m; at most 3 m.`,
    judge(read) {
      const length = read.derived('fuel.suctionM');
      const most = read.limit('suctionMaxM').value;
      if (length > most)
        return {
          level: 'fix',
          says: `Suction line is ${trim(length)} m; at most ${trim(most)} m is allowed here.`,
          todo: `Move the pump at least ${trim(length - most)} m towards the tank.`,
        };
      return { level: 'sound', says: `Suction line is ${trim(length)} m (at most ${trim(most)} m).` };
    },
  },
  {
    id: 'fuel.suction.pressure',
    stage: 'fuel',
    moment: 'closing',
    part: 'pump',
    why: 'At low pressure the air dissolved in the fuel comes out, and the pump then moves gas in place of fuel.',
    todo: 'Shorten the suction line, hang the pump lower, or use a fuel that stays thin in the cold.',
    source:
      'Hydrostatics and Hagen–Poiseuille; Henry’s law, coefficient after ASTM D2779 (from memory); the limits are Lorbet’s own choice.',
    judge(read) {
      const kPa = read.derived('fuel.suctionKPa');
      const { cold } = read.all({ cold: 'heater.coldestFuelC' });
      const [watch, fix] = [read.limit('gasWatchPercent').value, read.limit('gasFixPercent').value];
      if (kPa <= 0)
        return {
          level: 'fix',
          says: `At ${show(cold)} °C the pump can’t draw this fuel at the height of its stroke: the line would need ${show(-kPa, 1)} kPa more than the air gives.`,
        };
      const gas = read.derived('fuel.gasPercent');
      const says = `At ${show(cold)} °C the pressure before the pump falls to ${show(kPa, 1)} kPa absolute and ${show(gas, 1)} % of each stroke is gas`;
      if (gas > fix) return { level: 'fix', says: `${says}; at most ${show(fix)} % here.` };
      if (gas > watch) return { level: 'watch', says: `${says}; over ${show(watch)} % is worth watching.` };
      return { level: 'sound', says: `${says}.` };
    },
  },
  {
    id: 'fuel.filter.place',
    stage: 'fuel',
    moment: 'closing',
    part: 'filter',
    why: 'After the pump a filter guards nothing and collects air.',
    todo: 'Fit the filter between tank and pump, standing up so that air leaves it.',
    source: trade,
    judge(read) {
      const { place } = read.all({ place: 'fuel.filterPlace' });
      if (place === 'beforePump') return { level: 'sound', says: 'Filter sits before the pump.' };
      if (place === 'afterPump')
        return { level: 'fix', says: 'Filter sits after the pump: the pump is unguarded and the filter holds air.' };
      return { level: 'fix', says: 'No filter: the first dirt goes into the pump.' };
    },
  },
  {
    id: 'fuel.filter.direction',
    stage: 'fuel',
    moment: 'closing',
    part: 'filter',
    why: 'Against its arrow a filter sheds what it has caught and chokes.',
    todo: 'Turn the filter so that its arrow points to the heater.',
    source: trade,
    judge(read) {
      const { place } = read.all({ place: 'fuel.filterPlace' });
      if (place === 'none') return { level: 'sound', says: 'No filter to point anywhere; see the call on the filter’s place.' };
      const { arrow } = read.all({ arrow: 'fuel.filterDirection' });
      return arrow === 'withFlow'
        ? { level: 'sound', says: 'Filter’s arrow points with the flow.' }
        : { level: 'fix', says: 'Filter’s arrow points against the flow.' };
    },
  },
  {
    id: 'fuel.pump.direction',
    stage: 'fuel',
    moment: 'closing',
    part: 'pump',
    why: 'A reversed pump moves nothing, and runs dry while it tries.',
    todo: 'Turn the pump: its arrow, or its plug end, towards the heater.',
    source: trade,
    judge(read) {
      const { arrow } = read.all({ arrow: 'fuel.pumpDirection' });
      return arrow === 'withFlow'
        ? { level: 'sound', says: 'Pump’s arrow points to the heater.' }
        : { level: 'fix', says: 'Pump’s arrow points back to the tank.' };
    },
  },
  {
    id: 'fuel.pump.angle',
    stage: 'fuel',
    moment: 'closing',
    part: 'pump',
    why: 'Gas must be able to leave the pump through its outlet; in a flat pump it stays, and the pump beats on it.',
    todo: 'Tilt the pump, outlet up, in a bracket that holds the angle.',
    source: `${trade} Schools: 15 to 35°; 30 to 35°; 45°; upright.`,
    judge(read) {
      const { angle } = read.all({ angle: 'fuel.pumpAngleDeg' });
      const [least, most] = [read.limit('pumpAngleMinDeg'), read.limit('pumpAngleMaxDeg')];
      const wanted = `${trim(least.value)} to ${trim(most.value)}°, outlet up`;
      if (angle >= least.value && angle <= most.value)
        return { level: 'sound', says: `Pump lies at ${trim(angle)}° (${wanted}).` };
      if (angle < 0)
        return {
          level: 'fix',
          says: `Pump’s outlet points down by ${trim(-angle)}°: gas can’t leave it. It wants ${wanted}.`,
          todo: `Tilt it up by ${trim(least.value - angle)}° or more.`,
        };
      const byMaker = least.origin === 'maker' || most.origin === 'maker';
      const other = byMaker
        ? undefined
        : Object.entries(schools.pumpAngle.options).find(
            ([id, { sets }]) =>
              id !== read.build.schools.pumpAngle && angle >= sets.pumpAngleMinDeg && angle <= sets.pumpAngleMaxDeg,
          )?.[1];
      const turn =
        angle < least.value ? `Tilt it ${trim(least.value - angle)}° more.` : `Lay it ${trim(angle - most.value)}° flatter.`;
      if (other)
        return {
          level: 'watch',
          says: `Pump lies at ${trim(angle)}°; this workshop wants ${wanted}, though another school accepts ${other.label}.`,
          todo: turn,
        };
      return {
        level: 'fix',
        says: `Pump lies at ${trim(angle)}°: ${angle < least.value ? 'gas can’t leave it' : 'steeper than it may be'}. It wants ${wanted}.`,
        todo: turn,
      };
    },
  },
  {
    id: 'fuel.line.joint',
    stage: 'fuel',
    moment: 'closing',
    part: 'suction',
    why: 'A gap between the two ends inside the rubber is a pocket that keeps its air.',
    todo: 'Push both ends in until they butt; warm the rubber if it is tight.',
    source: `${trade} The limit is Lorbet’s own choice.`,
    judge(read) {
      const rows = read.rows('segments');
      const scalar = rows.some(({ gapMm }) => gapMm !== undefined)
        ? (read.maybe('fuel.jointGapMm') ?? 0)
        : read.all({ gap: 'fuel.jointGapMm' }).gap;
      const worst = [...rows].sort((a, b) => (b.gapMm ?? 0) - (a.gapMm ?? 0))[0];
      const gap = Math.max(scalar, worst?.gapMm ?? 0);
      const where = worst?.name && worst.gapMm === gap && gap > 0 ? ` after ${worst.name}` : '';
      const most = read.limit('jointGapMaxMm').value;
      if (gap > most) return { level: 'fix', says: `A gap of ${trim(gap)} mm in a joint${where} traps air; the ends must butt.` };
      if (gap > 0) return { level: 'watch', says: `Widest gap in a joint${where} is ${trim(gap)} mm; the ends should butt.` };
      const joints = rows.filter(({ end }) => end === 'joint').length;
      const allowed = read.limit('lineJointsMost').value;
      return joints > allowed
        ? {
            level: 'watch',
            says: `${show(joints)} ${joints === 1 ? 'joint' : 'joints'} in the line besides those at its parts; this workshop wants ${allowed === 0 ? 'none' : `at most ${show(allowed)}`}.`,
            todo: 'Run it in one piece, or leave each joint where a hand reaches it.',
          }
        : { level: 'sound', says: 'Line ends butt in every joint.' };
    },
  },
];
