import { chemistry, maxRestV } from '../../physics/wiring/battery';
import { batteryC, chargeA, chargesInTheCold, firstBelow, nightOf } from '../../model/wiring/night';
import { cutOffV, isBacked, isLoom, loomOf, loomShape } from '../../model/wiring/loomOf';
import type { Reader } from '../../reading/Reader';
import { ampHours, hours, percent, shortA, shortH, shortV, volts, celsius } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const lowVoltage = (read: Reader) => read.limit(read.derived('wiring.supplyV') === 24 ? 'lowVoltage24V' : 'lowVoltage12V').value;

/** What feeds the heater, and whether it lasts the night. */
export const batteryChecks = [
  defineCheck({
    id: 'wiring.source',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'A borrowed feed sags when the glow plug draws; a starter battery is dead in the morning; a mains cut stops the cooling run of a hot heater.',
    remedy: 'Run the feed straight from the leisure battery, fuse at its post.',
    source: trade,
    messages: {
      leisure: 'Feed comes straight from the leisure battery.',
      starter: 'Feed comes from the starter battery: the engine will not start in the morning.',
      panel: 'Feed is borrowed from a control panel: it trips or sags when the glow plug draws.',
      socket: 'Feed is borrowed from a socket: it trips or sags when the glow plug draws.',
      mains: 'Feed comes from a mains power supply: a power cut stops the cooling run.',
      backed: 'Feed comes from a mains power supply with a battery beside it.',
    },
    remedies: { mains: 'Put a battery between, and see that the supply gives the start-up current.' },
    assess(read, say) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      if (from === 'leisure') return say.sound('leisure');
      if (from !== 'mains') return say.fix(from);
      return isLoom(read) && isBacked(loomShape(read)) ? say.sound('backed') : say.watch('mains');
    },
  }),
  defineCheck({
    id: 'wiring.supply',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'A mains supply that is too weak folds under the glow plug, and a cut of the mains stops the cooling run.',
    remedy: 'A supply that gives the current of a start with something to spare, and a battery between.',
    source: trade,
    messages: {
      weak: 'The mains supply gives {gives} at most; a start draws {amps}.',
      gives: 'The mains supply gives {gives}; a start draws {amps}.',
      none: 'No mains supply feeds it.',
      cooled:
        'If the mains is cut, at whatever minute, the battery beside it gives the heater {glow} under its last glow: the cooling run goes on.',
      stops:
        'If the mains is cut, the battery beside it gives the heater {glow} under its last glow; its low-voltage fault comes at {min}.',
    },
    remedies: { stops: 'Charge that battery, or fit a larger one or thicker wire, until it holds the heater up by itself.' },
    assess(read, say) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      if (from !== 'mains') return say.sound('none');
      const { gives, amps } = read.all({ gives: 'wiring.supplyA', amps: 'heater.startCurrentA' });
      const values = { gives: shortA(gives), amps: shortA(amps) };
      return worstOf(
        () => (gives < amps ? say.fix('weak', values) : null),
        () => {
          if (!isLoom(read)) return null;
          const loom = loomOf(read);
          if (!isBacked(loom)) return null;
          const glowV = cutOffV(loom);
          const glow = volts(glowV, 2);
          const min = lowVoltage(read);
          return glowV < min ? say.fix('stops', { glow, min: shortV(min) }) : say.sound('cooled', { glow });
        },
        () => say.sound('gives', values),
      );
    },
  }),
  defineCheck({
    id: 'wiring.voltage.start',
    stage: 'wiring',
    holdPoint: 'power',
    part: 'battery',
    why: 'Battery and cable sag together under the glow plug; below its low limit the unit gives up with a low-voltage fault.',
    remedy: 'Charge the battery, or replace a tired one; then look at the cable.',
    source: `Ohm; the low limit is ${trade.toLowerCase()} The maker’s figure goes before it.`,
    messages: {
      tooHigh: 'The battery is entered as resting at {rest}; over {max} none of its kind rests.',
      flat: 'A battery that rests at {rest} holds about {charge} of its charge: the glow plug draws it into a low-voltage fault.',
      half: 'A battery that rests at {rest} holds about {charge} of its charge.',
      fault: 'From {rest} at rest the heater gets {glow} under glow; its low-voltage fault comes at {min}.',
      near: 'From {rest} at rest the heater gets {glow} under glow, only {over} above its low-voltage fault at {min}.',
      holds: 'From {rest} at rest the heater gets {glow} under glow (fault at {min}).',
    },
    remedies: {
      tooHigh:
        'Let it rest an hour with nothing charging it, and measure again; where it stays so high it is another voltage or another kind.',
      flat: 'Charge it, let it rest an hour, and measure again; replace one that stays low.',
      half: 'Charge it before it is checked.',
    },
    assess(read, say) {
      const is24 = read.derived('wiring.supplyV') === 24;
      const { rest: restV } = read.all({ rest: 'wiring.batteryRestV' });
      const rest = volts(restV, 2);
      return worstOf(
        () => {
          const { kind } = read.all({ kind: 'wiring.batteryKind' });
          const max = maxRestV[chemistry(kind)] * (is24 ? 2 : 1);
          return restV > max ? say.fix('tooHigh', { rest, max: volts(max, 1) }) : null;
        },
        () => {
          const charge = read.derived('wiring.chargePercent');
          const { kind } = read.all({ kind: 'wiring.batteryKind' });
          const [low, half] = kind === 'lithium' ? [10, 20] : [30, 50];
          if (charge < low) return say.fix('flat', { rest, charge: percent(charge) });
          return charge < half ? say.watch('half', { rest, charge: percent(charge) }) : null;
        },
        () => {
          const glowV = read.derived('wiring.startV');
          const minV = lowVoltage(read);
          const values = { rest, glow: volts(glowV, 2), min: shortV(minV) };
          if (glowV < minV) return say.fix('fault', values);
          return glowV < minV + (is24 ? 1 : 0.5)
            ? say.watch('near', { ...values, over: volts(glowV - minV, 2) })
            : say.sound('holds', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'wiring.battery.night',
    stage: 'wiring',
    holdPoint: 'handover',
    part: 'battery',
    why: 'A flat battery stops the heater on the coldest hour, without its cooling run.',
    remedy: 'A larger battery, a shorter night, or charging while it runs.',
    source: `${trade} Not to be charged below 0 °C: of LiFePO4, common practice.`,
    messages: {
      mains: 'Fed from the mains: no battery to last the night.',
      none: 'A night of {night} takes {takes}; resting at {rest} the battery gives none in the cold: it has nothing to spare.',
      flat: 'A night of {night} takes {takes}; resting at {rest} the battery gives {gives} in the cold: it will be flat after about {after}.',
      most: 'A night of {night} takes {takes}; resting at {rest} the battery gives {gives} in the cold: {share} of it.',
      lasts: 'A night of {night} takes {takes}; resting at {rest} the battery gives {gives} in the cold.',
      cold: 'A lithium battery is charged with {charge} at {at}: below 0 °C that spoils it for good.',
      evening: 'On the coldest night the heater gets {glow} at its first start already; its low-voltage fault comes at {min}.',
      sags: 'After {after} of the night the heater gets {glow} as it draws; its low-voltage fault comes at {min}.',
      morning:
        'After such a night the heater gets {glow} under glow at the next morning’s start; its low-voltage fault comes at {min}.',
    },
    remedies: {
      none: 'Charge it, and measure its volts again after an hour at rest.',
      cold: 'Let its own switch keep the charger off below 0 °C, and enter 0 A; or keep the battery warm, and enter how cold it gets.',
      evening: 'Charge it, or fit thicker wire or a larger battery.',
      sags: 'A larger or better charged battery, thicker wire, or charging while it runs.',
    },
    assess(read, say) {
      const { from } = read.all({ from: 'wiring.feedSource' });
      if (from === 'mains') return say.sound('mains');
      return worstOf(
        () => {
          const takes = read.derived('wiring.nightAh');
          const gives = read.derived('wiring.usableAh');
          const { night, rest } = read.all({ night: 'heater.nightHours', rest: 'wiring.batteryRestV' });
          const values = { night: shortH(night), takes: ampHours(takes, 1), rest: volts(rest, 2) };
          if (gives < 0.05) return say.fix('none', values);
          const known = { ...values, gives: ampHours(gives, 1) };
          if (takes > gives) return say.fix('flat', { ...known, after: hours((night * gives) / takes, 1) });
          return takes > gives * 0.7
            ? say.watch('most', { ...known, share: percent((takes / gives) * 100) })
            : say.sound('lasts', known);
        },
        () => {
          const charge = chargeA(read);
          if (charge === 0 || chargesInTheCold(read)) return null;
          return say.fix('cold', { charge: shortA(charge), at: celsius(batteryC(read)) });
        },
        () => {
          const min = lowVoltage(read);
          const night = nightOf(read);
          const first = firstBelow(night, min);
          if (!first) return null;
          const values = { glow: volts(first.volts, 2), min: shortV(min) };
          if (first.min === 0) return say.fix('evening', values);
          return first.min === night.length - 1
            ? say.fix('morning', values)
            : say.fix('sags', { ...values, after: hours(first.min / 60, 1) });
        },
      );
    },
  }),
];
