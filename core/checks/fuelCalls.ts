import { practices } from '../practices/practices';
import { formatFixed, formatShort } from '../units/formatNumber';
import { routeOf } from '../model/fuel/routeOf';
import { gasTraps } from '../physics/fuel/gasTraps';
import { pickupEndMm, segmentName, inOrder } from '../model/fuel/routeOf';
import { fullPractices } from '../practices/practices';
import { gasOfStroke } from '../physics/fuel/gasShare';
import { lowestSuctionPa } from '../physics/fuel/pressureAlong';
import { plausibleStrokeS } from '../physics/fuel/peakFlowMlS';
import { runFacts } from '../model/fuel/runFacts';
import type { Check, Reader, Verdict } from './Finding';
import { NotMeasured } from '../reading/reader';
import { worstOf } from './worstOf';

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
export const fuelChecks: readonly Check[] = [
  {
    id: 'fuel.pickup.level',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'tank',
    why: 'Below the pickup the heater gets no fuel at all: the first thing to look at when it will not prime.',
    remedy: 'Fill the tank until the fuel stands well above the pickup, before anything else is taken apart.',
    source: trade,
    check(read) {
      const { level } = read.all({ level: 'fuel.fuelLevelMm' });
      const pickup = pickupEndMm(read);
      const over = level - pickup;
      if (over <= 0)
        return {
          level: 'fix',
          message: `Fuel stands at ${formatFixed(level)} mm, the pickup at ${formatFixed(pickup)} mm: the pickup is ${over === 0 ? 'level with' : `${formatFixed(-over)} mm above`} the fuel.`,
        };
      if (over < 15)
        return { level: 'watch', message: `Fuel stands only ${formatFixed(over)} mm above the pickup; a slope uncovers it.` };
      return { level: 'sound', message: `Fuel stands ${formatFixed(over)} mm above the pickup.` };
    },
  },
  {
    id: 'fuel.pickup.clearance',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pickup',
    why: 'Too low draws water and sediment and can empty the tank; too high gives fuel away.',
    remedy: 'Measure the true depth at that very spot with a clean stick, then cut; file the cut smooth.',
    source: `${trade} 25 to 30 mm is usual.`,
    check(read) {
      const min = read.limit('pickupMinMm').value;
      const { kind } = read.all({ kind: 'fuel.pickupKind' });
      if (kind === 'bottomOutlet')
        return {
          level: 'watch',
          message: 'The outlet at the bottom gives the last drop, and the sediment with it.',
          remedy: 'Look at the filter early; drain the tank once a year.',
        };
      const { clearance } = read.all({ clearance: 'fuel.pickupClearanceMm' });
      return worstOf(
        read,
        // A workshop that draws from the very bottom takes the sediment, and says so by its school.
        () => {
          const message =
            clearance === 0
              ? 'Pickup ends on the tank’s floor'
              : `Pickup ends ${formatFixed(clearance)} mm above the tank’s floor`;
          if (clearance < Math.min(10, min))
            return {
              level: 'fix',
              message: `${message}: it will draw water and dirt. ${formatFixed(min)} mm is the least here.`,
            };
          return clearance < min ? { level: 'watch', message: `${message}; ${formatFixed(min)} mm is the least here.` } : null;
        },
        () => {
          const { height } = read.all({ height: 'fuel.tankHeightMm' });
          if (clearance >= height)
            return {
              level: 'fix',
              message: `Pickup ends ${formatFixed(clearance)} mm above the floor of a tank that is ${formatFixed(height)} mm high: it is not in the tank.`,
            };
          const share = (clearance / height) * 100;
          return share > 50
            ? {
                level: 'watch',
                message: `Pickup at ${formatFixed(clearance)} mm leaves ${formatFixed(share)} % of the tank’s height out of reach.`,
                remedy: 'Right where the owner wants that reserve for the engine; otherwise cut it longer.',
              }
            : {
                level: 'sound',
                message: `Pickup ends ${formatFixed(clearance)} mm above the tank’s floor (least ${formatFixed(min)} mm).`,
              };
        },
      );
    },
  },
  {
    id: 'fuel.line.bore',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'suction',
    why: 'In a wider bore the fuel creeps, bubbles stand and gather, and the pump beats on air.',
    remedy: 'Fit stiff line of the heater’s own bore from end to end.',
    source: trade,
    check(read) {
      const wanted = read.limit('lineBoreMm').value;
      const worst = [...knownBores(read)].sort((a, b) => Math.abs(b.boreMm - wanted) - Math.abs(a.boreMm - wanted))[0]?.boreMm;
      return worstOf(
        read,
        () => {
          if (worst === undefined || Math.abs(worst - wanted) <= 0.25) return null;
          const per = (worst / wanted) ** 2;
          const message = `Line of ${formatShort(worst)} mm bore where ${formatShort(wanted)} mm is wanted`;
          if (worst < wanted)
            return {
              level: 'fix',
              message: `${message}: it takes ${formatShort((wanted / worst) ** 4, 1)} times the pressure to draw through.`,
            };
          return {
            level: worst - wanted > 0.75 ? 'fix' : 'watch',
            message: `${message}: each metre holds ${formatShort(per, 1)} times the fuel, which moves ${formatShort(per, 1)} times slower.`,
          };
        },
        () => {
          const { narrow, wide } = bores(read);
          return {
            level: 'sound',
            message: `Line is ${narrow.boreMm === wide.boreMm ? formatShort(wide.boreMm) : `${formatShort(narrow.boreMm)} to ${formatShort(wide.boreMm)}`} mm inside; ${formatShort(wanted)} mm is wanted.`,
          };
        },
      );
    },
  },
  {
    id: 'fuel.line.change',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'line',
    why: 'A step in the bore is where bubbles stop and gather.',
    remedy: 'Run one bore all the way; step only at the pump or the filter if it must be.',
    source: trade,
    check(read) {
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
          message: `Bore changes from ${formatShort(within.before.boreMm)} mm to ${formatShort(within.after.boreMm)} mm where ${within.before.name} meets ${within.after.name}.`,
        };
      const [step] = steps;
      if (!step) return { level: 'sound', message: `One bore, ${formatShort(wide.boreMm)} mm, from tank to heater.` };
      return {
        level: 'watch',
        message: `Bore changes from ${formatShort(step.before.boreMm)} mm before the ${step.before.side === step.after.side ? 'filter' : 'pump'} to ${formatShort(step.after.boreMm)} mm after it.`,
        remedy: 'It may step there if it must; one bore all the way is better.',
      };
    },
  },
  {
    id: 'fuel.bubbles',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'suction',
    why: 'A bubble that the fuel does not carry along stays in the line, grows, and stops the flame one cold night.',
    remedy: 'Use a bore under the limit, so that the fuel carries its bubbles to the heater.',
    source: 'Bretherton 1961, J. Fluid Mech. 10:166 (from memory).',
    check(read) {
      const limit = read.derived('fuel.bubbleBoreMm');
      return worstOf(
        read,
        () => {
          const widest = Math.max(0, ...knownBores(read).map(({ boreMm }) => boreMm));
          if (widest < limit) return null;
          const trap = standingTrap(read, limit);
          return {
            level: 'fix',
            message: `A bore of ${formatShort(widest)} mm lets bubbles stand: this fuel carries them only in bores under ${formatFixed(limit, 2)} mm${trap ? `; they gather at ${trap.name}, where the line falls ${formatFixed(trap.fallsMm)} mm` : ''}.`,
          };
        },
        () => {
          const widest = bores(read).wide.boreMm;
          return widest > limit * 0.9
            ? {
                level: 'watch',
                message: `A bore of ${formatShort(widest)} mm carries bubbles only just: the limit for this fuel is ${formatFixed(limit, 2)} mm.`,
              }
            : {
                level: 'sound',
                message: `A bore of ${formatShort(widest)} mm carries its bubbles (limit ${formatFixed(limit, 2)} mm).`,
              };
        },
      );
    },
  },
  {
    id: 'fuel.suction.length',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'suction',
    why: 'The pump pushes well and sucks badly; each metre before it draws more air out of the fuel.',
    remedy: 'Move the pump towards the tank.',
    source: `${trade} Schools: at most 2 m; at most 3 m.`,
    check(read) {
      const max = read.limit('suctionMaxM').value;
      return worstOf(
        read,
        () => {
          const known = read
            .rows('segments')
            .reduce((sum, { side, lengthM }) => sum + (side === 'suction' ? (lengthM ?? 0) : 0), 0);
          const length = read.rows('segments').length > 0 ? known : (read.maybe('fuel.suctionLengthM') ?? 0);
          return length > max
            ? {
                level: 'fix',
                message: `Suction line is ${formatShort(length)} m; at most ${formatShort(max)} m is allowed here.`,
                remedy: `Move the pump at least ${formatShort(Math.ceil((length - max) * 100 - 1e-6) / 100)} m towards the tank.`,
              }
            : null;
        },
        () => ({
          level: 'sound',
          message: `Suction line is ${formatShort(read.derived('fuel.suctionM'))} m (at most ${formatShort(max)} m).`,
        }),
      );
    },
  },
  {
    id: 'fuel.suction.pressure',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'At low pressure the air dissolved in the fuel comes out, and the pump then moves gas in place of fuel.',
    remedy: 'Shorten the suction line, hang the pump lower, or use a fuel that stays thin in the cold.',
    source:
      'Hydrostatics and Hagen–Poiseuille; Henry’s law, coefficient after ASTM D2779 (from memory); the limits are Lorbet’s own choice.',
    check(read) {
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
        : `, for strokes of ${formatFixed(last.strokeS * 1000)} down to ${formatFixed(first.strokeS * 1000)} ms (nobody has measured it)`;
      const range = (a: number, b: number) =>
        formatFixed(a) === formatFixed(b) ? formatFixed(a) : `${formatFixed(a)} to ${formatFixed(b)}`;
      if (last.kPa <= 0)
        return {
          level: 'fix',
          message: `At ${formatFixed(cold)} °C the pump can’t draw this fuel at the height of its stroke: the line would need ${range(-last.kPa, -first.kPa)} kPa more than the air gives${over}.`,
        };
      const message = `At ${formatFixed(cold)} °C the pressure before the pump falls to ${range(last.kPa, Math.max(0, first.kPa))} kPa absolute and ${range(last.gas, first.gas)} % of each stroke is gas${over}`;
      if (turns)
        return {
          level: 'watch',
          message: `${message}: whether it holds hangs on how long a stroke lasts.`,
          remedy: 'Measure how long a stroke lasts, and enter it; else shorten the suction line or hang the pump lower.',
        };
      if (first.level === 'fix') return { level: 'fix', message: `${message}; at most ${formatFixed(fix)} % here.` };
      if (first.level === 'watch')
        return { level: 'watch', message: `${message}; over ${formatFixed(watch)} % is worth watching.` };
      return { level: 'sound', message: `${message}.` };
    },
  },
  {
    id: 'fuel.head.lift',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'A small pump pushes only so high and draws less: beyond that it beats, gives too little, and the flame goes out.',
    remedy: 'Hang the pump nearer to the heater’s height, or the tank higher.',
    source: `${trade} The limits are Lorbet’s own choice; the maker’s figure goes before them.`,
    check: (read) =>
      worstOf(
        read,
        () => {
          const rise = read.derived('fuel.riseMm');
          const max = read.limit('liftAbovePumpMaxMm').value;
          const message = `The heater’s inlet lies ${formatFixed(rise)} mm above the pump`;
          const [pump, lowest] = [read.maybe('fuel.pumpAboveTankFloorMm'), lowestPickupMm(read)];
          // What it may push and what it may draw together: beyond that no place for the pump holds.
          const far =
            pump === null || lowest === null ? -Infinity : rise + pump - lowest - max - read.limit('suctionLiftMaxMm').value;
          if (far > 0)
            return {
              level: 'fix',
              message: `The heater’s inlet lies ${formatFixed(rise + (pump ?? 0) - (lowest ?? 0))} mm above the lowest fuel, ${formatFixed(Math.ceil(far))} mm more than a pump may draw and push together.`,
              remedy: `Bring the heater at least ${formatFixed(Math.ceil(far))} mm lower, or the tank higher; no place for the pump does it.`,
            };
          if (rise > max)
            return {
              level: 'fix',
              message: `${message}; at most ${formatFixed(max)} mm.`,
              remedy: `Hang the pump at least ${formatFixed(Math.ceil(rise - max))} mm higher.`,
            };
          return rise > max * 0.75 ? { level: 'watch', message: `${message}; ${formatFixed(max)} mm is the most.` } : null;
        },
        () => {
          const { pump } = read.all({ pump: 'fuel.pumpAboveTankFloorMm' });
          const end = pickupEndMm(read);
          const max = read.limit('suctionLiftMaxMm').value;
          const message = `Empty down to the pickup, the fuel stands ${formatFixed(pump - end)} mm below the pump`;
          if (pump - end > max)
            return {
              level: 'fix',
              message: `${message}; it may draw up ${formatFixed(max)} mm.`,
              remedy: `Hang the pump at least ${formatFixed(Math.ceil(pump - end - max))} mm lower.`,
            };
          return pump - end > max * 0.75 ? { level: 'watch', message: `${message}; ${formatFixed(max)} mm is the most.` } : null;
        },
        () => {
          const { pump } = read.all({ pump: 'fuel.pumpAboveTankFloorMm' });
          const [rise, lift] = [read.derived('fuel.riseMm'), pump - pickupEndMm(read)];
          return {
            level: 'sound',
            message: `The pump draws ${lift > 0 ? `up ${formatFixed(lift)} mm` : 'from above'} at the least and pushes ${rise > 0 ? `up ${formatFixed(rise)} mm` : 'down or level'} to the heater.`,
          };
        },
      ),
  },
  {
    id: 'fuel.head.over',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'heater',
    why: 'Fuel that stands above the heater’s inlet presses on the pump’s valves day and night; a grain in one of them, and it runs into the burner: the next start is a fire.',
    remedy: 'Set the tank lower or the heater higher, or fit a valve that is shut while the heater is off, and enter it.',
    source: `Hydrostatics. ${trade} What a pump’s valves may hold back is for its maker to say; without his figure nothing.`,
    check(read) {
      const valve = read.maybe('line.shutOff') === 'valve';
      const max = read.limit('headOverHeaterMaxMm').value;
      const { heater } = read.all({ heater: 'fuel.heaterAboveTankFloorMm' });
      return worstOf(
        read,
        () => {
          const over = pickupEndMm(read) - heater;
          return over > max && !valve
            ? {
                level: 'stop',
                message: `Even drawn down to the pickup, the fuel stands ${formatFixed(over)} mm above the heater’s inlet: past the pump’s valves the whole tank can siphon into the burner.`,
              }
            : null;
        },
        () => {
          const { full } = read.all({ full: 'fuel.tankHeightMm' });
          const over = full - heater;
          const message = `Full, the fuel stands ${formatFixed(over)} mm above the heater’s inlet`;
          if (over <= 0)
            return {
              level: 'sound',
              message: `Even full, the fuel stands ${formatFixed(-over)} mm below the heater’s inlet or at it.`,
            };
          if (valve) return { level: 'sound', message: `${message}, held back by a valve that is shut while the heater is off.` };
          if (over <= max) return { level: 'sound', message: `${message}; the maker’s pump holds back ${formatFixed(max)} mm.` };
          return { level: 'fix', message: `${message}, and only the pump’s valves hold it back.` };
        },
      );
    },
  },
  {
    id: 'fuel.filter.place',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'filter',
    why: 'After the pump a filter guards nothing and collects air.',
    remedy: 'Fit the filter between tank and pump, standing up so that air leaves it.',
    source: trade,
    check(read) {
      const { place } = read.all({ place: 'fuel.filterPlace' });
      if (place === 'beforePump') return { level: 'sound', message: 'Filter sits before the pump.' };
      if (place === 'afterPump')
        return { level: 'fix', message: 'Filter sits after the pump: the pump is unguarded and the filter holds air.' };
      return { level: 'fix', message: 'No filter: the first dirt goes into the pump.' };
    },
  },
  {
    id: 'fuel.filter.direction',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'filter',
    why: 'Against its arrow a filter sheds what it has caught and chokes.',
    remedy: 'Turn the filter so that its arrow points to the heater.',
    source: trade,
    check(read) {
      const place = read.maybe('fuel.filterPlace');
      if (place === 'none')
        return { level: 'sound', message: 'No filter to point anywhere; see the call on the filter’s place.' };
      const { arrow } = read.all({ arrow: 'fuel.filterDirection' });
      return arrow === 'withFlow'
        ? { level: 'sound', message: 'Filter’s arrow points with the flow.' }
        : { level: 'fix', message: 'Filter’s arrow points against the flow.' };
    },
  },
  {
    id: 'fuel.pump.direction',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'A reversed pump moves nothing, and runs dry while it tries.',
    remedy: 'Turn the pump: its arrow, or its plug end, towards the heater.',
    source: trade,
    check(read) {
      const { arrow } = read.all({ arrow: 'fuel.pumpDirection' });
      return arrow === 'withFlow'
        ? { level: 'sound', message: 'Pump’s arrow points to the heater.' }
        : { level: 'fix', message: 'Pump’s arrow points back to the tank.' };
    },
  },
  {
    id: 'fuel.pump.angle',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    why: 'Gas must be able to leave the pump through its outlet; in a flat pump it stays, and the pump beats on it.',
    remedy: 'Tilt the pump, outlet up, in a bracket that holds the angle.',
    source: `${trade} Schools: 15 to 35°; 30 to 35°; 45°; upright.`,
    check(read) {
      const { angle } = read.all({ angle: 'fuel.pumpAngleDeg' });
      const [min, max] = [read.limit('pumpAngleMinDeg'), read.limit('pumpAngleMaxDeg')];
      const wanted = `${formatShort(min.value)} to ${formatShort(max.value)}°, outlet up`;
      if (angle >= min.value && angle <= max.value)
        return { level: 'sound', message: `Pump lies at ${formatShort(angle)}° (${wanted}).` };
      if (angle < 0)
        return {
          level: 'fix',
          message: `Pump’s outlet points down by ${formatShort(-angle)}°: gas can’t leave it. It wants ${wanted}.`,
          remedy: `Tilt it up by ${formatShort(min.value - angle)}° or more.`,
        };
      const byMaker = min.origin === 'maker' || max.origin === 'maker';
      const turn =
        angle < min.value
          ? `Tilt it ${formatShort(min.value - angle)}° more.`
          : `Lay it ${formatShort(angle - max.value)}° flatter.`;
      if (byMaker)
        return { level: 'fix', message: `Pump lies at ${formatShort(angle)}°; its maker wants ${wanted}.`, remedy: turn };
      // What a bubble needs is a way up to the outlet: from the least of all practices on it has one, however steep the pump stands.
      const rises = Math.min(...Object.values(practices.pumpAngle.options).map(({ sets }) => sets.pumpAngleMinDeg));
      if (angle < rises)
        return {
          level: 'fix',
          message: `Pump lies at ${formatShort(angle)}°: gas can’t leave it. It wants ${wanted}.`,
          remedy: turn,
        };
      const other = Object.entries(practices.pumpAngle.options).find(
        ([id, { sets }]) =>
          id !== fullPractices(read.build.practices).pumpAngle && angle >= sets.pumpAngleMinDeg && angle <= sets.pumpAngleMaxDeg,
      )?.[1];
      return {
        level: 'watch',
        message: `Pump lies at ${formatShort(angle)}°: gas can rise out of it; this workshop wants ${wanted}${other ? `, though others accept ${other.label}` : ''}.`,
        remedy: turn,
      };
    },
  },
  {
    id: 'fuel.line.joint',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'suction',
    why: 'A gap between the two ends inside the rubber is a pocket that keeps its air.',
    remedy: 'Push both ends in until they butt; warm the rubber if it is tight.',
    source: `${trade} The limit is Lorbet’s own choice.`,
    check(read) {
      const rows = read.rows('segments');
      const scalar = rows.some(({ gapMm }) => gapMm !== undefined)
        ? (read.maybe('fuel.jointGapMm') ?? 0)
        : read.all({ gap: 'fuel.jointGapMm' }).gap;
      const worst = [...rows].sort((a, b) => (b.gapMm ?? 0) - (a.gapMm ?? 0))[0];
      const gap = Math.max(scalar, worst?.gapMm ?? 0);
      const where = worst?.name && worst.gapMm === gap && gap > 0 ? ` after ${worst.name}` : '';
      const max = read.limit('jointGapMaxMm').value;
      if (gap > max)
        return { level: 'fix', message: `A gap of ${formatShort(gap)} mm in a joint${where} traps air; the ends must butt.` };
      if (gap > 0)
        return { level: 'watch', message: `Widest gap in a joint${where} is ${formatShort(gap)} mm; the ends should butt.` };
      const joints = rows.filter(({ end }) => end === 'joint').length;
      const allowed = read.limit('lineJointsMax').value;
      return joints > allowed
        ? {
            level: 'watch',
            message: `${formatFixed(joints)} ${joints === 1 ? 'joint' : 'joints'} in the line besides those at its parts; this workshop wants ${allowed === 0 ? 'none' : `at most ${formatFixed(allowed)}`}.`,
            remedy: 'Run it in one piece, or leave each joint where a hand reaches it.',
          }
        : { level: 'sound', message: 'Line ends butt in every joint.' };
    },
  },
];
