import { factsOf } from '../../build/startFacts';
import { lastStart } from '../../figures/startup/startFigures';
import { fittedStarts } from '../../model/startup/fittedStarts';
import { computeOrMissing, toDo } from '../../reading/NotMeasured';
import { amps, celsius, count, kW, seconds, shortA, shortHz, shortV, volts, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { worstOf } from '../worstOf';

const trade = 'Common practice, no published source; the maker’s figure goes before it.';

/** A battery at work never stands higher than this on a system of 12 V: charging ends at about 15. Common practice, no source. */
const maxSystemV = 15.6;
/** Heat by air and by fuel may be so far apart, share: the flow of a blower is known no better. Lorbet’s own choice, no source. */
const balanceWithin = 0.4;
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

/** The first start: volts, flame, amps, after-run. The last recorded start is checked. */
export const startChecks = [
  defineCheck({
    id: 'start.voltage.sag',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'battery',
    why: 'The volts that reach the heater under the glow plug decide whether it lights on a cold morning.',
    remedy: 'Measure at the battery too, under glow: what is lost there is the battery, what is lost between is the feed.',
    source: trade,
    messages: {
      fault: 'Volts fell to {lowest} under glow{from}; the low-voltage fault comes at {min}.',
      near: 'Volts fell to {lowest} under glow{from}, {over} above the low-voltage fault at {min}.',
      holds: 'Volts fell to {lowest} under glow{from} (fault at {min}).',
      from: ', from {rest}',
    },
    assess(read, say) {
      const { lowestStartV, restV } = lastStart(read);
      if (lowestStartV === null) return read.missing(...toDo('read the volts at the heater under glow'));
      const is24 = read.derived('wiring.supplyV') === 24;
      const min = read.limit(is24 ? 'lowVoltage24V' : 'lowVoltage12V').value;
      read.note('Lowest volts between button and flame', lowestStartV, 'V');
      const values = {
        lowest: volts(lowestStartV, 2),
        from: restV === null ? null : say.clause('from', { rest: volts(restV, 2) }),
        min: shortV(min),
      };
      if (lowestStartV < min) return say.fix('fault', values);
      return lowestStartV < min + (is24 ? 1 : 0.5)
        ? say.watch('near', { ...values, over: volts(lowestStartV - min, 2) })
        : say.sound('holds', values);
    },
  }),
  defineCheck({
    id: 'start.ignition',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A slow or missing flame puts unburnt fuel into the chamber; several failed starts lock the unit.',
    remedy: 'Look at fuel at the heater, bubbles, and volts under glow, in this order, before the next start.',
    source: trade,
    messages: {
      none: 'No flame in start {start}.',
      late: 'Flame {after} after the button, in start {start}; at most {max}.',
      tries: 'Flame {after} after the button, in start {start}: more tries than a filled line needs.',
      lit: 'Flame {after} after the button, in start {start} (at most {max}).',
      out: 'The flame went out {after} after the button, in start {start}.',
    },
    remedies: {
      out: 'Let it run out by itself. Once it is cold, look for air in the line, through exhaust and intake, and for water in a low point of the exhaust; mend what is wrong. Then log another start.',
    },
    assess(read, say) {
      const { ignitionS, at } = lastStart(read);
      const tries = fittedStarts(read.build).length;
      read.note('Starts so far', tries, '');
      const start = count(tries);
      if (at.on === undefined) return read.missing(...toDo('log when the button was pressed'));
      if (ignitionS === null) {
        if (at.off === undefined && at.end === undefined) return read.missing(...toDo('log the flame'));
        return say.fix('none', { start });
      }
      if (at.out !== undefined && at.out > at.on) return say.fix('out', { after: seconds(at.out - at.on), start });
      const max = read.limit('ignitionMaxS').value;
      read.note('Button to flame', ignitionS, 's');
      const after = seconds(ignitionS);
      if (ignitionS > max) return say.fix('late', { after, start, max: seconds(max) });
      return tries > 4 ? say.watch('tries', { after, start }) : say.sound('lit', { after, start, max: seconds(max) });
    },
  }),
  defineCheck({
    id: 'start.figures',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A log that can’t be true proves nothing, and may hide a meter, a wire or a controller that is wrong.',
    remedy: 'Look at meter and connections, and log another start.',
    source: `${trade} The limits are Lorbet’s own choice.`,
    messages: {
      ...courseWords,
      order: 'The log has {event} at {at} and {before} only at {later}.',
      unordered: 'Readings of the log are out of order in time: the logger’s clock jumped, or two logs are mixed.',
      volts: '{read} were read on a system of {supply}; over {max} none stands, even while it is charged.',
      pump: 'The pump was read at {read}; {max} is its highest.',
      swapped: 'At full output {out} came out and {in} went in: the heater heats nothing, or the two sensors are swapped.',
      holds: 'The log of the last start holds together.',
    },
    remedies: {
      volts:
        'Look at what charges it, at the supply’s voltage and at the meter, before the unit is destroyed; then log another start.',
      pump: 'Correct the highest frequency on the heater’s sheet, or set the controller to it; then log another start.',
    },
    assess(read, say) {
      const { run, at } = lastStart(read);
      const facts = factsOf(run);
      read.note('Readings in the log', facts.readings, '');
      return worstOf(
        () => {
          const early = course.flatMap((event, i) =>
            course.slice(0, i).flatMap((before) => {
              const [a, b] = [at[before], at[event]];
              return a !== undefined && b !== undefined && b < a ? [{ before, event, a, b }] : [];
            }),
          )[0];
          return early
            ? say.fix('order', {
                event: say.clause(early.event),
                at: seconds(early.b),
                before: say.clause(early.before),
                later: seconds(early.a),
              })
            : null;
        },
        () => (facts.unordered ? say.fix('unordered') : null),
        () => {
          if (facts.maxV === null) return null;
          const supply = read.derived('wiring.supplyV');
          const max = (maxSystemV * supply) / 12;
          return facts.maxV > max
            ? say.fix('volts', { read: volts(facts.maxV, 1), supply: volts(supply), max: volts(max, 1) })
            : null;
        },
        () => {
          if (facts.maxHz === null) return null;
          const { max } = read.all({ max: 'heater.pumpMaxHz' });
          return facts.maxHz > max * 1.1 ? say.fix('pump', { read: shortHz(facts.maxHz, 1), max: shortHz(max, 1) }) : null;
        },
        () => {
          const { fullOutletC: out, fullReturnC: back } = facts;
          return out !== null && back !== null && out <= back
            ? say.fix('swapped', { out: celsius(out), in: celsius(back) })
            : null;
        },
        () => say.sound('holds'),
      );
    },
  }),
  defineCheck({
    id: 'start.outlet.temperature',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'cabin',
    why: 'Air that comes out too hot melts ducts, burns hands, and tells of a starved return or a closed outlet: the heater overheats.',
    remedy: 'Open outlets and return, clear what blocks the ducts; then log another start.',
    source: `${trade} 60 to 126 °C are met.`,
    messages: {
      overheats: 'Warm air came out at up to {hottest}; {max} is the most met: it overheats.',
      hot: 'Warm air came out at up to {hottest}; {max} is the most met.',
      right: 'Warm air came out at up to {hottest} (most {max}){balance}.',
      apart:
        'Warm air came out at up to {hottest} (most {max}); as it flows and warms it carries {air}, where the fuel gives {fuel}: a flow, a dose or a thermometer is not what it is taken for.',
      balance: '; it carries {air}, and the fuel gives {fuel}',
    },
    remedies: {
      apart:
        'Hold the thermometer 50 mm inside the duct nearest the heater, and one at its inlet; measure the dose and the ducts. Then log another start.',
    },
    assess(read, say) {
      const { maxOutletC } = factsOf(lastStart(read).run);
      if (maxOutletC === null) return read.missing(...toDo('read the temperature of the warm air at the outlet'));
      const max = read.limit('outletMaxC').value;
      read.note('Warm air, hottest', maxOutletC, '°C');
      const values = { hottest: celsius(maxOutletC), max: celsius(max) };
      if (maxOutletC > max * 1.15) return say.stop('overheats', values);
      if (maxOutletC > max) return say.fix('hot', values);
      const balance = computeOrMissing(() => ({ air: read.derived('start.airKw'), fuel: read.derived('start.fuelKw') }));
      if ('missing' in balance) return say.sound('right', { ...values, balance: null });
      const { air, fuel } = balance.value;
      const both = { air: kW(air, 2), fuel: kW(fuel, 2) };
      return Math.abs(air / fuel - 1) > balanceWithin
        ? say.watch('apart', { ...values, ...both })
        : say.sound('right', { ...values, balance: say.clause('balance', both) });
    },
  }),
  defineCheck({
    id: 'start.running.current',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'battery',
    why: 'Current that stays up means a glow plug that does not go off or a fan that drags; it empties the battery by night.',
    remedy:
      'See that the glow plug goes off after the flame. Once it is off and cold, take the fuse out and turn the fan by hand; mend what drags; then log another start.',
    source: `${trade} The margin is Lorbet’s own choice.`,
    messages: {
      over: 'It runs at {running}; {stated} is stated, and {max} is the most here.',
      little: 'It runs at {running}; {stated} is stated: so little that fan or meter may not be running.',
      right: 'It runs at {running}; {stated} is stated (at most {max}).',
    },
    assess(read, say) {
      const { runningA } = lastStart(read);
      if (runningA === null) return read.missing(...toDo('read the amps while it runs at full output'));
      const { stated } = read.all({ stated: 'heater.runCurrentA' });
      const max = stated * (1 + read.limit('runCurrentOverPercent').value / 100);
      read.note('Mean amps at full output', runningA, 'A');
      const values = { running: amps(runningA, 2), stated: shortA(stated) };
      const over = { ...values, max: amps(max, 2) };
      if (runningA > max * 1.5) return say.fix('over', over);
      if (runningA > max) return say.watch('over', over);
      return runningA < stated * 0.2 ? say.watch('little', values) : say.sound('right', over);
    },
  }),
  defineCheck({
    id: 'start.afterrun',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'heater',
    why: 'The fan clears and cools the burner after the flame; power cut while hot cooks the unit.',
    remedy: 'Stop it by its button only, and wait until the fan stops before the fuse or isolator is touched.',
    source: trade,
    messages: {
      cut: 'Power was cut while hot, {at} into the start.',
      short: 'Fan ran on for {ran}; at least {min} cool it.',
      long: 'Fan ran on for {ran}; {max} is the usual most.',
      right: 'Fan ran on for {ran} ({usual}){glow}.',
      glow: ', its plug glowing on at up to {amps}',
      cold: ', its plug not glowing',
    },
    remedies: {
      cut: 'Look the heater over for heat damage, then start and stop it once by its button, with the whole after-run.',
    },
    assess(read, say) {
      const { afterrunS, at } = lastStart(read);
      if (at.cut !== undefined) return say.fix('cut', { at: seconds(at.cut) });
      if (at.off === undefined) return read.missing(...toDo('log when the button was set to off'));
      if (afterrunS === null) return read.missing(...toDo('log when the fan stopped'));
      const [min, max] = [read.limit('afterrunMinS').value, read.limit('afterrunMaxS').value];
      read.note('Button off to fan stopped', afterrunS, 's');
      const ran = seconds(afterrunS);
      if (afterrunS < min) return say.fix('short', { ran, min: seconds(min) });
      const usual: Value = { ...seconds(min), n: [min, max], join: 'to' };
      if (afterrunS > max) return say.watch('long', { ran, max: seconds(max) });
      // Some burn their plug clean after the flame: it is told, and nothing hangs on it.
      const { offA = null } = factsOf(lastStart(read).run);
      const plugA = read.maybe('heater.startCurrentA');
      if (offA === null || plugA === null) return say.sound('right', { ran, usual, glow: null });
      read.note('Most amps in the minute after', offA, 'A');
      return say.sound('right', {
        ran,
        usual,
        glow: offA > plugA / 2 ? say.clause('glow', { amps: amps(offA, 1) }) : say.clause('cold'),
      });
    },
  }),
];
