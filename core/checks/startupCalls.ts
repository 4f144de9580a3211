import { repairedMs } from '../model/proving/stale';
import { primedStrokes } from '../model/priming/primedStrokes';
import { fittedStarts, hasFailed } from '../model/startup/fittedStarts';
import { factsOf, firstAt } from '../build/startFacts';
import { lastStart } from '../figures/startFigures';
import { show, trim } from '../units/show';
import type { Judge, Reader } from './Call';
import { weigh } from './weigh';

const trade = 'Common practice, no published source; the maker’s figure goes before it.';

/** A battery at work never stands higher than this on a system of 12 V: charging ends at about 15. Common practice, no source. */
const mostSystemV = 15.6;
/** The order in which things happen at a start. */
const course = ['on', 'glow', 'flame', 'full', 'off', 'end'] as const;
const courseWords = {
  on: 'the button',
  glow: 'the glow plug',
  flame: 'the flame',
  full: 'full output',
  off: 'the button off',
  end: 'the fan’s stop',
} as const;

/** Starts given up without a flame, one after the other, since the last that lit or was answered by a repair. */
function failedInARow(read: Reader): number {
  const repaired = repairedMs(read.build, 'priming.lockout');
  let failed = 0;
  for (const run of fittedStarts(read.build)) {
    if (!hasFailed(run)) failed = firstAt(run).flame === undefined ? failed : 0;
    else if (Date.parse(run.at) >= repaired) failed += 1;
  }
  return failed;
}

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
    id: 'priming.lockout',
    stage: 'startup',
    moment: 'fire',
    part: 'heater',
    answered: true,
    why: 'Each start that fails leaves its fuel in the burner, counts towards a lock-out and wears the glow plug; the next flame burns it all at once.',
    todo: 'Don’t press the button again. Drain and air the burner as the maker’s manual says, look for the cause (fuel at the heater, bubbles, volts under glow), record both here, and only then light it.',
    source: `${trade} Two to four starts are met on a dry line; the limits are Lorbet’s own choice.`,
    judge(read) {
      const failed = failedInARow(read);
      const { last } = primedStrokes(read.build);
      const wet = last?.outcome === 'reached' || last?.outcome === 'overrun';
      read.note('Failed starts in a row', failed, '');
      if (failed === 0) return { level: 'sound', says: 'No failed start stands unanswered.' };
      const says = `${failed} ${failed === 1 ? 'start' : 'starts'} in a row without a flame`;
      if (failed >= 2 && wet)
        return {
          level: 'stop',
          says: `${says}, with fuel at the heater: the burner is flooded, the unit may lock out, and the glow plug wears.`,
        };
      if (failed >= 3)
        return {
          level: 'fix',
          says: `${says}: the unit may lock out, the glow plug wears, and whatever fuel came stands in the burner.`,
        };
      return {
        level: 'watch',
        says: `${says}.`,
        todo: 'Look at fuel at the heater, bubbles, and volts under glow, before the next start.',
      };
    },
  },
  {
    id: 'start.figures',
    stage: 'startup',
    moment: 'handover',
    part: 'heater',
    why: 'A log that can’t be true proves nothing, and may hide a meter, a wire or a controller that is wrong.',
    todo: 'Look at meter and connections, and log another start.',
    source: `${trade} The limits are Lorbet’s own choice.`,
    judge(read) {
      const { run, at } = lastStart(read);
      const facts = factsOf(run);
      read.note('Readings in the log', facts.readings, '');
      return weigh(
        read,
        () => {
          const early = course.flatMap((event, i) =>
            course.slice(0, i).flatMap((before) => {
              const [a, b] = [at[before], at[event]];
              return a !== undefined && b !== undefined && b < a ? [{ before, event, a, b }] : [];
            }),
          )[0];
          return early
            ? {
                level: 'fix',
                says: `The log has ${courseWords[early.event]} at ${show(early.b)} s and ${courseWords[early.before]} only at ${show(early.a)} s.`,
              }
            : null;
        },
        () =>
          facts.unordered
            ? {
                level: 'fix',
                says: 'Readings of the log are out of order in time: the logger’s clock jumped, or two logs are mixed.',
              }
            : null,
        () => {
          if (facts.mostV === null) return null;
          const supply = read.derived('wiring.supplyV');
          const most = (mostSystemV * supply) / 12;
          return facts.mostV > most
            ? {
                level: 'fix',
                says: `${show(facts.mostV, 1)} V were read on a system of ${show(supply)} V; over ${show(most, 1)} V none stands, even while it is charged.`,
                todo: 'Look at what charges it, at the supply’s voltage and at the meter, before the unit is destroyed; then log another start.',
              }
            : null;
        },
        () => {
          if (facts.mostHz === null) return null;
          const { most } = read.all({ most: 'heater.pumpMaxHz' });
          return facts.mostHz > most * 1.1
            ? {
                level: 'fix',
                says: `The pump was read at ${trim(facts.mostHz, 1)} Hz; ${trim(most, 1)} Hz is its highest.`,
                todo: 'Correct the highest frequency on the heater’s sheet, or set the controller to it; then log another start.',
              }
            : null;
        },
        () => {
          const { fullOutletC: out, fullReturnC: back } = facts;
          return out !== null && back !== null && out <= back
            ? {
                level: 'fix',
                says: `At full output ${show(out)} °C came out and ${show(back)} °C went in: the heater heats nothing, or the two sensors are swapped.`,
              }
            : null;
        },
        () => ({ level: 'sound', says: 'The log of the last start holds together.' }),
      );
    },
  },
  {
    id: 'start.outlet.temperature',
    stage: 'startup',
    moment: 'handover',
    part: 'cabin',
    why: 'Air that comes out too hot melts ducts, burns hands, and tells of a starved return or a closed outlet: the heater overheats.',
    todo: 'Open outlets and return, clear what blocks the ducts; then log another start.',
    source: `${trade} 60 to 126 °C are met.`,
    judge(read) {
      const { run } = lastStart(read);
      const { mostOutletC } = factsOf(run);
      if (mostOutletC === null) return read.missing('temperature of the warm air at the outlet');
      const most = read.limit('outletMaxC').value;
      read.note('Warm air, hottest', mostOutletC, '°C');
      const says = `Warm air came out at up to ${show(mostOutletC)} °C`;
      if (mostOutletC > most * 1.15) return { level: 'stop', says: `${says}; ${show(most)} °C is the most met: it overheats.` };
      if (mostOutletC > most) return { level: 'fix', says: `${says}; ${show(most)} °C is the most met.` };
      return { level: 'sound', says: `${says} (most ${show(most)} °C).` };
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
