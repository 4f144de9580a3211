import type { Chamber } from '../fuel/firstFill';
import type { TwoNodes } from '../heat/warmUp';
import type { GlowPlug } from '../wiring/glowPlug';

/** All that a simulated heater is told of the heater that it stands for, and of what it is fitted into. */
export interface BenchFacts {
  /** what feeds it: volts at no current, its own resistance and that of the feed there and back, what it holds */
  feed: { openV: number; ownOhm: number; feedOhm: number; capacityAh: number };
  /** 12 or 24 V */ ratedV: number;
  plug: GlowPlug;
  lowVoltageV: number;
  highVoltageV: number;
  /** controller and sensors, A */ electronicsA: number;
  /** fan at full speed, A; it goes with the cube of its speed */ fanFullA: number;
  /** a pulse of the pump: A while it lasts, and ms */ pulse: { amps: number; ms: number };
  line: { chambers: readonly Chamber[]; doseMl: number; dryShare: number; gasShare: number };
  fuel: { densityKgM3: number; heatingJKg: number; airKgKg: number };
  /** kg/s of air that the fan blows through the pipes at full speed, at this height */ airFullKgS: number;
  /** a low point of the exhaust that nothing drains: what shuts it, kg (0 where there is none), and what runs into it while it burns, kg/s */
  pocket: { holdsKg: number; fillsKgS: number };
  /** of full speed: its slowest, while the chamber is blown out, and while it lights */ fan: {
    least: number;
    purge: number;
    light: number;
  };
  pump: { minHz: number; maxHz: number; lightHz: number };
  /** of the fuel's heat, what goes into the room at full output */ efficiency: number;
  /** what carries the heat away: heat capacity a kilogram, flow at full speed; a loop of its own where it is coolant */
  medium: { cpJKgK: number; fullKgS: number; loop: null | { heatJK: number; toRoomWK: number } };
  room: TwoNodes & { outsideC: number; beginC: number };
  regulation: { targetC: number | null; rateHz: number; bandK: number };
  times: BenchTimes;
  /** tries of one press, and presses without a flame after which it locks */ tries: number;
  lockAfter: number;
}
/** s; what a controller of this kind does, and how long. */
export interface BenchTimes {
  check: number;
  purge: number;
  glow: number;
  /** for a flame, from the first stroke */ light: number;
  /** plug stays on after the flame */ glowOn: number;
  ramp: number;
  /** plug after the button off */ glowAfter: number;
  afterLeast: number;
  afterMost: number;
}

/** A controller of the usual kind. Common practice, no source. */
export const usualTimes: BenchTimes = {
  check: 3,
  purge: 12,
  glow: 60,
  light: 75,
  glowOn: 25,
  ramp: 80,
  glowAfter: 20,
  afterLeast: 150,
  afterMost: 300,
};

/** A heater of 2 kW in a van on a good feed, its line primed to the last drop. Invented; the figures are usual ones, common practice, no source. */
export const usualBench: BenchFacts = {
  feed: { openV: 12.7, ownOhm: 0.008, feedOhm: 0.03, capacityAh: 100 },
  ratedV: 12,
  plug: { coldOhm: 0.7, hotOhm: 1.15, hotK: 900, warmsS: 15 },
  lowVoltageV: 10.5,
  highVoltageV: 15.5,
  electronicsA: 0.15,
  fanFullA: 0.95,
  pulse: { amps: 5, ms: 15 },
  line: { chambers: [], doseMl: 0.022, dryShare: 0.9, gasShare: 0.01 },
  fuel: { densityKgM3: 832, heatingJKg: 42.9e6, airKgKg: 14.5 },
  airFullKgS: 0.022 * 2.6 * 832e-6 * 14.5 * 1.6,
  pocket: { holdsKg: 0, fillsKgS: 0 },
  fan: { least: 0.35, purge: 0.5, light: 0.3 },
  pump: { minHz: 0.9, maxHz: 2.6, lightHz: 0.8 },
  efficiency: 0.82,
  medium: { cpJKgK: 1006, fullKgS: 0.024, loop: null },
  room: { airJK: 14000, shellJK: 300000, airToShellWK: 250, shellToOutsideWK: 40, airToOutsideWK: 12, outsideC: 2, beginC: 4 },
  regulation: { targetC: null, rateHz: 2.6, bandK: 2 },
  times: usualTimes,
  tries: 2,
  lockAfter: 3,
};
