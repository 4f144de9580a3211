import type { BenchFacts } from '../../core/physics/bench/BenchFacts';
import type { BenchCode, BenchStateId } from '../../core/physics/bench/benchStates';
import type { SetFault } from '../../core/physics/bench/faults';

/** The open line protocol of devices (docs/device-lines.md): a line is one object of JSON, ended by a line feed. */
export const linesVersion = 1;
/** The longest line, bytes; a build's facts are sent in one. */
export const lineMaxBytes = 16_384;

/** What a device may read, its unit, and between what it can lie. */
export const deviceQuantities = {
  volts: { label: 'Volts at the heater', unit: 'V', min: 0, max: 40 },
  batteryV: { label: 'Volts at the battery', unit: 'V', min: 0, max: 40 },
  amps: { label: 'Amps', unit: 'A', min: -5, max: 60 },
  hertz: { label: 'Pump', unit: 'Hz', min: 0, max: 20 },
  outletC: { label: 'Warm air out', unit: '°C', min: -40, max: 250 },
  returnC: { label: 'Air in', unit: '°C', min: -40, max: 100 },
  caseC: { label: 'Case', unit: '°C', min: -40, max: 300 },
  exhaustC: { label: 'Exhaust', unit: '°C', min: -40, max: 600 },
  roomC: { label: 'Room', unit: '°C', min: -40, max: 80 },
  noiseDb: { label: 'Noise', unit: 'dB', min: 0, max: 140 },
  coPpm: { label: 'Carbon monoxide', unit: 'ppm', min: 0, max: 100_000 },
  drawnG: { label: 'Fuel drawn', unit: 'g', min: 0, max: 1_000_000 },
  whiteSmoke: { label: 'White smoke', unit: '', min: 0, max: 1 },
  blackSmoke: { label: 'Black smoke', unit: '', min: 0, max: 1 },
} as const;
export type DeviceQuantity = keyof typeof deviceQuantities;
export const deviceEvents = [
  'on',
  'glow',
  'glowOff',
  'pump',
  'flame',
  'full',
  'off',
  'end',
  'cut',
  'fuelHere',
  'retry',
  'bubbles',
  'code',
] as const;
export type DeviceEvent = (typeof deviceEvents)[number];
export const deviceKinds = {
  heater: 'bench heater',
  multimeter: 'multimeter',
  clamp: 'clamp meter',
  thermometers: 'thermometers',
  co: 'CO meter',
  scale: 'scale',
  sound: 'sound meter',
  logger: 'logger',
} as const;
export type DeviceKind = keyof typeof deviceKinds;

/** Lines that a device sends. What is read or happens is numbered from 1 without a gap; `t` are seconds on the device's own clock. */
export type DeviceLine =
  | {
      line: 'hello';
      lorbet: typeof linesVersion;
      device: string;
      kind: DeviceKind;
      name: string;
      /** oldest number that it still holds */ from: number;
      next: number;
      /** a stand-in, and no instrument; an instrument need not say so */ standIn?: boolean;
    }
  | { line: 'reading'; n: number; t: number; values: Partial<Record<DeviceQuantity, number>> }
  | { line: 'event'; n: number; t: number; event: DeviceEvent; code?: BenchCode }
  | { line: 'state'; n: number; t: number; state: BenchStateId; times: number; faults: SetFault[]; strokes: number }
  /** numbers that it held no longer when they were asked for */
  | { line: 'lost'; from: number; to: number }
  | { line: 'answer'; to: string; ok: boolean; error?: string };

/** Lines that are sent to a device. */
export type DeviceCommand =
  | { do: 'hello'; device: string; since: number }
  | { do: 'got'; n: number }
  | { do: 'on' | 'off' | 'cut' | 'restore' | 'unlock' | 'devices' }
  | { do: 'prime'; hz: number }
  | { do: 'set'; targetC: number }
  | { do: 'set'; rateHz: number }
  | { do: 'speed'; times: number }
  | { do: 'faults'; faults: SetFault[] }
  | { do: 'build'; facts: BenchFacts; filled: boolean; seed: number };

/** So many times faster than the clock a stand-in may go. */
export const mostTimes = 600;
