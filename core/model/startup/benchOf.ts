import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import { stoichiometricAirKg } from '../../physics/gas/burning';
import { usualBench, usualTimes, type BenchFacts, type BenchTimes } from '../../physics/bench/BenchFacts';
import type { CardStep } from '../../build/unit/UnitCard';
import type { Reader } from '../../reading/Reader';
import { breatherOf, breathFull, breathLow, burningWith, meansOf, waterKgS } from '../air/breath';
import { lowPoints } from '../air/hotPieces';
import { pumpSet, rateHz, settingOf } from '../controller/settings';
import { fuelOf } from '../fuel/runFacts';
import { eveningWarmerK, nodesOf } from '../heat/spaceOf';
import { chambersToFill } from '../priming/fillChambers';
import { feedOhm } from '../wiring/feed';

/** Warm air that is blown through, m³/h a kW; coolant in a loop, kg. Common practice, no source. */
const warmM3HKw = 40;
const loopKg = 6;
const coolantCp = 3400;
/** What a matrix gives to the room, W/K a kW of heater. Lorbet's own assumption, no source. */
const matrixWKKw = 30;

/** A low point holds water over so much of its length before it shuts, m. Lorbet’s own assumption, no source. */
const pocketM = 0.06;
/** What stands in the way of the gas where the exhaust turns up again and nothing drains it. */
function pocketOf(read: Reader): BenchFacts['pocket'] {
  const low = lowPoints(read).find(({ drain }) => drain === null || drain === 'none');
  if (!low || read.maybe('survey.coldestC') === null) return usualBench.pocket;
  const boreM = (breatherOf(read).exhaust.pieces[low.piece]?.boreMm ?? 24) / 1000;
  return { holdsKg: ((Math.PI * boreM ** 2) / 4) * pocketM * 1000, fillsKgS: waterKgS(breathLow(read)) };
}

/** What the times of a card make of those of a usual controller; nothing of it where the card tells no course. */
function timesOf(course: readonly CardStep[]): Partial<BenchTimes> {
  const at = (word: RegExp) => {
    const step = course.find(({ event }) => word.test(event));
    return step ? (step.fromS + step.toS) / 2 : null;
  };
  const [glow, pump, flame, full] = [at(/glow/i), at(/pump|click/i), at(/flame/i), at(/full/i)];
  return {
    ...(glow !== null && glow > usualTimes.check + 2 ? { purge: glow - usualTimes.check } : {}),
    ...(glow !== null && pump !== null && pump > glow ? { glow: pump - glow } : {}),
    ...(flame !== null && full !== null && full > flame ? { ramp: full - flame } : {}),
  };
}

/**
 * What the simulated heater has to know of a build, so that it behaves as that build would.
 * @throws through the reader where something is missing for it
 */
export const benchOf = (read: Reader): BenchFacts => read.shared('bench heater', readBench);
function readBench(read: Reader): BenchFacts {
  const f = read.all({
    restV: 'wiring.batteryRestV',
    ownMohm: 'wiring.batteryMohm',
    startA: 'heater.startCurrentA',
    runA: 'heater.runCurrentA',
    claimedKw: 'heater.claimedOutputKw',
    altitudeM: 'heater.altitudeM',
  });
  const is24 = read.derived('wiring.supplyV') === 24;
  const { minHz, maxHz } = pumpSet(read);
  const doseMl = read.derived('fuel.doseMl');
  const fuel = fuelOf(read);
  const breather = breatherOf(read);
  const feed = feedOhm(read);
  const nodes = nodesOf(read) ?? usualBench.room;
  const outsideC = (read.maybe('survey.usualNightC') ?? usualBench.room.outsideC) + eveningWarmerK / 2;
  const coolant = read.maybe('warmth.way') === 'loop';
  const efficiency = read.limit('efficiencyPercent').value / 100;
  const hotOhm = Math.max(0.05, (f.restV - (f.startA - 0.4) * (feed + f.ownMohm / 1000)) / Math.max(1, f.startA - 0.4));
  const coldOhm = read.maybe('heater.glowColdOhm') ?? hotOhm * 0.65;
  const speedShare = (() => {
    const [set, full] = [settingOf(read, 'fanMaxRpm'), read.maybe('heater.fanMaxRpm')];
    return set !== null && full !== null ? Math.min(1, set / full) : 1;
  })();
  const airFullKgS = burningWith(
    breather,
    { hz: maxHz, airC: outsideC, altitudeM: f.altitudeM },
    speedShare,
    meansOf(breathFull(read).spots, breather.exhaust),
  ).airKgS;
  const blowerM3H = read.maybe('warmth.blowerM3H') ?? warmM3HKw * f.claimedKw;
  return {
    feed: {
      openV: f.restV,
      ownOhm: f.ownMohm / 1000,
      feedOhm: feed,
      capacityAh: read.maybe('wiring.batteryCapacityAh') ?? usualBench.feed.capacityAh,
    },
    ratedV: is24 ? 24 : 12,
    plug: { coldOhm, hotOhm, hotK: usualBench.plug.hotK, warmsS: usualBench.plug.warmsS },
    lowVoltageV: read.limit(is24 ? 'lowVoltage24V' : 'lowVoltage12V').value,
    highVoltageV: usualBench.highVoltageV * (is24 ? 2 : 1),
    electronicsA: usualBench.electronicsA,
    fanFullA: Math.max(0.2, f.runA - usualBench.electronicsA - (usualBench.pulse.amps * usualBench.pulse.ms * maxHz) / 1000),
    pulse: usualBench.pulse,
    line: {
      chambers: chambersToFill(read),
      doseMl,
      dryShare: usualBench.line.dryShare,
      gasShare: Math.max(0, read.derived('fuel.gasPercent') / 100),
    },
    fuel: {
      densityKgM3: densityKgM3(fuel.densityKgM3At15C, 15),
      heatingJKg: fuel.heatingValueMJKg * 1e6,
      airKgKg: stoichiometricAirKg(breather.mass),
    },
    airFullKgS,
    pocket: pocketOf(read),
    fan: { ...usualBench.fan, least: Math.max(0.1, breather.minSpeed) },
    pump: { minHz, maxHz, lightHz: Math.max(0.3, minHz * 0.9) },
    efficiency,
    medium: coolant
      ? {
          cpJKgK: coolantCp,
          fullKgS: ((read.maybe('warmth.pumpLMin') ?? 10) / 60) * 1.05,
          loop: { heatJK: loopKg * coolantCp, toRoomWK: matrixWKKw * f.claimedKw },
        }
      : { cpJKgK: 1006, fullKgS: (blowerM3H * 1.2) / 3600, loop: null },
    room: { ...nodes, outsideC, beginC: outsideC + 2 },
    regulation: {
      targetC: settingOf(read, 'mode') === 'target' ? (settingOf(read, 'targetC') ?? 20) : null,
      rateHz: Math.min(maxHz, Math.max(minHz, rateHz(read) ?? maxHz)),
      bandK: 2,
    },
    times: { ...usualTimes, ...timesOf(read.build.unitCard?.course ?? []) },
    tries: usualBench.tries,
    lockAfter: usualBench.lockAfter,
  };
}
