import { repairedMs } from '../model/proving/stale';
import { primedStrokes } from '../model/priming/primedStrokes';
import { fittedStarts, hasFailed } from '../model/startup/fittedStarts';
import { factsOf, firstAt } from '../build/startFacts';
import { lastStart } from '../figures/startFigures';
import { formatFixed, formatShort } from '../units/formatNumber';
import type { Check, Reader } from './Finding';
import { worstOf } from './worstOf';

const trade = 'Common practice, no published source; the maker’s figure goes before it.';

/** A battery at work never stands higher than this on a system of 12 V: charging ends at about 15. Common practice, no source. */
const maxSystemV = 15.6;
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
export const startupChecks: readonly Check[] = [
  {
    id: 'start.voltage.sag',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'battery',
    why: 'The volts that reach the heater under the glow plug decide whether it lights on a cold morning.',
    remedy: 'Measure at the battery too, under glow: what is lost there is the battery, what is lost between is the feed.',
    source: trade,
    check(read) {
      const { lowestStartV, restV } = lastStart(read);
      if (lowestStartV === null) return read.missing('volts at the heater under glow');
      const is24 = read.derived('wiring.supplyV') === 24;
      const min = read.limit(is24 ? 'lowVoltage24V' : 'lowVoltage12V').value;
      read.note('Lowest volts between button and flame', lowestStartV, 'V');
      const fell = restV === null ? '' : `, from ${formatFixed(restV, 2)} V`;
      const message = `Volts fell to ${formatFixed(lowestStartV, 2)} V under glow${fell}`;
      if (lowestStartV < min)
        return { level: 'fix', message: `${message}; the low-voltage fault comes at ${formatShort(min)} V.` };
      if (lowestStartV < min + (is24 ? 1 : 0.5))
        return {
          level: 'watch',
          message: `${message}, ${formatFixed(lowestStartV - min, 2)} V above the low-voltage fault at ${formatShort(min)} V.`,
        };
      return { level: 'sound', message: `${message} (fault at ${formatShort(min)} V).` };
    },
  },
  {
    id: 'start.ignition',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A slow or missing flame puts unburnt fuel into the chamber; several failed starts lock the unit.',
    remedy: 'Look at fuel at the heater, bubbles, and volts under glow, in this order, before the next start.',
    source: trade,
    check(read) {
      const { ignitionS, at } = lastStart(read);
      const tries = fittedStarts(read.build).length;
      read.note('Starts so far', tries, '');
      if (at.on === undefined) return read.missing('when the button was pressed');
      if (ignitionS === null) {
        if (at.off === undefined && at.end === undefined) return read.missing('the flame');
        return { level: 'fix', message: `No flame in start ${tries}.` };
      }
      const max = read.limit('ignitionMaxS').value;
      read.note('Button to flame', ignitionS, 's');
      const message = `Flame ${formatFixed(ignitionS)} s after the button, in start ${tries}`;
      if (ignitionS > max) return { level: 'fix', message: `${message}; at most ${formatFixed(max)} s.` };
      if (tries > 4) return { level: 'watch', message: `${message}: more tries than a filled line needs.` };
      return { level: 'sound', message: `${message} (at most ${formatFixed(max)} s).` };
    },
  },
  {
    id: 'priming.lockout',
    stage: 'startup',
    holdPoint: 'fire',
    part: 'heater',
    answered: true,
    why: 'Each start that fails leaves its fuel in the burner, counts towards a lock-out and wears the glow plug; the next flame burns it all at once.',
    remedy:
      'Don’t press the button again. Drain and air the burner as the maker’s manual says, look for the cause (fuel at the heater, bubbles, volts under glow), record both here, and only then light it.',
    source: `${trade} Two to four starts are met on a dry line; the limits are Lorbet’s own choice.`,
    check(read) {
      const failed = failedInARow(read);
      const { last } = primedStrokes(read.build);
      const wet = last?.outcome === 'reached' || last?.outcome === 'overrun';
      read.note('Failed starts in a row', failed, '');
      if (failed === 0) return { level: 'sound', message: 'No failed start stands unanswered.' };
      const message = `${failed} ${failed === 1 ? 'start' : 'starts'} in a row without a flame`;
      if (failed >= 2 && wet)
        return {
          level: 'stop',
          message: `${message}, with fuel at the heater: the burner is flooded, the unit may lock out, and the glow plug wears.`,
        };
      if (failed >= 3)
        return {
          level: 'fix',
          message: `${message}: the unit may lock out, the glow plug wears, and whatever fuel came stands in the burner.`,
        };
      return {
        level: 'watch',
        message: `${message}.`,
        remedy: 'Look at fuel at the heater, bubbles, and volts under glow, before the next start.',
      };
    },
  },
  {
    id: 'start.figures',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A log that can’t be true proves nothing, and may hide a meter, a wire or a controller that is wrong.',
    remedy: 'Look at meter and connections, and log another start.',
    source: `${trade} The limits are Lorbet’s own choice.`,
    check(read) {
      const { run, at } = lastStart(read);
      const facts = factsOf(run);
      read.note('Readings in the log', facts.readings, '');
      return worstOf(
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
                message: `The log has ${courseWords[early.event]} at ${formatFixed(early.b)} s and ${courseWords[early.before]} only at ${formatFixed(early.a)} s.`,
              }
            : null;
        },
        () =>
          facts.unordered
            ? {
                level: 'fix',
                message: 'Readings of the log are out of order in time: the logger’s clock jumped, or two logs are mixed.',
              }
            : null,
        () => {
          if (facts.maxV === null) return null;
          const supply = read.derived('wiring.supplyV');
          const max = (maxSystemV * supply) / 12;
          return facts.maxV > max
            ? {
                level: 'fix',
                message: `${formatFixed(facts.maxV, 1)} V were read on a system of ${formatFixed(supply)} V; over ${formatFixed(max, 1)} V none stands, even while it is charged.`,
                remedy:
                  'Look at what charges it, at the supply’s voltage and at the meter, before the unit is destroyed; then log another start.',
              }
            : null;
        },
        () => {
          if (facts.maxHz === null) return null;
          const { max } = read.all({ max: 'heater.pumpMaxHz' });
          return facts.maxHz > max * 1.1
            ? {
                level: 'fix',
                message: `The pump was read at ${formatShort(facts.maxHz, 1)} Hz; ${formatShort(max, 1)} Hz is its highest.`,
                remedy:
                  'Correct the highest frequency on the heater’s sheet, or set the controller to it; then log another start.',
              }
            : null;
        },
        () => {
          const { fullOutletC: out, fullReturnC: back } = facts;
          return out !== null && back !== null && out <= back
            ? {
                level: 'fix',
                message: `At full output ${formatFixed(out)} °C came out and ${formatFixed(back)} °C went in: the heater heats nothing, or the two sensors are swapped.`,
              }
            : null;
        },
        () => ({ level: 'sound', message: 'The log of the last start holds together.' }),
      );
    },
  },
  {
    id: 'start.outlet.temperature',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'cabin',
    why: 'Air that comes out too hot melts ducts, burns hands, and tells of a starved return or a closed outlet: the heater overheats.',
    remedy: 'Open outlets and return, clear what blocks the ducts; then log another start.',
    source: `${trade} 60 to 126 °C are met.`,
    check(read) {
      const { run } = lastStart(read);
      const { maxOutletC } = factsOf(run);
      if (maxOutletC === null) return read.missing('temperature of the warm air at the outlet');
      const max = read.limit('outletMaxC').value;
      read.note('Warm air, hottest', maxOutletC, '°C');
      const message = `Warm air came out at up to ${formatFixed(maxOutletC)} °C`;
      if (maxOutletC > max * 1.15)
        return { level: 'stop', message: `${message}; ${formatFixed(max)} °C is the most met: it overheats.` };
      if (maxOutletC > max) return { level: 'fix', message: `${message}; ${formatFixed(max)} °C is the most met.` };
      return { level: 'sound', message: `${message} (most ${formatFixed(max)} °C).` };
    },
  },
  {
    id: 'start.running.current',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'battery',
    why: 'Current that stays up means a glow plug that does not go off or a fan that drags; it empties the battery by night.',
    remedy: 'See that the glow plug goes off after the flame; turn the fan by hand with the fuse out.',
    source: `${trade} The margin is Lorbet’s own choice.`,
    check(read) {
      const { runningA } = lastStart(read);
      if (runningA === null) return read.missing('amps while running');
      const { stated } = read.all({ stated: 'heater.runCurrentA' });
      const over = read.limit('runCurrentOverPercent').value;
      const max = stated * (1 + over / 100);
      read.note('Mean amps at full output', runningA, 'A');
      const message = `It runs at ${formatFixed(runningA, 2)} A; ${formatShort(stated)} A is stated`;
      if (runningA > max * 1.5) return { level: 'fix', message: `${message}, and ${formatFixed(max, 2)} A is the most here.` };
      if (runningA > max) return { level: 'watch', message: `${message}, and ${formatFixed(max, 2)} A is the most here.` };
      if (runningA < stated * 0.2)
        return { level: 'watch', message: `${message}: so little that fan or meter may not be running.` };
      return { level: 'sound', message: `${message} (at most ${formatFixed(max, 2)} A).` };
    },
  },
  {
    id: 'start.afterrun',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'heater',
    why: 'The fan clears and cools the burner after the flame; power cut while hot cooks the unit.',
    remedy: 'Stop it by its button only, and wait until the fan stops before the fuse or isolator is touched.',
    source: trade,
    check(read) {
      const { afterrunS, at } = lastStart(read);
      if (at.cut !== undefined)
        return {
          level: 'fix',
          message: `Power was cut while hot, ${formatFixed(at.cut)} s into the start.`,
          remedy: 'Look the heater over for heat damage, then start and stop it once by its button, with the whole after-run.',
        };
      if (at.off === undefined) return read.missing('when the button was set to off');
      if (afterrunS === null) return read.missing('when the fan stopped');
      const [min, max] = [read.limit('afterrunMinS').value, read.limit('afterrunMaxS').value];
      read.note('Button off to fan stopped', afterrunS, 's');
      const message = `Fan ran on for ${formatFixed(afterrunS)} s`;
      if (afterrunS < min) return { level: 'fix', message: `${message}; at least ${formatFixed(min)} s cool it.` };
      if (afterrunS > max) return { level: 'watch', message: `${message}; ${formatFixed(max)} s is the usual most.` };
      return { level: 'sound', message: `${message} (${formatFixed(min)} to ${formatFixed(max)} s).` };
    },
  },
];
