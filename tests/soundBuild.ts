import type { Build, StartRun } from '../core/build/Build';
import { emptyBuild } from '../core/build/emptyBuild';
import { fieldAt, type FigurePath, type SheetId, type ValueAt } from '../core/build/sheets';

export type Values = { [P in FigurePath]?: ValueAt<P> | null };

/** Figures with which every call holds. Made up for tests; they come from no real build. */
const soundValues: Values = {
  'heater.claimedOutputKw': 2,
  'heater.supplyV': 'v12',
  'heater.strokeVolumeMl': 0.022,
  'heater.pumpMinHz': 1.2,
  'heater.pumpMaxHz': 4,
  'heater.startCurrentA': 10,
  'heater.startMinutes': 2,
  'heater.runCurrentA': 1.4,
  'heater.altitudeM': 500,
  'heater.coldestFuelC': -5,
  'heater.fuelGrade': 'roadF',
  'heater.nightHours': 8,
  'survey.insideC': 18,
  'survey.coldestC': -8,
  'survey.usualNightC': 0,
  'survey.volumeM3': 14,
  'survey.airChangesH': 1,
  'survey.wallAreaM2': 14,
  'survey.wallBuildUp': 'thin',
  'survey.roofAreaM2': 7,
  'survey.roofBuildUp': 'thin',
  'survey.floorAreaM2': 7,
  'survey.floorBuildUp': 'thin',
  'survey.glassAreaM2': 2,
  'survey.glazing': 'single',
  'survey.engineFuel': 'diesel',
  'survey.fuelFrom': 'own',
  'survey.fuelTaken': 'none',
  'survey.fuelSystem': 'none',
  'survey.heaterSits': 'inside',
  'survey.waterAndSalt': 'salted',
  'survey.accessoriesV': 'v12',
  'fuel.tankLengthMm': 400,
  'fuel.tankHeightMm': 250,
  'fuel.fuelLevelMm': 140,
  'fuel.pickupKind': 'standpipe',
  'fuel.pickupClearanceMm': 30,
  'fuel.suctionLengthM': 0.6,
  'fuel.suctionBoreMm': 2,
  'fuel.filterPlace': 'beforePump',
  'fuel.filterDirection': 'withFlow',
  'fuel.jointGapMm': 0,
  'fuel.pumpDirection': 'withFlow',
  'fuel.pumpAngleDeg': 25,
  'fuel.pumpAboveTankFloorMm': 60,
  'fuel.pressureLengthM': 2.8,
  'fuel.pressureBoreMm': 2,
  'fuel.heaterAboveTankFloorMm': 400,
  'air.intakeFrom': 'outside',
  'air.intakeLengthM': 0.5,
  'air.intakeFallMm': 60,
  'air.endsApartMm': 800,
  'air.endsFacing': 'opposite',
  'air.exhaustLengthM': 0.8,
  'air.exhaustFallMm': 90,
  'air.exhaustPastOutlineMm': 40,
  'air.exhaustLowPoint': 'fallsAll',
  'air.mufflerHole': 'lowest',
  'wiring.feedSource': 'leisure',
  'wiring.batteryKind': 'agm',
  'wiring.batteryCapacityAh': 100,
  'wiring.batteryRestV': 12.7,
  'wiring.batteryMohm': 10,
  'wiring.feedLengthM': 2.5,
  'wiring.cableAreaMm2': 4,
  'wiring.insulationC': 'c90',
  'wiring.cableC': 20,
  'wiring.jointsMohm': 5,
  'wiring.fuseA': 15,
  'wiring.fuseFromBatteryMm': 100,
  'priming.filterVolumeMl': 0.5,
  'priming.preFilledMl': 0,
  'priming.primingHz': 4,
  'proving.coAlarmFitted': 'yes',
  'proving.coAlarmTested': 'yes',
  'proving.coAlarmSited': 'yes',
};

export const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const at = '2026-11-20T09:00:00.000Z';
const by = 'Test Fitter';

export function withValues(build: Build, values: Values): Build {
  const sheets = structuredClone(build.sheets) as unknown as Record<SheetId, Record<string, unknown>>;
  for (const [path, value] of Object.entries(values) as [FigurePath, number | string | null][]) {
    const [sheet, name] = path.split('.') as [SheetId, string];
    sheets[sheet][name] = fieldAt(path).given ? { planned: value, fitted: null } : { planned: value, fitted: value };
  }
  return { ...build, sheets: sheets as unknown as Build['sheets'] };
}

export function soundStart(more: Partial<StartRun> = {}): StartRun {
  return {
    id: id(2),
    at,
    by,
    events: [
      { atS: 5, event: 'on' },
      { atS: 20, event: 'glow' },
      { atS: 80, event: 'pump' },
      { atS: 120, event: 'flame' },
      { atS: 260, event: 'full' },
      { atS: 1500, event: 'off' },
      { atS: 1680, event: 'end' },
    ],
    readings: [
      { atS: 0, quantity: 'volts', value: 12.6 },
      { atS: 30, quantity: 'volts', value: 11.7 },
      { atS: 30, quantity: 'amps', value: 9.8 },
      { atS: 600, quantity: 'amps', value: 1.4 },
      { atS: 600, quantity: 'outletC', value: 82 },
    ],
    ...more,
  };
}

/** A build at which every call holds, all but signed. */
export function soundBuild(values: Values = {}): Build {
  const build = emptyBuild(id(1), {
    name: 'Test Barrow',
    what: 'handcart',
    kind: 'road',
    place: '',
    heaterSerial: 'T-1',
    invented: true,
  });
  return {
    ...withValues(build, { ...soundValues, ...values }),
    primingRuns: [{ id: id(3), at, by, strokes: 500, frequencyHz: 4, fromEmpty: true, outcome: 'reached' }],
    starts: [soundStart()],
    coReadings: [{ id: id(4), at, by, ppm: 0, place: 'pillow' }],
  };
}
