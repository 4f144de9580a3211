import type { GateMoment, Identity, StartEvent, StartReading } from '../core/build/Build';
import type { FigurePath, ValueAt } from '../core/build/sheets';

type Values = { [P in FigurePath]?: ValueAt<P> };
export interface DemoBuild {
  id: string;
  identity: Omit<Identity, 'invented'>;
  daysAgo: number;
  planned: Values;
  fitted: Values;
  maker?: Partial<Record<'pumpAngleMinDeg' | 'fuseA' | 'lowVoltage12V', number>>;
  notes?: string[];
  primed?: { strokes: number; outcome: 'reached' | 'stopped'; frequencyHz: number };
  started?: { events: StartEvent[]; readings: StartReading[] };
  coPpm?: number[];
  /** gates that were passed, in order */ gates?: GateMoment[];
  waived?: { callId: string; why: string };
  signed?: boolean;
}

/** A run on which every call holds; the others differ from it. */
const heater = {
  'heater.claimedOutputKw': 2.2, 'heater.supplyV': 'v12', 'heater.strokeVolumeMl': 0.022, 'heater.pumpMinHz': 1.2, 'heater.pumpMaxHz': 4.2, 'heater.startCurrentA': 10, 'heater.startMinutes': 2,
  'heater.runCurrentA': 1.4, 'heater.altitudeM': 900, 'heater.coldestFuelC': -12, 'heater.fuelGrade': 'roadF', 'heater.nightHours': 9,
} as const satisfies Values;
/** A body of about 14 m³, thinly lined, on an island with mild winters. */
const survey = {
  'survey.insideC': 20, 'survey.coldestC': -12, 'survey.usualNightC': 1, 'survey.volumeM3': 14, 'survey.airChangesH': 1.2, 'survey.wallAreaM2': 15, 'survey.wallBuildUp': 'thin', 'survey.roofAreaM2': 7.2, 'survey.roofBuildUp': 'thin',
  'survey.floorAreaM2': 7, 'survey.floorBuildUp': 'thin', 'survey.glassAreaM2': 1.8, 'survey.glazing': 'single', 'survey.engineFuel': 'diesel', 'survey.fuelFrom': 'own', 'survey.fuelTaken': 'none', 'survey.fuelSystem': 'none',
  'survey.heaterSits': 'inside', 'survey.waterAndSalt': 'salted', 'survey.accessoriesV': 'v12',
} as const satisfies Values;
const fuel = {
  'fuel.tankLengthMm': 420, 'fuel.tankHeightMm': 260, 'fuel.fuelLevelMm': 150, 'fuel.pickupKind': 'standpipe', 'fuel.pickupClearanceMm': 28, 'fuel.suctionLengthM': 0.62, 'fuel.suctionBoreMm': 2, 'fuel.filterPlace': 'beforePump', 'fuel.filterDirection': 'withFlow',
  'fuel.jointGapMm': 0, 'fuel.pumpDirection': 'withFlow', 'fuel.pumpAngleDeg': 25, 'fuel.pumpAboveTankFloorMm': 60, 'fuel.pressureLengthM': 2.9, 'fuel.pressureBoreMm': 2, 'fuel.heaterAboveTankFloorMm': 390,
} as const satisfies Values;
const air = {
  'air.intakeFrom': 'outside', 'air.intakeLengthM': 0.55, 'air.intakeFallMm': 70, 'air.endsApartMm': 900, 'air.endsFacing': 'opposite', 'air.exhaustLengthM': 0.85, 'air.exhaustFallMm': 110, 'air.exhaustPastOutlineMm': 35, 'air.exhaustLowPoint': 'fallsAll', 'air.mufflerHole': 'lowest',
} as const satisfies Values;
const wiring = {
  'wiring.feedSource': 'leisure', 'wiring.batteryKind': 'agm', 'wiring.batteryCapacityAh': 110, 'wiring.batteryRestV': 12.7, 'wiring.batteryMohm': 12, 'wiring.feedLengthM': 2.6, 'wiring.cableAreaMm2': 4, 'wiring.insulationC': 'c90', 'wiring.cableC': 20, 'wiring.jointsMohm': 6, 'wiring.fuseA': 15, 'wiring.fuseFromBatteryMm': 120,
} as const satisfies Values;
const priming = { 'priming.filterVolumeMl': 0.5, 'priming.preFilledMl': 0, 'priming.primingHz': 4 } as const satisfies Values;
const proving = { 'proving.coAlarmFitted': 'yes', 'proving.coAlarmTested': 'yes', 'proving.coAlarmSited': 'yes' } as const satisfies Values;
const all: Values = { ...heater, ...survey, ...fuel, ...air, ...wiring, ...priming, ...proving };

/** What was really measured: near the plan, not on it. */
const measured: Values = { 'fuel.pickupClearanceMm': 31, 'fuel.suctionLengthM': 0.64, 'fuel.pressureLengthM': 2.84, 'fuel.pumpAngleDeg': 27, 'air.exhaustPastOutlineMm': 42, 'wiring.batteryRestV': 12.68, 'wiring.jointsMohm': 8, 'air.endsApartMm': 940 };

/** An ordinary first start, a reading now and then; the curve is made up. */
function start(sagV: number, runA: number): { events: StartEvent[]; readings: StartReading[] } {
  const events: StartEvent[] = [{ atS: 5, event: 'on' }, { atS: 22, event: 'glow' }, { atS: 88, event: 'pump' }, { atS: 131, event: 'flame' }, { atS: 262, event: 'full' }, { atS: 1700, event: 'off' }, { atS: 1885, event: 'end' }];
  const readings: StartReading[] = [];
  const add = (atS: number, volts: number, amps: number, hertz: number, outletC: number) => readings.push({ atS, quantity: 'volts', value: volts }, { atS, quantity: 'amps', value: amps }, { atS, quantity: 'hertz', value: hertz }, { atS, quantity: 'outletC', value: outletC });
  add(0, 12.68, 0.05, 0, 6);
  add(14, 12.6, 0.6, 0, 6);
  for (const [i, atS] of [24, 40, 60, 80, 100, 120].entries()) add(atS, sagV + (i === 0 ? 0.12 : i * 0.02), 9.9 - i * 0.15, atS >= 88 ? 1.6 : 0, 6 + i);
  add(140, sagV + 0.25, 8.4, 2.2, 19);
  add(180, 12.3, 3.1, 3.1, 38);
  for (let atS = 270; atS <= 1690; atS += 142) add(atS, 12.45, runA + ((atS / 142) % 2 < 1 ? 0.03 : -0.03), 4.2, Math.round(86 - 30 * Math.exp(-(atS - 200) / 200)));
  add(1720, 12.2, 7.2, 0, 74);
  add(1800, 12.5, 1.1, 0, 41);
  add(1880, 12.6, 0.9, 0, 22);
  return { events, readings };
}

/** Everything here is invented: workshop, people, vehicles, figures. */
export const demoBuilds: readonly DemoBuild[] = [
  {
    gates: ['cutting', 'bolting', 'closing', 'power', 'fire'], id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e01', identity: { name: 'Page Turner No. 3', what: 'travelling library', kind: 'road', place: 'Tarnhollow, Isle of Merrow', heaterSerial: 'INV-2207-0031' }, daysAgo: 9,
    planned: all, fitted: { ...all, ...measured }, maker: { fuseA: 15 }, notes: ['Pickup cut 214 mm, filed smooth.', 'Wiped every joint after a night: dry.'], primed: { strokes: 528, outcome: 'reached', frequencyHz: 4 }, started: start(11.78, 1.38), coPpm: [0, 0, 0], signed: true,
  },
  {
    id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e02', identity: { name: 'Fellgate Control', what: 'rescue team’s control trailer', kind: 'trailer', place: 'Fellgate, Isle of Merrow', heaterSerial: 'INV-5009-0112' }, daysAgo: 3,
    planned: { ...all, 'heater.claimedOutputKw': 5, 'heater.pumpMaxHz': 5.4, 'heater.altitudeM': 2100, 'heater.coldestFuelC': -20, 'heater.fuelGrade': 'roadD' },
    fitted: {
      ...all, ...measured, 'fuel.pumpAngleDeg': 4, 'fuel.suctionLengthM': 2.6, 'fuel.suctionBoreMm': 4, 'fuel.filterPlace': 'afterPump', 'fuel.jointGapMm': 6, 'fuel.pickupClearanceMm': 42, 'fuel.fuelLevelMm': 36, 'fuel.pumpAboveTankFloorMm': 320, 'fuel.pressureLengthM': 2.1,
      'air.exhaustPastOutlineMm': -240, 'air.exhaustLowPoint': 'undrilled', 'air.endsApartMm': 220, 'air.endsFacing': 'sameWay', 'air.intakeFrom': 'locker',
      'wiring.feedSource': 'panel', 'wiring.feedLengthM': 7.5, 'wiring.cableAreaMm2': 1.5, 'wiring.batteryRestV': 12.1, 'wiring.fuseA': 25, 'wiring.fuseFromBatteryMm': 1400, 'wiring.batteryCapacityAh': 40, 'proving.coAlarmFitted': 'no', 'proving.coAlarmTested': 'no', 'proving.coAlarmSited': 'no',
    },
    notes: ['Came in from another shed with the heater “fitted”. Nothing of it was written down.'],
  },
  {
    gates: ['cutting', 'bolting', 'closing', 'power'], id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e03', identity: { name: 'Sedge Otter', what: 'canal workboat', kind: 'boat', place: 'Long Lock, Isle of Merrow', heaterSerial: 'INV-2207-0044' }, daysAgo: 2,
    planned: { ...all, 'heater.altitudeM': 120, 'fuel.pressureLengthM': 2.2, 'fuel.tankLengthMm': 620, 'fuel.tankHeightMm': 340, 'fuel.fuelLevelMm': 210 },
    fitted: { ...fuel, ...air, ...wiring, ...measured, 'fuel.tankLengthMm': 620, 'fuel.tankHeightMm': 340, 'fuel.fuelLevelMm': 198, 'fuel.pressureLengthM': 2.26, 'priming.filterVolumeMl': 0.5, 'priming.preFilledMl': 0, 'priming.primingHz': 4, 'proving.coAlarmFitted': 'yes', 'proving.coAlarmTested': 'yes', 'proving.coAlarmSited': 'yes' },
    notes: ['Skin fitting for the exhaust bedded; leave it till tomorrow.'],
  },
  {
    id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e04', identity: { name: 'Thimble Theatre', what: 'puppet theatre’s stage van', kind: 'road', place: 'Hobb’s Reach, Isle of Merrow', heaterSerial: '' }, daysAgo: 1,
    planned: { ...all, 'fuel.suctionLengthM': 1.1, 'fuel.pumpAngleDeg': 20, 'fuel.pressureLengthM': 3.4, 'air.exhaustLengthM': 0.6, 'air.exhaustPastOutlineMm': -60 }, fitted: {},
    notes: ['Puppets hang over the heater’s place: ask where the warm air goes.'],
  },
  {
    gates: ['cutting', 'bolting', 'closing', 'power', 'fire'], id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e05', identity: { name: 'Moss Wagon', what: 'lichen survey’s field laboratory', kind: 'trailer', place: 'Upper Fen, Isle of Merrow', heaterSerial: 'INV-2207-0052' }, daysAgo: 4,
    planned: all, fitted: { ...all, ...measured, 'wiring.fuseFromBatteryMm': 310 }, notes: ['Battery box leaves no room nearer the post; cable to the fuse runs in its own conduit.'],
    primed: { strokes: 519, outcome: 'reached', frequencyHz: 4 }, started: start(11.6, 1.44), coPpm: [0, 0], waived: { callId: 'wiring.fuse.place', why: 'The battery box ends 300 mm from the post; the cable lies sheathed in its own conduit up to the fuse.' },
  },
];
