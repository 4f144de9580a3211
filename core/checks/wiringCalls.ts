import { formatFixed, formatShort } from '../units/formatNumber';
import { chemistry, maxRestV } from '../physics/wiring/battery';
import { cableFor, nextFuse } from '../physics/wiring/sizesSold';
import type { Check, Reader } from './Finding';
import { worstOf } from './worstOf';

const trade = 'Common practice, no published source.';
const insulationWords = { c70: '70 °C', c90: '85 to 90 °C', c105: '105 °C' } as const;
const lowVoltage = (read: Reader) => read.limit(read.derived('wiring.supplyV') === 24 ? 'lowVoltage24V' : 'lowVoltage12V').value;

/** What to run in place of a feed that loses too much: a size that is sold, or better joints where these alone lose it all. */
function thickerCable(read: Reader, maxV: number): string {
  const { amps, length, joints } = read.all({
    amps: 'heater.startCurrentA',
    length: 'wiring.feedLengthM',
    joints: 'wiring.jointsMohm',
  });
  if ((amps * joints) / 1000 > maxV)
    return `Fuse holder and joints alone lose ${formatFixed((amps * joints) / 1000, 2)} V: make them anew (about 5 mΩ for good crimps), then look at the cable again.`;
  const sold = cableFor({
    lengthM: length,
    currentA: amps,
    jointsMohm: joints,
    temperatureC: read.maybe('wiring.cableC') ?? 20,
    maxV,
  });
  return sold
    ? `Use ${formatShort(sold.areaMm2)} mm² (gauge ${sold.gauge}) or more, or shorten the run.`
    : 'No single cable that is sold will do: shorten the run, or lay two beside each other.';
}

/** Feed, fuse and battery; judged before the fuse goes in. */
export const wiringChecks: readonly Check[] = [
  {
    id: 'wiring.source',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'A borrowed feed sags when the glow plug draws; a starter battery is dead in the morning; a mains cut stops the cooling run of a hot heater.',
    remedy: 'Run the feed straight from the leisure battery, fuse at its post.',
    source: trade,
    check(read) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      switch (from) {
        case 'leisure':
          return { level: 'sound', message: 'Feed comes straight from the leisure battery.' };
        case 'starter':
          return { level: 'fix', message: 'Feed comes from the starter battery: the engine will not start in the morning.' };
        case 'panel':
          return { level: 'fix', message: 'Feed is borrowed from a control panel: it trips or sags when the glow plug draws.' };
        case 'socket':
          return { level: 'fix', message: 'Feed is borrowed from a socket: it trips or sags when the glow plug draws.' };
        case 'mains':
          return {
            level: 'watch',
            message: 'Feed comes from a mains power supply: a power cut stops the cooling run.',
            remedy: 'Put a battery between, and see that the supply gives the start-up current.',
          };
      }
    },
  },
  {
    id: 'wiring.drop.start',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'The glow plug starves on a long thin feed: cold plug, white smoke, no flame.',
    remedy: 'Thicker cable or a shorter run; the drop counts both ways.',
    source: 'Ohm; limit of 10 % after ABYC E-11 and ISO 13297 (from memory).',
    check(read) {
      const lost = read.derived('wiring.dropStartV');
      const nominal = read.derived('wiring.supplyV');
      const { amps, area, length } = read.all({
        amps: 'heater.startCurrentA',
        area: 'wiring.cableAreaMm2',
        length: 'wiring.feedLengthM',
      });
      const max = read.limit('dropStartPercent').value;
      const percent = (lost / nominal) * 100;
      const message = `At ${formatShort(amps)} A the feed loses ${formatFixed(lost, 2)} V of ${formatFixed(nominal)} V (${formatFixed(percent, 1)} %) over ${formatShort(length)} m of ${formatShort(area)} mm², there and back`;
      if (percent > max)
        return {
          level: 'fix',
          message: `${message}; at most ${formatFixed(max)} %.`,
          remedy: thickerCable(read, (max / 100) * nominal),
        };
      if (percent > max / 2)
        return { level: 'watch', message: `${message}; half of the limit of ${formatFixed(max)} % is used.` };
      return { level: 'sound', message: `${message}.` };
    },
  },
  {
    id: 'wiring.voltage.start',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Battery and cable sag together under the glow plug; below its low limit the unit gives up with a low-voltage fault.',
    remedy: 'Charge the battery, or replace a tired one; then look at the cable.',
    source: `Ohm; the low limit is ${trade.toLowerCase()} The maker’s figure goes before it.`,
    check(read) {
      const is24 = read.derived('wiring.supplyV') === 24;
      const { rest } = read.all({ rest: 'wiring.batteryRestV' });
      return worstOf(
        read,
        () => {
          const { kind } = read.all({ kind: 'wiring.batteryKind' });
          const max = maxRestV[chemistry(kind)] * (is24 ? 2 : 1);
          return rest > max
            ? {
                level: 'fix',
                message: `The battery is entered as resting at ${formatFixed(rest, 2)} V; over ${formatFixed(max, 1)} V none of its kind rests.`,
                remedy:
                  'Let it rest an hour with nothing charging it, and measure again; where it stays so high it is another voltage or another kind.',
              }
            : null;
        },
        () => {
          const percent = read.derived('wiring.chargePercent');
          const { kind } = read.all({ kind: 'wiring.batteryKind' });
          const [low, half] = kind === 'lithium' ? [10, 20] : [30, 50];
          const message = `A battery that rests at ${formatFixed(rest, 2)} V holds about ${formatFixed(percent)} % of its charge`;
          if (percent < low)
            return {
              level: 'fix',
              message: `${message}: the glow plug draws it into a low-voltage fault.`,
              remedy: 'Charge it, let it rest an hour, and measure again; replace one that stays low.',
            };
          return percent < half ? { level: 'watch', message: `${message}.`, remedy: 'Charge it before it is judged.' } : null;
        },
        () => {
          const volts = read.derived('wiring.startV');
          const min = lowVoltage(read);
          const margin = is24 ? 1 : 0.5;
          const message = `From ${formatFixed(rest, 2)} V at rest the heater gets ${formatFixed(volts, 2)} V under glow`;
          if (volts < min) return { level: 'fix', message: `${message}; its low-voltage fault comes at ${formatShort(min)} V.` };
          if (volts < min + margin)
            return {
              level: 'watch',
              message: `${message}, only ${formatFixed(volts - min, 2)} V above its low-voltage fault at ${formatShort(min)} V.`,
            };
          return { level: 'sound', message: `${message} (fault at ${formatShort(min)} V).` };
        },
      );
    },
  },
  {
    id: 'wiring.fuse.rating',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Too small, it opens on a cold start and a hot heater loses its cooling; too large, the heater is not guarded.',
    remedy: 'Fit the maker’s rating; the cable must carry what it lets through.',
    source: `Load of at most 80 %: ${trade.toLowerCase()} Opening times: ISO 8820-3 (from memory).`,
    check(read) {
      const { fuse } = read.all({ fuse: 'wiring.fuseA' });
      if (fuse === 0)
        return {
          level: 'stop',
          message: 'There is no fuse in the feed: a chafed cable burns until the battery is flat.',
          remedy: 'Fit a fuse of the maker’s rating at the battery post.',
        };
      const rule = read.limit('fuseA');
      const asked = rule.origin === 'maker' ? rule.value : null;
      return worstOf(
        read,
        () =>
          asked !== null && fuse > asked + 0.01
            ? {
                level: 'fix',
                message: `Fuse of ${formatShort(fuse)} A where the maker asks for ${formatShort(asked)} A.`,
                remedy: `Fit ${formatShort(asked)} A.`,
              }
            : null,
        () => {
          const { amps } = read.all({ amps: 'heater.startCurrentA' });
          const max = read.limit('fuseLoadPercent').value;
          const used = (amps / fuse) * 100;
          const loaded = `Fuse of ${formatShort(fuse)} A is loaded to ${formatFixed(used)} % by ${amps === 1 ? 'the 1 A' : `the ${formatShort(amps)} A`} of a start`;
          // What the maker asks for is no fault; that a habit of the trade says otherwise is told.
          if (asked !== null && Math.abs(fuse - asked) <= 0.01)
            return used > max
              ? {
                  level: 'watch',
                  message: `${loaded}; the maker asks for it, the trade loads a fuse to ${formatFixed(max)} % at most.`,
                  remedy:
                    'The maker’s figure goes first. Measure the current of a start, and ask the maker where the two don’t agree.',
                }
              : { level: 'sound', message: `${loaded}, and it is what the maker asks for.` };
          if (used > max) {
            const buy = asked ?? nextFuse((amps / max) * 100);
            return {
              level: 'fix',
              message: `${loaded}; at most ${formatFixed(max)} %.`,
              remedy: `Fit ${buy === null ? 'a larger one' : `${formatShort(buy)} A`}, and a cable that carries it.`,
            };
          }
          if (asked !== null)
            return {
              level: 'watch',
              message: `Fuse of ${formatShort(fuse)} A where the maker asks for ${formatShort(asked)} A.`,
              remedy: `Fit ${formatShort(asked)} A.`,
            };
          if (fuse > 2.5 * amps) {
            const buy = nextFuse((amps / max) * 100);
            return {
              level: 'fix',
              message: `Fuse of ${formatShort(fuse)} A for a start of ${formatShort(amps)} A guards nothing at the heater.`,
              ...(buy === null ? {} : { remedy: `Fit ${formatShort(buy)} A, or enter what the maker asks for.` }),
            };
          }
          return { level: 'sound', message: `${loaded}.` };
        },
      );
    },
  },
  {
    id: 'wiring.fuse.place',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Cable before the fuse is not guarded: chafed through, it sets fire.',
    remedy: 'Move the fuse to the battery post.',
    source: 'ISO 10133; ABYC E-11 (from memory); the local code decides.',
    check(read) {
      return worstOf(
        read,
        () =>
          read.all({ fuse: 'wiring.fuseA' }).fuse === 0
            ? {
                level: 'stop',
                message: 'There is no fuse in the feed.',
                remedy: 'Fit a fuse of the maker’s rating at the battery post.',
              }
            : null,
        () => {
          const { away } = read.all({ away: 'wiring.fuseFromBatteryMm' });
          const max = read.limit('fuseFromBatteryMm').value;
          return away <= max
            ? {
                level: 'sound',
                message: `Fuse sits ${formatFixed(away)} mm from the battery post (at most ${formatFixed(max)} mm).`,
              }
            : {
                level: 'fix',
                message: `Fuse sits ${formatFixed(away)} mm from the battery post; at most ${formatFixed(max)} mm: so much cable is unguarded.`,
              };
        },
      );
    },
  },
  {
    id: 'wiring.cable.ampacity',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'A cable must bear all that its fuse lets through, or it is the cable that burns.',
    remedy: 'Thicker cable; a smaller fuse only where the start-up current allows it.',
    source: 'ISO 10133 / ISO 13297, Annex A, with its factors for heat and bundles; steady heat balance (from memory).',
    check(read) {
      const { fuse, area, rated } = read.all({
        fuse: 'wiring.fuseA',
        area: 'wiring.cableAreaMm2',
        rated: 'wiring.insulationC',
      });
      const carries = read.derived('wiring.ampacityA');
      const warm = read.maybe('wiring.cableC');
      const bundle = read.maybe('wiring.bundled') ?? 1;
      const where = `${warm !== null && warm > 30 ? ` at ${formatFixed(warm)} °C` : ''}${bundle > 3 ? ` in a bundle of ${formatFixed(bundle)}` : ''}`;
      const message = `Cable of ${formatShort(area)} mm²${where} may carry ${formatShort(carries, 1)} A`;
      if (fuse === 0)
        return {
          level: 'stop',
          message: `${message}, but no fuse limits what flows.`,
          remedy: 'Fit a fuse at the battery post.',
        };
      if (carries === 0)
        return {
          level: 'stop',
          message: `${message}: its insulation is rated ${insulationWords[rated]} and softens there.`,
          remedy: 'Run it where it is cooler, or use cable with insulation for more heat.',
        };
      if (carries < fuse)
        return {
          level: 'stop',
          message: `${message}, but its fuse lets ${formatShort(fuse)} A through: the cable burns before the fuse opens.`,
        };
      const balance = read.derived('wiring.ampacityBalanceA');
      if (balance < fuse)
        return {
          level: 'watch',
          message: `${message} by the standard; by its own heat balance ${formatShort(balance, 1)} A, and its fuse is ${formatShort(fuse)} A.`,
          remedy: 'One size thicker, or a cooler way, leaves no doubt.',
        };
      return { level: 'sound', message: `${message}; its fuse is ${formatShort(fuse)} A.` };
    },
  },
  {
    id: 'wiring.battery.night',
    stage: 'wiring',
    holdPoint: 'handover',
    part: 'battery',
    why: 'A flat battery stops the heater on the coldest hour, without its cooling run.',
    remedy: 'A larger battery, a shorter night, or charging while it runs.',
    source: trade,
    check(read) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      if (from === 'mains') return { level: 'sound', message: 'Fed from the mains: no battery to last the night.' };
      return worstOf(
        read,
        () => {
          const takes = read.derived('wiring.nightAh');
          const gives = read.derived('wiring.usableAh');
          const { hours, rest } = read.all({ hours: 'heater.nightHours', rest: 'wiring.batteryRestV' });
          const message = `A night of ${formatShort(hours)} h takes ${formatFixed(takes, 1)} Ah; resting at ${formatFixed(rest, 2)} V the battery gives ${gives < 0.05 ? 'none' : `${formatFixed(gives, 1)} Ah`} in the cold`;
          if (gives < 0.05)
            return {
              level: 'fix',
              message: `${message}: it has nothing to spare.`,
              remedy: 'Charge it, and measure its volts again after an hour at rest.',
            };
          if (takes > gives)
            return {
              level: 'fix',
              message: `${message}: it will be flat after about ${formatFixed((hours * gives) / takes, 1)} h.`,
            };
          if (takes > gives * 0.7)
            return { level: 'watch', message: `${message}: ${formatFixed((takes / gives) * 100)} % of it.` };
          return { level: 'sound', message: `${message}.` };
        },
        () => {
          const volts = read.derived('wiring.morningV');
          const min = lowVoltage(read);
          return volts < min
            ? {
                level: 'fix',
                message: `After such a night the heater gets ${formatFixed(volts, 2)} V under glow at the next morning’s start; its low-voltage fault comes at ${formatShort(min)} V.`,
              }
            : null;
        },
      );
    },
  },
];
