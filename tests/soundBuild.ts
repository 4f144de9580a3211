import type { RulePack } from '../core/build/pack/RulePack';
import type { Build, StartRun } from '../core/build/Build';
import type { ListValues } from '../core/build/lists';
import { emptyBuild } from '../core/build/emptyBuild';
import { fieldAt, type FigurePath, type SheetId, type ValueAt } from '../core/build/sheets';

export type Values = { [P in FigurePath]?: ValueAt<P> | null };

/** Figures with which every finding holds. Made up for tests; they come from no real build. */
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
  'people.asleep': 0,
  'people.inspectedAs': 'road',
  'people.markWanted': 'yes',
  'people.wadingDepthMm': 0,
  'kit.plateV': 'v12',
  'kit.plateOutputKw': 2,
  'kit.plateFuel': 'diesel',
  'kit.replaces': 'nothing',
  'kit.oldExhaust': 'new',
  'siting.floorLengthMm': 3000,
  'siting.floorWidthMm': 1700,
  'siting.heaterLengthMm': 320,
  'siting.heaterWidthMm': 120,
  'siting.heaterHeightMm': 130,
  'siting.mayLie': 'flat',
  'siting.heaterXMm': 1500,
  'siting.heaterYMm': 800,
  'siting.heaterTurnDeg': 0,
  'siting.heaterLies': 'flat',
  'siting.lookedBelow': 'yes',
  'siting.inletClearMm': 300,
  'siting.hotClearMm': 260,
  'siting.ductMm': 75,
  'siting.liftOutMm': 400,
  'siting.openingSide': 'yes',
  'siting.boxed': 'no',
  'siting.boxRoundMm': 0,
  'siting.loomGrommet': 'yes',
  'siting.studThread': 'M6',
  'siting.studLengthMm': 40,
  'siting.spigotLengthMm': 45,
  'siting.clampWidthMm': 12,
  'siting.screwLengthMm': 16,
  'siting.tapThread': 'none',
  'siting.pumpLeadThreaded': 'yes',
  'siting.hosesOn': 'yes',
  'siting.clampHeads': 'clear',
  'siting.cutEdges': 'painted',
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
  'tank.way': 'ownTank',
  'tank.secondTank': 'none',
  'tank.fuelState': 'fresh',
  'tank.shape': 'box',
  'tank.widthMm': 180,
  'tank.emptyKg': 2.5,
  'tank.lowered': 'one',
  'tank.spaceLengthMm': 460,
  'tank.spaceWidthMm': 230,
  'tank.spaceHeightMm': 340,
  'tank.paper': 'certified',
  'tank.place': 'outside',
  'tank.guard': 'yes',
  'tank.vent': 'filtered',
  'tank.filler': 'outside',
  'tank.restraint': 'crash',
  'tank.holeMm': 8,
  'tank.fittingMm': 7.8,
  'line.pumpMount': 'rubber',
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
  'ends.exhaustPoints': 'away',
  'ends.exhaustOpeningMm': 1200,
  'ends.exhaustHighMm': 320,
  'ends.intakePoints': 'down',
  'ends.intakeBlocked': 'nothing',
  'pipes.exhaustBoreMm': 24,
  'pipes.exhaustBendsDeg': 180,
  'pipes.intakeBoreMm': 25,
  'pipes.intakeBendsDeg': 90,
  'pipes.cover': 'bare',
  'pipes.near': 'cable',
  'pipes.nearMm': 120,
  'pipes.through': 'turret',
  'pipes.gapMm': 37,
  'pipes.supportsApartMm': 400,
  'pipes.burnerJoint': 'band',
  'pipes.reach': 'no',
  'pipes.silencer': 'clean',
  'warmth.way': 'ducts',
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
  'wiring.looks': 'good',
  'controller.looks': 'good',
  'priming.filterVolumeMl': 0.5,
  'priming.preFilledMl': 0,
  'priming.primingHz': 4,
  'proving.coAlarmFitted': 'yes',
  'proving.coAlarmTested': 'yes',
  'proving.coAlarmSited': 'yes',
  'proving.ownerTold': 'shown',
  'proving.noticesThere': 'both',
};

export const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const at = '2026-11-20T09:00:00.000Z';
const by = 'Test Fitter';

/** Lists with which every finding holds, made up likewise. */
export const soundLists: ListValues = {
  parts: [
    { id: id(21), name: 'heater', kind: 'heater', needed: 1, state: 'present', mark: 'invented mark 7', serial: 'T-1' },
    { id: id(22), name: 'filter', kind: 'filter', needed: 1, state: 'replaced', weak: 'thinFilter' },
    ...(['pump', 'line', 'joiner', 'clip', 'tank', 'airHose', 'exhaust', 'harness', 'controller', 'alarm'] as const).map(
      (kind, i) => ({ id: id(230 + i), name: kind, kind, needed: 1, state: 'present' as const }),
    ),
  ],
  obstacles: [
    { id: id(31), name: 'left rail', kind: 'rail', xMm: 0, yMm: 300, lengthMm: 3000, widthMm: 80 },
    { id: id(32), name: 'cross-member', kind: 'crossMember', xMm: 1000, yMm: 380, lengthMm: 60, widthMm: 940 },
    { id: id(33), name: 'brake pipe', kind: 'brakePipe', xMm: 0, yMm: 250, lengthMm: 3000, widthMm: 10 },
  ],
  above: [{ id: id(41), name: 'wheel arch', kind: 'wheelArch', xMm: 2100, yMm: 0, lengthMm: 700, widthMm: 250 }],
  holes: [
    { id: id(51), name: 'exhaust', kind: 'exhaust', alongMm: 40, acrossMm: 22, diameterMm: 25 },
    { id: id(52), name: 'combustion air', kind: 'air', alongMm: 40, acrossMm: -22, diameterMm: 23 },
    { id: id(53), name: 'fuel line', kind: 'fuel', alongMm: -10, acrossMm: 0, diameterMm: 8 },
    { id: id(54), name: 'stud 1', kind: 'stud', alongMm: 52, acrossMm: 40, diameterMm: 7 },
  ],
  stack: [
    { id: id(61), name: 'plate', kind: 'plate', thicknessMm: 3 },
    { id: id(62), name: 'gasket', kind: 'gasket', thicknessMm: 3 },
    { id: id(63), name: 'vinyl', kind: 'covering', thicknessMm: 3, cutBack: 'yes' },
    { id: id(64), name: 'ply', kind: 'timber', thicknessMm: 12 },
    { id: id(65), name: 'steel floor', kind: 'metal', thicknessMm: 1 },
  ],
  ducts: [
    {
      id: id(81),
      name: 'near outlet',
      lengthM: 0.8,
      boreMm: 75,
      wall: 'flexible',
      bends: 1,
      bendDeg: 90,
      end: 'open',
      grille: 'free',
      runs: 'inside',
    },
    {
      id: id(82),
      name: 'far outlet',
      lengthM: 1.6,
      boreMm: 75,
      wall: 'flexible',
      bends: 1,
      bendDeg: 90,
      end: 'closable',
      grille: 'free',
      closedPercent: 0,
      runs: 'inside',
    },
  ],
  vents: [
    {
      id: id(96),
      name: 'roof mushroom',
      level: 'high',
      through: 'roof',
      shape: 'stated',
      eachCm2: 110,
      pieces: 1,
      shuts: 'no',
      blockedBy: 'nothing',
      aboveFloorMm: 1900,
    },
    {
      id: id(97),
      name: 'drilled floor',
      level: 'low',
      through: 'floor',
      shape: 'round',
      diaMm: 30,
      pieces: 4,
      cover: 'mesh6',
      shuts: 'no',
      blockedBy: 'nothing',
      aboveFloorMm: 0,
    },
  ],
  returns: [{ id: id(86), name: 'grille', kind: 'grille', lengthMm: 220, widthMm: 100, pieces: 1, coveredPercent: 0 }],
  doseTests: [
    { id: id(91), strokes: 200, volumeMl: 4.4, fuelC: 15 },
    { id: id(92), strokes: 200, volumeMl: 4.4, fuelC: 15 },
  ],
  leaks: [
    {
      id: id(93),
      name: 'at the pump',
      wipedAt: '2026-11-18T09:00:00.000Z',
      warmFound: 'dry',
      warmAt: '2026-11-20T09:20:00.000Z',
      nightFound: 'dry',
      nightAt: '2026-11-21T08:00:00.000Z',
    },
  ],
  seals: (
    [
      ['plate', 'round the plate', 'sealant'],
      ['joint', 'at the burner', 'hotSealant'],
      ['exhaust', 'round the exhaust', 'hotSealant'],
      ['air', 'round the combustion air', 'sealant'],
      ['fuel', 'round the fuel line', 'sealant'],
    ] as const
  ).map(([at, name, kind], i) => ({
    id: id(71 + i),
    name,
    at,
    kind,
    cureH: 24,
    appliedAt: '2026-11-17T09:00:00.000Z',
    hardAt: '2026-11-18T10:00:00.000Z',
  })),
};

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

/** The line of the sound build, segment by segment, as its rough lengths and heights have it. */
export function soundSegments(values: Values): NonNullable<ListValues['segments']> {
  const v = (path: FigurePath) =>
    Number((values as Record<string, unknown>)[path] ?? (soundValues as Record<string, unknown>)[path]);
  const [pump, heater] = [v('fuel.pumpAboveTankFloorMm'), v('fuel.heaterAboveTankFloorMm')];
  const held = { gapMm: 0, near: 'outside', sheath: 'conduit' } as const;
  const segment = (n: number, name: string, side: 'suction' | 'pressure', riseMm: number) => ({
    ...held,
    id: id(n),
    name,
    side,
    riseMm,
    lengthM: v(`fuel.${side}LengthM`),
    boreMm: v(`fuel.${side}BoreMm`),
    clips: Math.ceil(v(`fuel.${side}LengthM`) / 0.4),
    end: side === 'suction' ? ('filter' as const) : ('on' as const),
    order: n * 1000,
  });
  return [
    segment(81, 'to the pump', 'suction', pump - v('fuel.tankHeightMm') - 40),
    segment(82, 'to the heater', 'pressure', heater - pump),
  ];
}

/** A rule pack that a sound build meets by what was measured. */
const soundPack: RulePack = {
  format: 'lorbet-rule-pack',
  version: 1,
  id: id(95),
  name: 'Handcarts',
  edition: 1,
  about: 'Invented for the tests.',
  kinds: ['road'],
  signatures: 1,
  signers: [],
  rules: [
    {
      number: '1',
      code: 'Invented',
      says: 'It is said where the notices stand.',
      fromMemory: false,
      proof: [{ figure: 'proving.noticesThere', is: ['both'] }],
      signs: 'fitter',
    },
  ],
};

/** A build at which every finding holds, all but signed. */
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
    lists: { ...soundLists, segments: soundSegments(values) },
    packs: [soundPack],
    primingRuns: [{ id: id(3), at, by, strokes: 600, frequencyHz: 4, fromEmpty: true, outcome: 'reached' }],
    starts: [soundStart()],
    coReadings: [{ id: id(4), at: '2026-11-20T09:15:00.000Z', by, ppm: 0, place: 'pillow', state: 'full', doors: 'closed' }],
    sights: [
      { id: id(10), at: '2026-11-20T08:58:00.000Z', by, sees: 'noBubbles' },
      { id: id(11), at: '2026-11-20T09:16:00.000Z', by, sees: 'noBubbles' },
      { id: id(12), at: '2026-11-20T09:16:00.000Z', by, sees: 'clear' },
      { id: id(15), at: '2026-11-20T09:16:30.000Z', by, sees: 'tightSoap' },
    ],
    noises: [{ id: id(13), at: '2026-11-20T09:24:00.000Z', by, place: 'pillow', state: 'low', levelDb: 28, with: 'meter' }],
    hotLooks: (['floor', 'plate', 'body'] as const).map((place, i) => ({
      id: id(5 + i),
      at: '2026-11-20T09:22:00.000Z',
      by,
      place,
      touches: 'timber',
      surfaceC: 41 + i,
    })),
  };
}
