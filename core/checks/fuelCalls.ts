import { schools } from '../practices/practices';
import { show, trim } from '../units/show';
import { routeOf } from '../model/fuel/routeOf';
import { gasTraps } from '../physics/fuel/gasTraps';
import { pickupEndMm, segmentName, inOrder } from '../model/fuel/routeOf';
import { fullSchools } from '../practices/practices';
import { gasOfStroke } from '../physics/fuel/gasShare';
import { lowestSuctionPa } from '../physics/fuel/pressureAlong';
import { plausibleStrokeS } from '../physics/fuel/peakFlowMlS';
import { runFacts } from '../model/fuel/runFacts';
import type { Judge, Reader, Verdict } from './Call';
import { NotMeasured } from '../reading/reader';
import { weigh } from './weigh';

const trade = 'Common practice, no published source.';

/** Narrowest and widest bore on the way, and where each is. */
function bores(read: Reader) {
  const { segments } = routeOf(read);
  const by = [...segments].sort((a, b) => a.boreMm - b.boreMm);
  const [narrow, wide] = [by[0], by[by.length - 1]];
  return narrow && wide ? { narrow, wide, segments } : read.missing('bore of the line');
}

/** Bores that are known, whether or not all of the line is. */
function knownBores(read: Reader): { boreMm: number; name: string }[] {
  const rows = inOrder(read.rows('segments'));
  if (rows.length > 0)
    return rows.flatMap((row, i) => (row.boreMm === undefined ? [] : [{ boreMm: row.boreMm, name: segmentName(row, i) }]));
  return (
    [
      ['fuel.suctionBoreMm', 'tank to pump'],
      ['fuel.pressureBoreMm', 'pump to heater'],
    ] as const
  ).flatMap(([path, name]) => {
    const boreMm = read.maybe(path);
    return boreMm === null ? [] : [{ boreMm, name }];
  });
}

/** Where bubbles gather, as far as the line is known. */
function standingTrap(read: Reader, limitMm: number) {
  try {
    return gasTraps(routeOf(read), limitMm).find(({ stands }) => stands);
  } catch (error) {
    if (!(error instanceof NotMeasured)) throw error;
    return undefined;
  }
}

/** Where the fuel is drawn from at the lowest, mm above the tank's floor; null where nobody has said. */
function lowestPickupMm(read: Reader): number | null {
  const kind = read.maybe('fuel.pickupKind');
  if (kind === 'bottomOutlet') return 0;
  return kind === null ? null : read.maybe('fuel.pickupClearanceMm');
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
      const { level } = read.all({ level: 'fuel.fuelLevelMm' });
      const pickup = pickupEndMm(read);
      const over = level - pickup;
      if (over <= 0)
        return {
          level: 'fix',
          says: `Fuel stands at ${show(level)} mm, the pickup at ${show(pickup)} mm: the pickup is ${over === 0 ? 'level with' : `${show(-over)} mm above`} the fuel.`,
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
      const least = read.limit('pickupMinMm').value;
      const { kind } = read.all({ kind: 'fuel.pickupKind' });
      if (kind === 'bottomOutlet')
        return {
          level: 'watch',
          says: 'The outlet at the bottom gives the last drop, and the sediment with it.',
          todo: 'Look at the filter early; drain the tank once a year.',
        };
      const { clearance } = read.all({ clearance: 'fuel.pickupClearanceMm' });
      return weigh(
        read,
        // A workshop that draws from the very bottom takes the sediment, and says so by its school.
        () => {
          const says =
            clearance === 0 ? 'Pickup ends on the tank’s floor' : `Pickup ends ${show(clearance)} mm above the tank’s floor`;
          if (clearance < Math.min(10, least))
            return { level: 'fix', says: `${says}: it will draw water and dirt. ${show(least)} mm is the least here.` };
          return clearance < least ? { level: 'watch', says: `${says}; ${show(least)} mm is the least here.` } : null;
        },
        () => {
          const { height } = read.all({ height: 'fuel.tankHeightMm' });
          if (clearance >= height)
            return {
              level: 'fix',
              says: `Pickup ends ${show(clearance)} mm above the floor of a tank that is ${show(height)} mm high: it is not in the tank.`,
            };
          const share = (clearance / height) * 100;
          return share > 50
            ? {
                level: 'watch',
                says: `Pickup at ${show(clearance)} mm leaves ${show(share)} % of the tank’s height out of reach.`,
                todo: 'Right where the owner wants that reserve for the engine; otherwise cut it longer.',
              }
            : { level: 'sound', says: `Pickup ends ${show(clearance)} mm above the tank’s floor (least ${show(least)} mm).` };
        },
      );
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
      const wanted = read.limit('lineBoreMm').value;
      const worst = [...knownBores(read)].sort((a, b) => Math.abs(b.boreMm - wanted) - Math.abs(a.boreMm - wanted))[0]?.boreMm;
      return weigh(
        read,
        () => {
          if (worst === undefined || Math.abs(worst - wanted) <= 0.25) return null;
          const per = (worst / wanted) ** 2;
          const says = `Line of ${trim(worst)} mm bore where ${trim(wanted)} mm is wanted`;
          if (worst < wanted)
            return {
              level: 'fix',
              says: `${says}: it takes ${trim((wanted / worst) ** 4, 1)} times the pressure to draw through.`,
            };
          return {
            level: worst - wanted > 0.75 ? 'fix' : 'watch',
            says: `${says}: each metre holds ${trim(per, 1)} times the fuel, which moves ${trim(per, 1)} times slower.`,
          };
        },
        () => {
          const { narrow, wide } = bores(read);
          return {
            level: 'sound',
            says: `Line is ${narrow.boreMm === wide.boreMm ? trim(wide.boreMm) : `${trim(narrow.boreMm)} to ${trim(wide.boreMm)}`} mm inside; ${trim(wanted)} mm is wanted.`,
          };
        },
      );
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
      const steps = segments.flatMap((segment, i) => {
        const before = segments[i - 1];
        return before && Math.abs(segment.boreMm - before.boreMm) > 0.2 ? [{ before, after: segment }] : [];
      });
      // At the pump and at the filter the line ends anyway: if a step must be, it may be there.
      const within = steps.find(({ before, after }) => before.side === after.side && before.end !== 'filter');
      if (within)
        return {
          level: 'fix',
          says: `Bore changes from ${trim(within.before.boreMm)} mm to ${trim(within.after.boreMm)} mm where ${within.before.name} meets ${within.after.name}.`,
        };
      const [step] = steps;
      if (!step) return { level: 'sound', says: `One bore, ${trim(wide.boreMm)} mm, from tank to heater.` };
      return {
        level: 'watch',
        says: `Bore changes from ${trim(step.before.boreMm)} mm before the ${step.before.side === step.after.side ? 'filter' : 'pump'} to ${trim(step.after.boreMm)} mm after it.`,
        todo: 'It may step there if it must; one bore all the way is better.',
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
      const limit = read.derived('fuel.bubbleBoreMm');
      return weigh(
        read,
        () => {
          const widest = Math.max(0, ...knownBores(read).map(({ boreMm }) => boreMm));
          if (widest < limit) return null;
          const trap = standingTrap(read, limit);
          return {
            level: 'fix',
            says: `A bore of ${trim(widest)} mm lets bubbles stand: this fuel carries them only in bores under ${show(limit, 2)} mm${trap ? `; they gather at ${trap.name}, where the line falls ${show(trap.fallsMm)} mm` : ''}.`,
          };
        },
        () => {
          const widest = bores(read).wide.boreMm;
          return widest > limit * 0.9
            ? {
                level: 'watch',
                says: `A bore of ${trim(widest)} mm carries bubbles only just: the limit for this fuel is ${show(limit, 2)} mm.`,
              }
            : { level: 'sound', says: `A bore of ${trim(widest)} mm carries its bubbles (limit ${show(limit, 2)} mm).` };
        },
      );
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
      const most = read.limit('suctionMaxM').value;
      return weigh(
        read,
        () => {
          const known = read
            .rows('segments')
            .reduce((sum, { side, lengthM }) => sum + (side === 'suction' ? (lengthM ?? 0) : 0), 0);
          const length = read.rows('segments').length > 0 ? known : (read.maybe('fuel.suctionLengthM') ?? 0);
          return length > most
            ? {
                level: 'fix',
                says: `Suction line is ${trim(length)} m; at most ${trim(most)} m is allowed here.`,
                todo: `Move the pump at least ${trim(Math.ceil((length - most) * 100 - 1e-6) / 100)} m towards the tank.`,
              }
            : null;
        },
        () => ({ level: 'sound', says: `Suction line is ${trim(read.derived('fuel.suctionM'))} m (at most ${trim(most)} m).` }),
      );
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
      const cold = read.derived('fuel.coldestC');
      const [watch, fix] = [read.limit('gasWatchPercent').value, read.limit('gasFixPercent').value];
      read.derived('fuel.suctionKPa');
      const facts = runFacts(read);
      const measured = read.maybe('line.strokeMs') !== null;
      const strokes = (measured ? [facts.strokeS] : plausibleStrokeS).map((strokeS) => {
        const kPa = lowestSuctionPa({ ...facts, strokeS }) / 1000;
        const gas = gasOfStroke(facts.ambientPa, kPa * 1000) * 100;
        const level: Verdict['level'] = kPa <= 0 || gas > fix ? 'fix' : gas > watch ? 'watch' : 'sound';
        return { strokeS, kPa, gas, level };
      });
      const [first, last] = [strokes[0] ?? null, strokes[strokes.length - 1] ?? null];
      if (!first || !last) return read.missing('the pump’s stroke');
      const turns = strokes.some(({ level }) => level !== first.level);
      const over = measured
        ? ''
        : `, for strokes of ${show(last.strokeS * 1000)} down to ${show(first.strokeS * 1000)} ms (nobody has measured it)`;
      const range = (a: number, b: number) => (show(a) === show(b) ? show(a) : `${show(a)} to ${show(b)}`);
      if (last.kPa <= 0)
        return {
          level: 'fix',
          says: `At ${show(cold)} °C the pump can’t draw this fuel at the height of its stroke: the line would need ${range(-last.kPa, -first.kPa)} kPa more than the air gives${over}.`,
        };
      const says = `At ${show(cold)} °C the pressure before the pump falls to ${range(last.kPa, Math.max(0, first.kPa))} kPa absolute and ${range(last.gas, first.gas)} % of each stroke is gas${over}`;
      if (turns)
        return {
          level: 'watch',
          says: `${says}: whether it holds hangs on how long a stroke lasts.`,
          todo: 'Measure how long a stroke lasts, and enter it; else shorten the suction line or hang the pump lower.',
        };
      if (first.level === 'fix') return { level: 'fix', says: `${says}; at most ${show(fix)} % here.` };
      if (first.level === 'watch') return { level: 'watch', says: `${says}; over ${show(watch)} % is worth watching.` };
      return { level: 'sound', says: `${says}.` };
    },
  },
  {
    id: 'fuel.head.lift',
    stage: 'fuel',
    moment: 'closing',
    part: 'pump',
    why: 'A small pump pushes only so high and draws less: beyond that it beats, gives too little, and the flame goes out.',
    todo: 'Hang the pump nearer to the heater’s height, or the tank higher.',
    source: `${trade} The limits are Lorbet’s own choice; the maker’s figure goes before them.`,
    judge: (read) =>
      weigh(
        read,
        () => {
          const rise = read.derived('fuel.riseMm');
          const most = read.limit('liftAbovePumpMaxMm').value;
          const says = `The heater’s inlet lies ${show(rise)} mm above the pump`;
          const [pump, lowest] = [read.maybe('fuel.pumpAboveTankFloorMm'), lowestPickupMm(read)];
          // What it may push and what it may draw together: beyond that no place for the pump holds.
          const far =
            pump === null || lowest === null ? -Infinity : rise + pump - lowest - most - read.limit('suctionLiftMaxMm').value;
          if (far > 0)
            return {
              level: 'fix',
              says: `The heater’s inlet lies ${show(rise + (pump ?? 0) - (lowest ?? 0))} mm above the lowest fuel, ${show(Math.ceil(far))} mm more than a pump may draw and push together.`,
              todo: `Bring the heater at least ${show(Math.ceil(far))} mm lower, or the tank higher; no place for the pump does it.`,
            };
          if (rise > most)
            return {
              level: 'fix',
              says: `${says}; at most ${show(most)} mm.`,
              todo: `Hang the pump at least ${show(Math.ceil(rise - most))} mm higher.`,
            };
          return rise > most * 0.75 ? { level: 'watch', says: `${says}; ${show(most)} mm is the most.` } : null;
        },
        () => {
          const { pump } = read.all({ pump: 'fuel.pumpAboveTankFloorMm' });
          const end = pickupEndMm(read);
          const most = read.limit('suctionLiftMaxMm').value;
          const says = `Empty down to the pickup, the fuel stands ${show(pump - end)} mm below the pump`;
          if (pump - end > most)
            return {
              level: 'fix',
              says: `${says}; it may draw up ${show(most)} mm.`,
              todo: `Hang the pump at least ${show(Math.ceil(pump - end - most))} mm lower.`,
            };
          return pump - end > most * 0.75 ? { level: 'watch', says: `${says}; ${show(most)} mm is the most.` } : null;
        },
        () => {
          const { pump } = read.all({ pump: 'fuel.pumpAboveTankFloorMm' });
          const [rise, lift] = [read.derived('fuel.riseMm'), pump - pickupEndMm(read)];
          return {
            level: 'sound',
            says: `The pump draws ${lift > 0 ? `up ${show(lift)} mm` : 'from above'} at the least and pushes ${rise > 0 ? `up ${show(rise)} mm` : 'down or level'} to the heater.`,
          };
        },
      ),
  },
  {
    id: 'fuel.head.over',
    stage: 'fuel',
    moment: 'closing',
    part: 'heater',
    why: 'Fuel that stands above the heater’s inlet presses on the pump’s valves day and night; a grain in one of them, and it runs into the burner: the next start is a fire.',
    todo: 'Set the tank lower or the heater higher, or fit a valve that is shut while the heater is off, and enter it.',
    source: `Hydrostatics. ${trade} What a pump’s valves may hold back is for its maker to say; without his figure nothing.`,
    judge(read) {
      const valve = read.maybe('line.shutOff') === 'valve';
      const most = read.limit('headOverHeaterMaxMm').value;
      const { heater } = read.all({ heater: 'fuel.heaterAboveTankFloorMm' });
      return weigh(
        read,
        () => {
          const over = pickupEndMm(read) - heater;
          return over > most && !valve
            ? {
                level: 'stop',
                says: `Even drawn down to the pickup, the fuel stands ${show(over)} mm above the heater’s inlet: past the pump’s valves the whole tank can siphon into the burner.`,
              }
            : null;
        },
        () => {
          const { full } = read.all({ full: 'fuel.tankHeightMm' });
          const over = full - heater;
          const says = `Full, the fuel stands ${show(over)} mm above the heater’s inlet`;
          if (over <= 0)
            return { level: 'sound', says: `Even full, the fuel stands ${show(-over)} mm below the heater’s inlet or at it.` };
          if (valve) return { level: 'sound', says: `${says}, held back by a valve that is shut while the heater is off.` };
          if (over <= most) return { level: 'sound', says: `${says}; the maker’s pump holds back ${show(most)} mm.` };
          return { level: 'fix', says: `${says}, and only the pump’s valves hold it back.` };
        },
      );
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
      const place = read.maybe('fuel.filterPlace');
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
      const turn =
        angle < least.value ? `Tilt it ${trim(least.value - angle)}° more.` : `Lay it ${trim(angle - most.value)}° flatter.`;
      if (byMaker) return { level: 'fix', says: `Pump lies at ${trim(angle)}°; its maker wants ${wanted}.`, todo: turn };
      // What a bubble needs is a way up to the outlet: from the least of all practices on it has one, however steep the pump stands.
      const rises = Math.min(...Object.values(schools.pumpAngle.options).map(({ sets }) => sets.pumpAngleMinDeg));
      if (angle < rises)
        return { level: 'fix', says: `Pump lies at ${trim(angle)}°: gas can’t leave it. It wants ${wanted}.`, todo: turn };
      const other = Object.entries(schools.pumpAngle.options).find(
        ([id, { sets }]) =>
          id !== fullSchools(read.build.schools).pumpAngle && angle >= sets.pumpAngleMinDeg && angle <= sets.pumpAngleMaxDeg,
      )?.[1];
      return {
        level: 'watch',
        says: `Pump lies at ${trim(angle)}°: gas can rise out of it; this workshop wants ${wanted}${other ? `, though others accept ${other.label}` : ''}.`,
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
