import { show, trim } from '../units/show';
import type { Judge, Reader } from './Call';

const trade = 'Common practice, no published source.';
const lowVoltage = (read: Reader) => read.limit(read.derived('wiring.supplyV') === 24 ? 'lowVoltage24V' : 'lowVoltage12V').value;

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
        return {
          level: 'fix',
          says: `${says}; at most ${show(most)} %.`,
          todo: `Use about ${show((area * percent) / most, 1)} mm² or more, or shorten the run.`,
        };
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
      const volts = read.derived('wiring.startV');
      const { rest } = read.all({ rest: 'wiring.batteryRestV' });
      const least = lowVoltage(read);
      const margin = read.derived('wiring.supplyV') === 24 ? 1 : 0.5;
      const says = `From ${show(rest, 2)} V at rest the heater gets ${show(volts, 2)} V under glow`;
      if (volts < least) return { level: 'fix', says: `${says}; its low-voltage fault comes at ${trim(least)} V.` };
      if (volts < least + margin)
        return {
          level: 'watch',
          says: `${says}, only ${show(volts - least, 2)} V above its low-voltage fault at ${trim(least)} V.`,
        };
      return { level: 'sound', says: `${says} (fault at ${trim(least)} V).` };
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
      const { fuse, amps } = read.all({ fuse: 'wiring.fuseA', amps: 'heater.startCurrentA' });
      if (fuse === 0)
        return {
          level: 'stop',
          says: 'There is no fuse in the feed: a chafed cable burns until the battery is flat.',
          todo: 'Fit a fuse of the maker’s rating at the battery post.',
        };
      const rule = read.limit('fuseA');
      if (rule.origin === 'maker' && fuse > rule.value)
        return { level: 'fix', says: `Fuse of ${trim(fuse)} A where the maker asks for ${trim(rule.value)} A.` };
      const load = read.limit('fuseLoadPercent').value;
      const used = (amps / fuse) * 100;
      if (used > load)
        return {
          level: 'fix',
          says: `Fuse of ${trim(fuse)} A is loaded to ${show(used)} % by the ${trim(amps)} A of a start; at most ${show(load)} %.`,
          todo: `At least ${show(Math.ceil((amps / load) * 100))} A, as the maker says, and a cable that carries it.`,
        };
      if (rule.origin === 'maker' && fuse < rule.value)
        return { level: 'watch', says: `Fuse of ${trim(fuse)} A where the maker asks for ${trim(rule.value)} A.` };
      if (fuse > 2.5 * amps)
        return { level: 'fix', says: `Fuse of ${trim(fuse)} A for a start of ${trim(amps)} A guards nothing at the heater.` };
      return { level: 'sound', says: `Fuse of ${trim(fuse)} A is loaded to ${show(used)} % by a start of ${trim(amps)} A.` };
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
      const { fuse } = read.all({ fuse: 'wiring.fuseA' });
      if (fuse === 0) return { level: 'stop', says: 'There is no fuse in the feed.' };
      const { away } = read.all({ away: 'wiring.fuseFromBatteryMm' });
      const most = read.limit('fuseFromBatteryMm').value;
      if (away <= most)
        return { level: 'sound', says: `Fuse sits ${show(away)} mm from the battery post (at most ${show(most)} mm).` };
      return {
        level: 'fix',
        says: `Fuse sits ${show(away)} mm from the battery post; at most ${show(most)} mm: so much cable is unguarded.`,
      };
    },
  },
  {
    id: 'wiring.cable.ampacity',
    stage: 'wiring',
    moment: 'power',
    part: 'battery',
    why: 'A cable must bear all that its fuse lets through, or it is the cable that burns.',
    todo: 'Thicker cable; a smaller fuse only where the start-up current allows it.',
    source: 'ISO 10133 / ISO 13297, Annex A, single conductor at 30 °C (from memory).',
    judge(read) {
      const { fuse, area } = read.all({ fuse: 'wiring.fuseA', area: 'wiring.cableAreaMm2' });
      const carries = read.derived('wiring.ampacityA');
      const { amps } = read.all({ amps: 'heater.startCurrentA' });
      const guarded = fuse === 0 ? amps : fuse;
      const says = `Cable of ${trim(area)} mm² may carry ${show(carries)} A`;
      if (carries < guarded)
        return {
          level: 'stop',
          says: `${says}, but ${fuse === 0 ? `a start takes ${trim(amps)} A` : `its fuse lets ${trim(fuse)} A through`}: the cable burns before the fuse opens.`,
        };
      if (fuse === 0) return { level: 'stop', says: `${says}, but no fuse limits what flows.` };
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
      const takes = read.derived('wiring.nightAh');
      const gives = read.derived('wiring.usableAh');
      const { hours } = read.all({ hours: 'heater.nightHours' });
      const says = `A night of ${trim(hours)} h takes ${show(takes, 1)} Ah; the battery gives ${show(gives, 1)} Ah`;
      if (takes > gives)
        return { level: 'fix', says: `${says}: it will be flat after about ${show((hours * gives) / takes, 1)} h.` };
      if (takes > gives * 0.7) return { level: 'watch', says: `${says}: ${show((takes / gives) * 100)} % of it.` };
      return { level: 'sound', says: `${says}.` };
    },
  },
];
