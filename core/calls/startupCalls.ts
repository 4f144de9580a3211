import { fittedStarts } from '../startup/fittedStarts';
import { lastStart } from '../figures/startFigures';
import { show, trim } from '../units/show';
import type { Judge } from './Call';

const trade = 'Common practice, no published source; the maker’s figure goes before it.';

/** The first start: volts, flame, amps, after-run. The last recorded start is judged. */
export const startupCalls: readonly Judge[] = [
  {
    id: 'start.voltage.sag',
    stage: 'startup',
    moment: 'handover',
    part: 'battery',
    why: 'The volts that reach the heater under the glow plug decide whether it lights on a cold morning.',
    todo: 'Measure at the battery too, under glow: what is lost there is the battery, what is lost between is the feed.',
    source: trade,
    judge(read) {
      const { lowestStartV, restV } = lastStart(read);
      if (lowestStartV === null) return read.missing('volts at the heater under glow');
      const is24 = read.derived('wiring.supplyV') === 24;
      const least = read.limit(is24 ? 'lowVoltage24V' : 'lowVoltage12V').value;
      read.note('Lowest volts between button and flame', lowestStartV, 'V');
      const fell = restV === null ? '' : `, from ${show(restV, 2)} V`;
      const says = `Volts fell to ${show(lowestStartV, 2)} V under glow${fell}`;
      if (lowestStartV < least) return { level: 'fix', says: `${says}; the low-voltage fault comes at ${trim(least)} V.` };
      if (lowestStartV < least + (is24 ? 1 : 0.5))
        return {
          level: 'watch',
          says: `${says}, ${show(lowestStartV - least, 2)} V above the low-voltage fault at ${trim(least)} V.`,
        };
      return { level: 'sound', says: `${says} (fault at ${trim(least)} V).` };
    },
  },
  {
    id: 'start.ignition',
    stage: 'startup',
    moment: 'handover',
    part: 'heater',
    why: 'A slow or missing flame puts unburnt fuel into the chamber; several failed starts lock the unit.',
    todo: 'Look at fuel at the heater, bubbles, and volts under glow, in this order, before the next start.',
    source: trade,
    judge(read) {
      const { ignitionS, at } = lastStart(read);
      const tries = fittedStarts(read.build).length;
      read.note('Starts so far', tries, '');
      if (at.on === undefined) return read.missing('when the button was pressed');
      if (ignitionS === null) {
        if (at.off === undefined && at.end === undefined) return read.missing('the flame');
        return { level: 'fix', says: `No flame in start ${tries}.` };
      }
      const most = read.limit('ignitionMaxS').value;
      read.note('Button to flame', ignitionS, 's');
      const says = `Flame ${show(ignitionS)} s after the button, in start ${tries}`;
      if (ignitionS > most) return { level: 'fix', says: `${says}; at most ${show(most)} s.` };
      if (tries > 4) return { level: 'watch', says: `${says}: more tries than a filled line needs.` };
      return { level: 'sound', says: `${says} (at most ${show(most)} s).` };
    },
  },
  {
    id: 'start.running.current',
    stage: 'startup',
    moment: 'handover',
    part: 'battery',
    why: 'Current that stays up means a glow plug that does not go off or a fan that drags; it empties the battery by night.',
    todo: 'See that the glow plug goes off after the flame; turn the fan by hand with the fuse out.',
    source: `${trade} The margin is Lorbet’s own choice.`,
    judge(read) {
      const { runningA } = lastStart(read);
      if (runningA === null) return read.missing('amps while running');
      const { stated } = read.all({ stated: 'heater.runCurrentA' });
      const over = read.limit('runCurrentOverPercent').value;
      const most = stated * (1 + over / 100);
      read.note('Mean amps at full output', runningA, 'A');
      const says = `It runs at ${show(runningA, 2)} A; ${trim(stated)} A is stated`;
      if (runningA > most * 1.5) return { level: 'fix', says: `${says}, and ${show(most, 2)} A is the most here.` };
      if (runningA > most) return { level: 'watch', says: `${says}, and ${show(most, 2)} A is the most here.` };
      if (runningA < stated * 0.2) return { level: 'watch', says: `${says}: so little that fan or meter may not be running.` };
      return { level: 'sound', says: `${says} (at most ${show(most, 2)} A).` };
    },
  },
  {
    id: 'start.afterrun',
    stage: 'startup',
    moment: 'handover',
    part: 'heater',
    why: 'The fan clears and cools the burner after the flame; power cut while hot cooks the unit.',
    todo: 'Stop it by its button only, and wait until the fan stops before the fuse or isolator is touched.',
    source: trade,
    judge(read) {
      const { afterrunS, at } = lastStart(read);
      if (at.cut !== undefined)
        return {
          level: 'fix',
          says: `Power was cut while hot, ${show(at.cut)} s into the start.`,
          todo: 'Look the heater over for heat damage, then start and stop it once by its button, with the whole after-run.',
        };
      if (at.off === undefined) return read.missing('when the button was set to off');
      if (afterrunS === null) return read.missing('when the fan stopped');
      const [least, most] = [read.limit('afterrunMinS').value, read.limit('afterrunMaxS').value];
      read.note('Button off to fan stopped', afterrunS, 's');
      const says = `Fan ran on for ${show(afterrunS)} s`;
      if (afterrunS < least) return { level: 'fix', says: `${says}; at least ${show(least)} s cool it.` };
      if (afterrunS > most) return { level: 'watch', says: `${says}; ${show(most)} s is the usual most.` };
      return { level: 'sound', says: `${says} (${show(least)} to ${show(most)} s).` };
    },
  },
];
