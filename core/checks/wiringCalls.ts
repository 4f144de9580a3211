import { show, trim } from '../units/show';
import { chemistry, mostRestV } from '../physics/wiring/battery';
import { cableFor, nextFuse } from '../physics/wiring/sizesSold';
import type { Judge, Reader } from './Call';
import { weigh } from './weigh';

const trade = 'Common practice, no published source.';
const insulationWords = { c70: '70 °C', c90: '85 to 90 °C', c105: '105 °C' } as const;
const lowVoltage = (read: Reader) => read.limit(read.derived('wiring.supplyV') === 24 ? 'lowVoltage24V' : 'lowVoltage12V').value;

/** What to run in place of a feed that loses too much: a size that is sold, or better joints where these alone lose it all. */
function thickerCable(read: Reader, mostV: number): string {
  const { amps, length, joints } = read.all({
    amps: 'heater.startCurrentA',
    length: 'wiring.feedLengthM',
    joints: 'wiring.jointsMohm',
  });
  if ((amps * joints) / 1000 > mostV)
    return `Fuse holder and joints alone lose ${show((amps * joints) / 1000, 2)} V: make them anew (about 5 mΩ for good crimps), then look at the cable again.`;
  const sold = cableFor({
    lengthM: length,
    currentA: amps,
    jointsMohm: joints,
    temperatureC: read.maybe('wiring.cableC') ?? 20,
    mostV,
  });
  return sold
    ? `Use ${trim(sold.areaMm2)} mm² (gauge ${sold.gauge}) or more, or shorten the run.`
    : 'No single cable that is sold will do: shorten the run, or lay two beside each other.';
}

/** Feed, fuse and battery; judged before the fuse goes in. */
export const wiringCalls: readonly Judge[] = [
  {
    id: 'wiring.source',
    stage: 'wiring',
    moment: 'power',
    part: 'battery',
    why: 'A borrowed feed sags when the glow plug draws; a starter battery is dead in the morning; a mains cut stops the cooling run of a hot heater.',
    todo: 'Run the feed straight from the leisure battery, fuse at its post.',
    source: trade,
    judge(read) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      switch (from) {
        case 'leisure':
          return { level: 'sound', says: 'Feed comes straight from the leisure battery.' };
        case 'starter':
          return { level: 'fix', says: 'Feed comes from the starter battery: the engine will not start in the morning.' };
        case 'panel':
          return { level: 'fix', says: 'Feed is borrowed from a control panel: it trips or sags when the glow plug draws.' };
        case 'socket':
          return { level: 'fix', says: 'Feed is borrowed from a socket: it trips or sags when the glow plug draws.' };
        case 'mains':
          return {
            level: 'watch',
            says: 'Feed comes from a mains power supply: a power cut stops the cooling run.',
            todo: 'Put a battery between, and see that the supply gives the start-up current.',
          };
      }
    },
  },
  {
    id: 'wiring.drop.start',
    stage: 'wiring',
    moment: 'power',
    part: 'battery',
    why: 'The glow plug starves on a long thin feed: cold plug, white smoke, no flame.',
    todo: 'Thicker cable or a shorter run; the drop counts both ways.',
    source: 'Ohm; limit of 10 % after ABYC E-11 and ISO 13297 (from memory).',
    judge(read) {
      const lost = read.derived('wiring.dropStartV');
      const nominal = read.derived('wiring.supplyV');
      const { amps, area, length } = read.all({
        amps: 'heater.startCurrentA',
        area: 'wiring.cableAreaMm2',
        length: 'wiring.feedLengthM',
      });
      const most = read.limit('dropStartPercent').value;
      const percent = (lost / nominal) * 100;
      const says = `At ${trim(amps)} A the feed loses ${show(lost, 2)} V of ${show(nominal)} V (${show(percent, 1)} %) over ${trim(length)} m of ${trim(area)} mm², there and back`;
      if (percent > most)
        return { level: 'fix', says: `${says}; at most ${show(most)} %.`, todo: thickerCable(read, (most / 100) * nominal) };
      if (percent > most / 2) return { level: 'watch', says: `${says}; half of the limit of ${show(most)} % is used.` };
      return { level: 'sound', says: `${says}.` };
    },
  },
  {
    id: 'wiring.voltage.start',
    stage: 'wiring',
    moment: 'power',
    part: 'battery',
    why: 'Battery and cable sag together under the glow plug; below its low limit the unit gives up with a low-voltage fault.',
    todo: 'Charge the battery, or replace a tired one; then look at the cable.',
    source: `Ohm; the low limit is ${trade.toLowerCase()} The maker’s figure goes before it.`,
    judge(read) {
      const is24 = read.derived('wiring.supplyV') === 24;
      const { rest } = read.all({ rest: 'wiring.batteryRestV' });
      return weigh(
        read,
        () => {
          const { kind } = read.all({ kind: 'wiring.batteryKind' });
          const most = mostRestV[chemistry(kind)] * (is24 ? 2 : 1);
          return rest > most
            ? {
                level: 'fix',
                says: `The battery is entered as resting at ${show(rest, 2)} V; over ${show(most, 1)} V none of its kind rests.`,
                todo: 'Let it rest an hour with nothing charging it, and measure again; where it stays so high it is another voltage or another kind.',
              }
            : null;
        },
        () => {
          const percent = read.derived('wiring.chargePercent');
          const { kind } = read.all({ kind: 'wiring.batteryKind' });
          const [low, half] = kind === 'lithium' ? [10, 20] : [30, 50];
          const says = `A battery that rests at ${show(rest, 2)} V holds about ${show(percent)} % of its charge`;
          if (percent < low)
            return {
              level: 'fix',
              says: `${says}: the glow plug draws it into a low-voltage fault.`,
              todo: 'Charge it, let it rest an hour, and measure again; replace one that stays low.',
            };
          return percent < half ? { level: 'watch', says: `${says}.`, todo: 'Charge it before it is judged.' } : null;
        },
        () => {
          const volts = read.derived('wiring.startV');
          const least = lowVoltage(read);
          const margin = is24 ? 1 : 0.5;
          const says = `From ${show(rest, 2)} V at rest the heater gets ${show(volts, 2)} V under glow`;
          if (volts < least) return { level: 'fix', says: `${says}; its low-voltage fault comes at ${trim(least)} V.` };
          if (volts < least + margin)
            return {
              level: 'watch',
              says: `${says}, only ${show(volts - least, 2)} V above its low-voltage fault at ${trim(least)} V.`,
            };
          return { level: 'sound', says: `${says} (fault at ${trim(least)} V).` };
        },
      );
    },
  },
  {
    id: 'wiring.fuse.rating',
    stage: 'wiring',
    moment: 'power',
    part: 'battery',
    why: 'Too small, it opens on a cold start and a hot heater loses its cooling; too large, the heater is not guarded.',
    todo: 'Fit the maker’s rating; the cable must carry what it lets through.',
    source: `Load of at most 80 %: ${trade.toLowerCase()} Opening times: ISO 8820-3 (from memory).`,
    judge(read) {
      const { fuse } = read.all({ fuse: 'wiring.fuseA' });
      if (fuse === 0)
        return {
          level: 'stop',
          says: 'There is no fuse in the feed: a chafed cable burns until the battery is flat.',
          todo: 'Fit a fuse of the maker’s rating at the battery post.',
        };
      const rule = read.limit('fuseA');
      const asked = rule.origin === 'maker' ? rule.value : null;
      return weigh(
        read,
        () =>
          asked !== null && fuse > asked + 0.01
            ? {
                level: 'fix',
                says: `Fuse of ${trim(fuse)} A where the maker asks for ${trim(asked)} A.`,
                todo: `Fit ${trim(asked)} A.`,
              }
            : null,
        () => {
          const { amps } = read.all({ amps: 'heater.startCurrentA' });
          const most = read.limit('fuseLoadPercent').value;
          const used = (amps / fuse) * 100;
          const loaded = `Fuse of ${trim(fuse)} A is loaded to ${show(used)} % by ${amps === 1 ? 'the 1 A' : `the ${trim(amps)} A`} of a start`;
          // What the maker asks for is no fault; that a habit of the trade says otherwise is told.
          if (asked !== null && Math.abs(fuse - asked) <= 0.01)
            return used > most
              ? {
                  level: 'watch',
                  says: `${loaded}; the maker asks for it, the trade loads a fuse to ${show(most)} % at most.`,
                  todo: 'The maker’s figure goes first. Measure the current of a start, and ask the maker where the two don’t agree.',
                }
              : { level: 'sound', says: `${loaded}, and it is what the maker asks for.` };
          if (used > most) {
            const buy = asked ?? nextFuse((amps / most) * 100);
            return {
              level: 'fix',
              says: `${loaded}; at most ${show(most)} %.`,
              todo: `Fit ${buy === null ? 'a larger one' : `${trim(buy)} A`}, and a cable that carries it.`,
            };
          }
          if (asked !== null)
            return {
              level: 'watch',
              says: `Fuse of ${trim(fuse)} A where the maker asks for ${trim(asked)} A.`,
              todo: `Fit ${trim(asked)} A.`,
            };
          if (fuse > 2.5 * amps) {
            const buy = nextFuse((amps / most) * 100);
            return {
              level: 'fix',
              says: `Fuse of ${trim(fuse)} A for a start of ${trim(amps)} A guards nothing at the heater.`,
              ...(buy === null ? {} : { todo: `Fit ${trim(buy)} A, or enter what the maker asks for.` }),
            };
          }
          return { level: 'sound', says: `${loaded}.` };
        },
      );
    },
  },
  {
    id: 'wiring.fuse.place',
    stage: 'wiring',
    moment: 'power',
    part: 'battery',
    why: 'Cable before the fuse is not guarded: chafed through, it sets fire.',
    todo: 'Move the fuse to the battery post.',
    source: 'ISO 10133; ABYC E-11 (from memory); the local code decides.',
    judge(read) {
      return weigh(
        read,
        () =>
          read.all({ fuse: 'wiring.fuseA' }).fuse === 0
            ? {
                level: 'stop',
                says: 'There is no fuse in the feed.',
                todo: 'Fit a fuse of the maker’s rating at the battery post.',
              }
            : null,
        () => {
          const { away } = read.all({ away: 'wiring.fuseFromBatteryMm' });
          const most = read.limit('fuseFromBatteryMm').value;
          return away <= most
            ? { level: 'sound', says: `Fuse sits ${show(away)} mm from the battery post (at most ${show(most)} mm).` }
            : {
                level: 'fix',
                says: `Fuse sits ${show(away)} mm from the battery post; at most ${show(most)} mm: so much cable is unguarded.`,
              };
        },
      );
    },
  },
  {
    id: 'wiring.cable.ampacity',
    stage: 'wiring',
    moment: 'power',
    part: 'battery',
    why: 'A cable must bear all that its fuse lets through, or it is the cable that burns.',
    todo: 'Thicker cable; a smaller fuse only where the start-up current allows it.',
    source: 'ISO 10133 / ISO 13297, Annex A, with its factors for heat and bundles; steady heat balance (from memory).',
    judge(read) {
      const { fuse, area, rated } = read.all({
        fuse: 'wiring.fuseA',
        area: 'wiring.cableAreaMm2',
        rated: 'wiring.insulationC',
      });
      const carries = read.derived('wiring.ampacityA');
      const warm = read.maybe('wiring.cableC');
      const bundle = read.maybe('wiring.bundled') ?? 1;
      const where = `${warm !== null && warm > 30 ? ` at ${show(warm)} °C` : ''}${bundle > 3 ? ` in a bundle of ${show(bundle)}` : ''}`;
      const says = `Cable of ${trim(area)} mm²${where} may carry ${trim(carries, 1)} A`;
      if (fuse === 0)
        return { level: 'stop', says: `${says}, but no fuse limits what flows.`, todo: 'Fit a fuse at the battery post.' };
      if (carries === 0)
        return {
          level: 'stop',
          says: `${says}: its insulation is rated ${insulationWords[rated]} and softens there.`,
          todo: 'Run it where it is cooler, or use cable with insulation for more heat.',
        };
      if (carries < fuse)
        return {
          level: 'stop',
          says: `${says}, but its fuse lets ${trim(fuse)} A through: the cable burns before the fuse opens.`,
        };
      const balance = read.derived('wiring.ampacityBalanceA');
      if (balance < fuse)
        return {
          level: 'watch',
          says: `${says} by the standard; by its own heat balance ${trim(balance, 1)} A, and its fuse is ${trim(fuse)} A.`,
          todo: 'One size thicker, or a cooler way, leaves no doubt.',
        };
      return { level: 'sound', says: `${says}; its fuse is ${trim(fuse)} A.` };
    },
  },
  {
    id: 'wiring.battery.night',
    stage: 'wiring',
    moment: 'handover',
    part: 'battery',
    why: 'A flat battery stops the heater on the coldest hour, without its cooling run.',
    todo: 'A larger battery, a shorter night, or charging while it runs.',
    source: trade,
    judge(read) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      if (from === 'mains') return { level: 'sound', says: 'Fed from the mains: no battery to last the night.' };
      return weigh(
        read,
        () => {
          const takes = read.derived('wiring.nightAh');
          const gives = read.derived('wiring.usableAh');
          const { hours, rest } = read.all({ hours: 'heater.nightHours', rest: 'wiring.batteryRestV' });
          const says = `A night of ${trim(hours)} h takes ${show(takes, 1)} Ah; resting at ${show(rest, 2)} V the battery gives ${gives < 0.05 ? 'none' : `${show(gives, 1)} Ah`} in the cold`;
          if (gives < 0.05)
            return {
              level: 'fix',
              says: `${says}: it has nothing to spare.`,
              todo: 'Charge it, and measure its volts again after an hour at rest.',
            };
          if (takes > gives)
            return { level: 'fix', says: `${says}: it will be flat after about ${show((hours * gives) / takes, 1)} h.` };
          if (takes > gives * 0.7) return { level: 'watch', says: `${says}: ${show((takes / gives) * 100)} % of it.` };
          return { level: 'sound', says: `${says}.` };
        },
        () => {
          const volts = read.derived('wiring.morningV');
          const least = lowVoltage(read);
          return volts < least
            ? {
                level: 'fix',
                says: `After such a night the heater gets ${show(volts, 2)} V under glow at the next morning’s start; its low-voltage fault comes at ${trim(least)} V.`,
              }
            : null;
        },
      );
    },
  },
];
