import type { PhotoAbout } from '../core/build/pack/proofKinds';
import type { RuleAnswer } from '../core/build/pack/RulePack';
import type { FaultCode } from '../core/build/faults';
import type { CauseId } from '../core/model/faults/causes';
import type { FaultCheckId } from '../core/model/faults/faultNetwork';
import { looms } from './looms';
import { startingLists } from '../core/model/kit/startingLists';
import { shapeSurfaces } from '../core/model/heat/bodyShapes';
import { startingHoles } from '../core/model/siting/startingHoles';
import type { Identity, NoiseReading, ReleasableHoldPoint, Sight, Visit } from '../core/build/Build';
import type { DemoStart } from './benchStart';
import type { DemoLists } from './DemoLists';
import type { FigurePath, ValueAt } from '../core/build/sheets';

type Values = { [P in FigurePath]?: ValueAt<P> };
/** A fault of a start: what was found, mended and proven by the last start. */
export interface DemoFault {
  /** place of the start among those of the build */ start: number;
  symptom: string;
  code?: FaultCode;
  found: readonly (readonly [check: FaultCheckId, found: string])[];
  cause: CauseId;
  did: string;
  parts: string;
}
export interface DemoBuild {
  id: string;
  identity: Omit<Identity, 'invented'>;
  daysAgo: number;
  planned: Values;
  fitted: Values;
  maker?: Partial<Record<'pumpAngleMinDeg' | 'fuseA' | 'lowVoltage12V', number>>;
  notes?: string[];
  lists?: DemoLists;
  /** joints wiped before the tank goes back up, and what was found at them later */ watched?: { name: string; warmFound?: 'dry' | 'damp'; nightFound?: 'dry' | 'damp' }[];
  /** seals, in hours after the work began */ seals?: { name: string; at: 'plate' | 'exhaust' | 'joint' | 'air' | 'fuel'; kind: 'sealant' | 'hotSealant' | 'paint'; cureH: number; putOnH: number; hardH?: number }[];
  /** a drawn data plate stands in for a photograph */ photographed?: boolean;
  primed?: { strokes: number; outcome: 'reached' | 'stopped'; frequencyHz: number };
  /** starts of the bench heater as this build has it, the last of them good */ started?: readonly DemoStart[];
  /** what was seen in its starts, s after each log began; and in the line while it was primed */ seen?: readonly { start: number; atS: number; sees: Sight['sees'] }[];
  primedSees?: Sight['sees'];
  /** levels of sound, read in the last start */ heard?: readonly Omit<NoiseReading, 'id' | 'at' | 'by'>[];
  faults?: readonly DemoFault[];
  coPpm?: number[];
  /** a night by a logging meter after all else, ppm */ nightPpm?: number;
  /** a night after one of the starts that found gas, and what was done */ leakNight?: { after: number; ppm: number; cause: string; repair: string };
  /** surfaces by thermometer near the end of the start at full output: floor, plate, body */ hotC?: readonly [number, number, number];
  /** gates that were passed, in order */ releases?: ReleasableHoldPoint[];
  waived?: { checkId: string; why: string };
  /** the rule pack that it goes by, pictures that stand in for photographs, and what the lead answered for */ evidence?: { pack: string; pictures: PhotoAbout[]; answers: (readonly [rule: string, answer: RuleAnswer['answer'], why: string])[] };
  signed?: boolean;
  /** a visit after it was signed */ visit?: Omit<Visit, 'id' | 'at' | 'by'>;
  /** it was begun from the workshop’s unit card */ fromCard?: boolean;
}

/** A good start looked at: the smell of new wrap first, then clear, and no bubbles. */
const lookedAt = (start: number): NonNullable<DemoBuild['seen']> => [
  { start, atS: 240, sees: 'white' }, { start, atS: 900, sees: 'clear' }, { start, atS: 905, sees: 'tightSoap' }, { start, atS: 910, sees: 'noBubbles' },
];
/** Levels of sound, read by a meter: at the pillow and at the neighbour's with the heater off and at its lowest, and near what makes it. */
const levels = (pillowDb: number, pumpDb: number, neighbourDb: number): NonNullable<DemoBuild['heard']> => [
  { place: 'pillow', state: 'off', levelDb: 23, with: 'meter' }, { place: 'pillow', state: 'low', levelDb: pillowDb, with: 'meter' },
  { place: 'neighbour', state: 'off', levelDb: 31, awayM: 6, with: 'meter' }, { place: 'neighbour', state: 'low', levelDb: neighbourDb, awayM: 6, with: 'meter' },
  { place: 'pump', state: 'low', levelDb: pumpDb, awayM: 0.5, with: 'meter' }, { place: 'exhaust', state: 'low', levelDb: 52, awayM: 1, with: 'meter' }, { place: 'intake', state: 'low', levelDb: 47, awayM: 1, with: 'meter' },
];
const [quiet, loud] = [levels(28, 52.5, 37.5), levels(34.5, 64.5, 43)];

/** A run on which every finding holds; the others differ from it. */
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
/** A separate tank outside, well held; the line in four segments. */
const tank = {
  'tank.way': 'ownTank', 'tank.secondTank': 'none', 'tank.fuelState': 'fresh', 'tank.shape': 'box', 'tank.widthMm': 190, 'tank.wallMm': 4, 'tank.emptyKg': 2.4, 'tank.lowered': 'one', 'tank.spaceLengthMm': 480, 'tank.spaceWidthMm': 240, 'tank.spaceHeightMm': 380, 'tank.fittingsAboveMm': 55,
  'tank.paper': 'certified', 'tank.place': 'outside', 'tank.guard': 'yes', 'tank.vent': 'filtered', 'tank.filler': 'outside', 'tank.restraint': 'crash', 'tank.depthAtSpotMm': 262, 'tank.flangeStackMm': 6, 'tank.cutOffMm': 2, 'tank.holeMm': 16, 'tank.fittingMm': 15.8,
  'line.pumpMount': 'rubber', 'line.stockM': 3, 'line.kitLineM': 4,
} as const satisfies Values;
type Segment = NonNullable<DemoLists['segments']>[number];
const segment = (order: number, name: string, side: 'suction' | 'pressure', lengthM: number, riseMm: number, more: Partial<Segment> = {}): Segment => ({ name, side, lengthM, riseMm, boreMm: 2, end: 'on', gapMm: 0, near: 'outside', sheath: 'conduit', clips: Math.ceil(lengthM / 0.4), order, ...more });
const segments: Segment[] = [
  segment(1000, 'tank to filter', 'suction', 0.3, -150, { end: 'filter' }), segment(2000, 'filter to pump', 'suction', 0.34, -90),
  segment(3000, 'along the rail', 'pressure', 1.9, 90), segment(4000, 'up to the heater', 'pressure', 0.94, 240),
];
const dosed = (ml: number): NonNullable<DemoLists['doseTests']> => [ml, ml * 1.01, ml * 0.99].map((volumeMl) => ({ strokes: 200, volumeMl: Number(volumeMl.toFixed(2)), fuelC: 12 }));
const air = {
  'air.intakeFrom': 'outside', 'air.intakeLengthM': 0.55, 'air.intakeFallMm': 70, 'air.endsApartMm': 900, 'air.endsFacing': 'opposite', 'air.exhaustLengthM': 0.85, 'air.exhaustFallMm': 110, 'air.exhaustPastOutlineMm': 35, 'air.exhaustLowPoint': 'fallsAll', 'air.mufflerHole': 'lowest',
} as const satisfies Values;
/** What is said of the ends and of the pipes as a whole. */
const pipes = {
  'ends.exhaustPoints': 'away', 'ends.exhaustOpeningMm': 1200, 'ends.exhaustHighMm': 320, 'ends.intakePoints': 'down', 'ends.intakeBlocked': 'nothing', 'pipes.exhaustBoreMm': 24, 'pipes.exhaustBendsDeg': 180, 'pipes.intakeBoreMm': 25, 'pipes.intakeBendsDeg': 90, 'pipes.cover': 'bare', 'pipes.near': 'cable', 'pipes.nearMm': 120, 'pipes.through': 'turret', 'pipes.gapMm': 37, 'pipes.supportsApartMm': 400, 'pipes.burnerJoint': 'band', 'pipes.reach': 'no', 'pipes.silencer': 'clean',
} as const satisfies Values;
/** Openings, and what stands near the ends of the pipes; the exhaust out at the right, the intake below the floor. */
const outside: NonNullable<DemoLists['outside']> = [
  { name: 'side window', kind: 'window', xMm: 420, yMm: 1740, lengthMm: 620, widthMm: 40, heightMm: 1250 },
  { name: 'sliding door', kind: 'door', xMm: 2450, yMm: 1740, lengthMm: 700, widthMm: 40, heightMm: 400 },
  { name: 'left window', kind: 'window', xMm: 900, yMm: -40, lengthMm: 800, widthMm: 40, heightMm: 1250 },
  { name: 'low vent', kind: 'vent', xMm: 2700, yMm: -40, lengthMm: 200, widthMm: 40, heightMm: 380 },
  { name: 'rear tyre', kind: 'tyre', xMm: 2080, yMm: 1500, lengthMm: 660, widthMm: 215, heightMm: 0 },
];
const ends = {
  'ends.exhaustXMm': 1480, 'ends.exhaustYMm': 1815, 'ends.intakeXMm': 1060, 'ends.intakeYMm': 780, 'ends.intakeHighMm': 300, 'ends.pastFrontMm': 900, 'ends.pastRearMm': 60, 'ends.pastSidesMm': 40,
} as const satisfies Values;
type Pipe = NonNullable<DemoLists['pipes']>[number];
const pipe = (order: number, name: string, lengthM: number, riseMm: number, more: Partial<Pipe> = {}): Pipe => ({ name, of: 'exhaust', kind: 'pipe', lengthM, riseMm, boreMm: 24, wall: 'corrugated', bends: 0, bendDeg: 90, joint: 'band', sealed: 'yes', cover: 'bare', supports: Math.ceil(lengthM / 0.4), near: 'nothing', through: 'none', state: 'new', order, ...more });
/** The exhaust in three pieces: down through the floor in its turret, along, and out. */
const pipeRows: Pipe[] = [
  pipe(1000, 'through the floor', 0.25, -60, { bends: 1, bendDeg: 90, bendRadiusMm: 60, through: 'turret', gapMm: 37, cover: 'wrap', coverM: 0.15 }), pipe(2000, 'muffler', 0.2, -20, { kind: 'muffler', farBoreMm: 24, lies: 'lying', supports: 1, near: 'cable', nearMm: 130 }), pipe(3000, 'out to the side', 0.4, -30, { bends: 1, bendDeg: 60, bendRadiusMm: 60, state: 'cut' }),
  pipe(1000, 'intake', 0.55, -70, { of: 'intake', bends: 1, boreMm: 25 }),
];
type Duct = NonNullable<DemoLists['ducts']>[number];
/** Warm air: an outlet by the heater that stays open, and a branch to the rear with two more. Rows name what they come from; the loader puts its id there. */
const duct = (name: string, lengthM: number, xMm: number, yMm: number, more: Partial<Duct> = {}): Duct => ({ name, lengthM, xMm, yMm, boreMm: 75, wall: 'flexible', bends: 1, bendDeg: 90, end: 'open', grille: 'free', runs: 'inside', ...more });
const ducts: Duct[] = [
  duct('by the heater', 0.7, 1750, 700, { zoneM3: 5 }),
  duct('along the shelves', 0.9, 2150, 1070, { bends: 0, end: 'on' }),
  duct('rear bench', 0.5, 2620, 1420, { fromId: 'along the shelves', leaves: 'straight', bends: 0, end: 'closable', closedPercent: 0, zoneM3: 5 }),
  duct('cab', 1.3, 2150, 420, { fromId: 'along the shelves', leaves: 'branch', end: 'closable', closedPercent: 0, grille: 'grille', zoneM3: 4 }),
];
const returns: NonNullable<DemoLists['returns']> = [
  { name: 'grille before the heater', kind: 'grille', lengthMm: 240, widthMm: 90, pieces: 1, coveredPercent: 0 },
  { name: 'holes into the locker', kind: 'hole', diameterMm: 60, pieces: 2, coveredPercent: 0 },
];
/** A loop of which feed and return are swapped at the heater, and the heater lies highest. */
const loop: NonNullable<DemoLists['loop']> = (
  [
    ['heater', 'heater', 40, { arrow: 'against', bleed: 'no' }], ['down to the bilge', 'hose', -180, { lengthM: 1.6, bends: 2, bleed: 'no' }],
    ['cabin matrix', 'matrix', 60, { limb: 'a' }], ['calorifier plate', 'plate', 60, { limb: 'b' }],
    ['up to the tank', 'hose', 100, { lengthM: 0.9, bends: 1 }], ['expansion tank', 'tank', -40, {}], ['down to the pump', 'hose', -180, { lengthM: 0.8, bends: 1 }],
    ['circulation pump', 'pump', 0, { arrow: 'with' }], ['back up to the heater', 'hose', 200, { lengthM: 1.1, bends: 2, bleed: 'no' }],
  ] as const
).map(([name, kind, riseMm, more], i) => ({ name, kind, limb: 'main', boreMm: 18, riseMm, ...more, ...(kind === 'hose' ? { insulated: 'yes' as const } : {}), order: (i + 1) * 1000 }));
const coolant = { 'warmth.way': 'loop', 'warmth.glycol': 'propylene', 'warmth.glycolPercent': 45, 'warmth.partsHoldL': 6, 'warmth.tankFreeMl': 700, 'warmth.pumpKPa': 16, 'warmth.pumpLMin': 26 } as const satisfies Values;
const warmth = { 'warmth.way': 'ducts', 'warmth.blowerM3H': 96, 'warmth.blowerPa': 260 } as const satisfies Values;
const wiring = {
  'wiring.feedSource': 'leisure', 'wiring.batteryKind': 'agm', 'wiring.batteryCapacityAh': 110, 'wiring.batteryRestV': 12.7, 'wiring.batteryMohm': 12, 'wiring.feedLengthM': 2.6, 'wiring.cableAreaMm2': 4, 'wiring.insulationC': 'c90', 'wiring.cableC': 20, 'wiring.jointsMohm': 6, 'wiring.fuseA': 15, 'wiring.fuseFromBatteryMm': 120, 'wiring.looks': 'good', 'controller.looks': 'good',
} as const satisfies Values;
/** The controller as it came from the other shed, and as it was left. */
const controllerFound = {
  'found.mode': 'fixed', 'found.rateHz': 2.4, 'found.runForH': 3, 'found.clockOffMin': -65, 'found.pumpMinHz': 1.2, 'found.pumpMaxHz': 4.2, 'found.fanMinRpm': 1500, 'found.fanMaxRpm': 4600, 'found.supply': 'auto', 'found.altitude': 'auto',
} as const satisfies Values;
const controller = {
  'controller.mode': 'target', 'controller.targetC': 19, 'controller.stopsAboveK': 1.5, 'controller.lightsBelowK': 3, 'controller.runForH': 0, 'controller.clockOffMin': 0, 'controller.clockKeeps': 'keeps', 'controller.sensor': 'apart', 'controller.menu': 'noted', 'controller.remote': 'none',
  'controller.panelLies': 'right', 'controller.panelXMm': 620, 'controller.panelYMm': 1640, 'controller.leadM': 2, 'controller.sensorAt': 'still', 'controller.sensorXMm': 760, 'controller.sensorYMm': 180,
} as const satisfies Values;
const settings: NonNullable<DemoLists['settings']> = [
  { setting: 'mode', code: 'P1', why: 'The fixed rate roasted the reading room on mild nights.' }, { setting: 'runForH', code: 'P7', why: 'It ended at one in the morning.' }, { setting: 'clockOffMin', why: 'Was still on the clock of the bench.' },
  { setting: 'other', name: 'software', found: '2.4', left: '2.4' },
];
const priming = { 'priming.filterVolumeMl': 0.5, 'priming.preFilledMl': 0, 'priming.primingHz': 4 } as const satisfies Values;
const proving = { 'proving.coAlarmFitted': 'yes', 'proving.coAlarmTested': 'yes', 'proving.coAlarmSited': 'yes' } as const satisfies Values;
/** Papers of an approval office that is made up, and one remark of an inspector who is too. */
const papers: DemoLists['papers'] = [
  { kind: 'approval', number: 'INV-E 1122-0031', by: 'approval office (invented)', keptAt: 'folder 31, shelf by the door' },
  { kind: 'manual', number: 'edition 4, invented', by: 'maker of the heater (invented)', keptAt: 'in the glove box' },
];
const handedOver = { 'proving.ownerTold': 'shown', 'proving.noticesThere': 'both' } as const satisfies Values;
const people = { 'people.asleep': 1, 'people.inspectedAs': 'leisure', 'people.markWanted': 'yes', 'people.wadingDepthMm': 0 } as const satisfies Values;
const kit = { 'kit.plateV': 'v12', 'kit.plateOutputKw': 2.2, 'kit.plateFuel': 'diesel', 'kit.replaces': 'nothing', 'kit.oldExhaust': 'new' } as const satisfies Values;
const siting = {
  'siting.floorLengthMm': 3200, 'siting.floorWidthMm': 1740, 'siting.heaterLengthMm': 330, 'siting.heaterWidthMm': 130, 'siting.heaterHeightMm': 130, 'siting.mayLie': 'side', 'siting.heaterXMm': 1420, 'siting.heaterYMm': 1180, 'siting.heaterTurnDeg': 0, 'siting.heaterLies': 'flat',
  'siting.lookedBelow': 'yes', 'siting.inletClearMm': 180, 'siting.hotClearMm': 260, 'siting.ductMm': 75, 'siting.liftOutMm': 380, 'siting.openingSide': 'yes', 'siting.boxed': 'no', 'siting.boxRoundMm': 0, 'siting.loomGrommet': 'yes', 'siting.ductToXMm': 2700, 'siting.ductToYMm': 1500,
  'siting.fuelFromXMm': 2900, 'siting.fuelFromYMm': 300, 'siting.batteryXMm': 500, 'siting.batteryYMm': 1500, 'siting.studThread': 'M6', 'siting.studLengthMm': 40, 'siting.spigotLengthMm': 44, 'siting.clampWidthMm': 12, 'siting.screwLengthMm': 16, 'siting.tapThread': 'none',
  'siting.pumpLeadThreaded': 'yes', 'siting.hosesOn': 'yes', 'siting.clampHeads': 'clear', 'siting.cutEdges': 'painted', 'siting.aboveGroundMm': 420,
} as const satisfies Values;
const parts = (state: 'present' | undefined): NonNullable<DemoLists['parts']> => startingLists.air.map((row) => ({ ...row, ...(state ? { state: row.weak === 'thinFilter' || row.weak === 'burnerClamp' ? ('replaced' as const) : state, ...(row.weak === 'softLine' || row.weak === 'springClips' || row.weak === 'thinCable' ? { weak: 'none' as const } : {}) } : {}), ...(row.kind === 'heater' && state ? { serial: 'INV-2207', mark: 'invented mark 22R' } : {}) }));
/** A floor with rails, three cross-members, a tank and pipes below. */
const floor: DemoLists = {
  obstacles: [
    { name: 'left rail', kind: 'rail', xMm: 0, yMm: 420, lengthMm: 3200, widthMm: 80 }, { name: 'right rail', kind: 'rail', xMm: 0, yMm: 1240, lengthMm: 3200, widthMm: 80 },
    { name: 'cross-member 1', kind: 'crossMember', xMm: 620, yMm: 500, lengthMm: 60, widthMm: 740 }, { name: 'cross-member 2', kind: 'crossMember', xMm: 1660, yMm: 500, lengthMm: 60, widthMm: 740 }, { name: 'cross-member 3', kind: 'crossMember', xMm: 2700, yMm: 500, lengthMm: 60, widthMm: 740 },
    { name: 'fuel tank', kind: 'tank', xMm: 1800, yMm: 540, lengthMm: 760, widthMm: 420 }, { name: 'brake pipe', kind: 'brakePipe', xMm: 0, yMm: 520, lengthMm: 3200, widthMm: 12 }, { name: 'engine’s exhaust', kind: 'engineExhaust', xMm: 700, yMm: 620, lengthMm: 960, widthMm: 90 },
  ],
  above: [{ name: 'left wheel arch', kind: 'wheelArch', xMm: 2050, yMm: 0, lengthMm: 760, widthMm: 260 }, { name: 'right wheel arch', kind: 'wheelArch', xMm: 2050, yMm: 1480, lengthMm: 760, widthMm: 260 }, { name: 'bench', kind: 'furniture', xMm: 2050, yMm: 1260, lengthMm: 900, widthMm: 220 }],
  datums: [{ name: 'bulkhead line', axis: 'front', atMm: 1000 }, { name: 'middle', axis: 'left', atMm: 870 }],
  holes: [...startingHoles.separate.holes],
  stack: [{ name: 'plate', kind: 'plate', thicknessMm: 3 }, { name: 'gasket', kind: 'gasket', thicknessMm: 3 }, { name: 'vinyl', kind: 'covering', thicknessMm: 2.5, cutBack: 'yes' }, { name: 'ply', kind: 'timber', thicknessMm: 12 }, { name: 'steel floor', kind: 'metal', thicknessMm: 1.2 }],
};
const place: Values = { 'siting.heaterXMm': 1350, 'siting.heaterYMm': 1070 };
const vents: DemoLists['vents'] = [
  { name: 'roof mushroom', level: 'high', through: 'roof', shape: 'stated', eachCm2: 62, pieces: 2, shuts: 'no', blockedBy: 'nothing', aboveFloorMm: 1880, xMm: 2300, yMm: 800 },
  { name: 'drilled floor', level: 'low', through: 'floor', shape: 'round', diaMm: 30, pieces: 8, cover: 'mesh6', shuts: 'no', blockedBy: 'nothing', aboveFloorMm: 0, xMm: 500, yMm: 300 },
];
const kept: Pick<DemoBuild, 'lists' | 'seals' | 'watched'> = {
  lists: { ...floor, parts: parts('present'), segments, doseTests: dosed(4.4), outside, pipes: pipeRows, ducts, returns, vents },
  seals: [
    { name: 'round the plate', at: 'plate', kind: 'sealant', cureH: 24, putOnH: 4, hardH: 29 }, { name: 'round the exhaust', at: 'exhaust', kind: 'hotSealant', cureH: 12, putOnH: 4, hardH: 29 }, { name: 'at the burner', at: 'joint', kind: 'hotSealant', cureH: 12, putOnH: 4, hardH: 29 },
    { name: 'round the combustion air', at: 'air', kind: 'sealant', cureH: 24, putOnH: 4, hardH: 29 }, { name: 'round the fuel line', at: 'fuel', kind: 'sealant', cureH: 24, putOnH: 4, hardH: 29 },
  ],
  watched: ['at the tank', 'filter', 'pump, inlet', 'pump, outlet', 'at the heater'].map((name) => ({ name, warmFound: 'dry', nightFound: 'dry' })),
};
const all: Values = { ...heater, ...survey, ...people, ...kit, ...siting, ...place, ...fuel, ...tank, ...air, ...pipes, ...ends, ...warmth, ...wiring, ...priming, ...proving };

/** What was really measured: near the plan, not on it. */
const measured: Values = { 'fuel.pickupClearanceMm': 31, 'fuel.suctionLengthM': 0.64, 'fuel.pressureLengthM': 2.84, 'fuel.pumpAngleDeg': 27, 'air.exhaustPastOutlineMm': 42, 'wiring.batteryRestV': 12.68, 'wiring.jointsMohm': 8, 'air.endsApartMm': 940 };

/** Everything here is invented: workshop, people, vehicles, figures. */
/** Two of its starts went wrong: looked for, mended, and proven by the last of them. */
const demoFaults: readonly DemoFault[] = [
  { start: 1, symptom: 'notLit', code: { shown: 'F4', meaning: 'low voltage for 20 s', tells: 'voltage' }, found: [['wiggle', 'they jump'], ['terminals', 'loose, green or burnt']], cause: 'looseTerminal', did: 'terminal at the fuse holder crimped anew, and tugged at', parts: 'ring terminal 6 mm²' },
  { start: 2, symptom: 'goesOut', found: [['fuelSmell', 'like diesel'], ['smoke', 'black smoke'], ['intakeMouth', 'free'], ['exhaustMouth', 'blocked, crushed or full of mud']], cause: 'exhaustBlocked', did: 'mud cleared out of the pipe, looked through from end to end', parts: '' },
]; // prettier-ignore
export const demoBuilds: readonly DemoBuild[] = [
  {
    releases: ['cutting', 'bolting', 'closing', 'power', 'fire'], id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e01', fromCard: true, ...kept, lists: { ...kept.lists, ...looms.sound, settings, papers, alarms: [{ name: 'over the bench bed', made: 'leisure', on: 'wall', aboveFloorMm: 1250, wantsFromMm: 1000, wantsToMm: 1500, fromHeaterMm: 1900, wantsAwayMm: 1000, sounds: 'yes', endsAt: '2032-05-31T00:00:00.000Z' }], remarks: [{ by: 'inspector (invented)', rule: '13', remark: 'The panel can’t be seen from the driver’s seat with the shelf up.', answer: 'Shelf cut back by 60 mm; seen together on the second visit.', state: 'settled' }] }, photographed: true, evidence: { pack: 'Road vehicle', pictures: ['filler', 'exhaust', 'outlets', 'panel'], answers: [['11', 'seen', 'Return grille behind the counter, mesh of 4 mm, drawn from the reading room.']] }, identity: { name: 'Page Turner No. 3', what: 'travelling library', kind: 'road', place: 'Tarnhollow, Isle of Merrow', heaterSerial: 'INV-2207-0031' }, daysAgo: 9,
    planned: { ...all, ...handedOver, 'heater.fanMinRpm': 1500, 'heater.fanMaxRpm': 4600, 'heater.glowColdOhm': 0.9 }, fitted: { ...all, ...measured, ...controllerFound, ...controller }, maker: { fuseA: 15 }, notes: ['Pickup cut 237 mm, filed smooth.', 'Wiped every joint after a night: dry.'], primed: { strokes: 632, outcome: 'reached', frequencyHz: 4 }, nightPpm: 0, started: [{ forS: 1900, lowS: 1500 }], primedSees: 'noBubbles', seen: lookedAt(0), heard: quiet, coPpm: [0, 0, 0], hotC: [38, 47, 52], signed: true, visit: { did: ['leaks', 'exhaust'], found: 'sound', note: 'After the first week on the road: every joint dry, no soot at the clamps.', hours: 31, soot: 'none', glowV: 11.6, outletC: 92 },
  },
  {
    id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e02', identity: { name: 'Fellgate Control', what: 'rescue team’s control trailer', kind: 'trailer', place: 'Fellgate, Isle of Merrow', heaterSerial: 'INV-5009-0112' }, daysAgo: 3,
    planned: { ...all, 'proving.ownerTold': 'none', 'proving.noticesThere': 'filler', 'tank.paper': 'bought', 'tank.holeMm': 8.5, 'tank.fittingMm': 7.8, 'heater.claimedOutputKw': 5, 'heater.pumpMaxHz': 5.4, 'heater.fanMinRpm': 1500, 'heater.fanMaxRpm': 4600, 'heater.altitudeM': 2100, 'heater.coldestFuelC': -20, 'heater.fuelGrade': 'roadD' },
    fitted: {
      ...all, ...measured, 'siting.cutEdges': 'bare', 'siting.clampHeads': 'foul', 'tank.restraint': 'stretch', 'tank.vent': 'bare', 'line.pumpMount': 'tie', 'fuel.pumpAngleDeg': 4, 'fuel.suctionLengthM': 2.6, 'fuel.suctionBoreMm': 4, 'fuel.filterPlace': 'afterPump', 'fuel.jointGapMm': 6, 'fuel.pickupClearanceMm': 42, 'fuel.fuelLevelMm': 36, 'fuel.pumpAboveTankFloorMm': 320, 'fuel.pressureLengthM': 2.1,
      'air.exhaustPastOutlineMm': -240, 'air.exhaustLowPoint': 'undrilled', 'air.endsApartMm': 220, 'air.endsFacing': 'sameWay', 'air.intakeFrom': 'locker',
      'ends.exhaustXMm': 1560, 'ends.exhaustYMm': 1540, 'ends.exhaustPoints': 'forward', 'ends.exhaustOpeningMm': 260, 'ends.exhaustHighMm': 210, 'ends.intakeXMm': 1540, 'ends.intakeYMm': 1320, 'ends.intakeBlocked': 'spray',
      'wiring.feedSource': 'panel', 'wiring.feedLengthM': 7.5, 'wiring.cableAreaMm2': 1.5, 'wiring.batteryRestV': 12.1, 'wiring.fuseA': 25, 'wiring.fuseFromBatteryMm': 1400, 'wiring.looks': 'joints', 'wiring.batteryCapacityAh': 40,
      'controller.looks': 'timer', 'found.mode': 'target', 'found.targetC': 20, 'found.clockOffMin': 65, 'found.clockKeeps': 'loses', 'found.pumpMinHz': 1.2, 'found.pumpMaxHz': 5.8, 'found.fanMinRpm': 1300, 'found.fanMaxRpm': 4300, 'found.altitude': 'none', 'controller.panelLies': 'upsideDown', 'controller.panelXMm': 240, 'controller.panelYMm': 260, 'controller.leadM': 2, 'controller.sensorXMm': 2500, 'controller.sensorYMm': 640,
       'proving.coAlarmFitted': 'no', 'proving.coAlarmTested': 'no', 'proving.coAlarmSited': 'no',
    },
    lists: {
      ...floor, ...looms.panel, timers: [{ name: 'evening', startAt: '22:10', runForH: 3, days: 'daily', by: 'clock' }],
      outside: [...outside, { name: 'plastic tank', kind: 'tank', xMm: 1180, yMm: 1290, lengthMm: 330, widthMm: 210, heightMm: 300 }],
      // Past a plastic tank at a hand's breadth, and rising to its end.
      pipes: [pipe(1000, 'below the floor', 0.3, -50, { bends: 1, through: 'timber', gapMm: 6, joint: 'worm' }), pipe(2000, 'past the tank', 0.55, 30, { bends: 2, near: 'polyethylene', nearMm: 22, supports: 0, drain: 'none', joint: 'pushed' })],
      // A starved return, and outlets that can all be shut.
      ducts: [
        duct('under the desk', 2.4, 2750, 420, { boreMm: 60, bends: 3, end: 'closable', closedPercent: 0, grille: 'louvre' }),
        duct('below the floor to the front', 1.9, 420, 1320, { boreMm: 60, bends: 3, end: 'closable', closedPercent: 0, runs: 'outside', insulated: 'no' }),
      ],
      vents: [
        { name: 'grille over the door', level: 'high', through: 'wall', shape: 'square', widthMm: 200, heightMm: 100, pieces: 1, cover: 'louvreFly', shuts: 'no', blockedBy: 'tape', blockedPercent: 60, aboveFloorMm: 1900 },
        { name: 'step grille', level: 'low', through: 'door', shape: 'square', widthMm: 120, heightMm: 60, pieces: 1, cover: 'louvre', shuts: 'yes', blockedBy: 'nothing', aboveFloorMm: 60 },
      ],
      returns: [{ name: 'grille behind the radio', kind: 'louvre', lengthMm: 120, widthMm: 60, pieces: 1, coveredPercent: 40 }],
      segments: [
        segment(1000, 'over the axle', 'suction', 1.4, 180, { boreMm: 4, clips: 2, sheath: 'bare' }), segment(2000, 'down to the pump', 'suction', 1.2, -160, { boreMm: 4, clips: 2, gapMm: 6, sheath: 'bare' }),
        segment(3000, 'pump to filter', 'pressure', 0.5, 20, { end: 'filter', clips: 1 }), segment(4000, 'past the exhaust', 'pressure', 1.6, 50, { near: 'hot', sheath: 'bare', clips: 3 }),
      ],
      parts: [...parts('present').filter((row) => row.kind !== 'alarm' && row.weak !== 'thinFilter'), { name: 'fuel filter', kind: 'filter', needed: 1, state: 'present', weak: 'thinFilter' }, { name: 'carbon monoxide alarm', kind: 'alarm', needed: 1, state: 'missing' }],
      stack: [{ name: 'plate', kind: 'plate', thicknessMm: 3 }, { name: 'gasket', kind: 'gasket', thicknessMm: 3 }, { name: 'ply overlay', kind: 'timber', thicknessMm: 6 }, { name: 'steel floor', kind: 'metal', thicknessMm: 1.2 }, { name: 'ribs', kind: 'rib', thicknessMm: 25 }],
    },
    evidence: { pack: 'Leisure vehicle, Europe', pictures: [], answers: [] },
    seals: [{ name: 'round the plate', at: 'plate', kind: 'sealant', cureH: 24, putOnH: 3 }],
    notes: ['Came in from another shed with the heater “fitted”. Nothing of it was written down.'],
  },
  {
    releases: ['cutting', 'bolting', 'closing', 'power'], id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e03', ...kept,
    lists: { ...kept.lists, ducts: [], returns: [], loop, outside: [{ name: 'porthole', kind: 'window', xMm: 420, yMm: 1740, lengthMm: 320, widthMm: 40, heightMm: 900 }, { name: 'side hatch', kind: 'door', xMm: 2450, yMm: 1740, lengthMm: 600, widthMm: 40, heightMm: 700 }, { name: 'hatch slats', kind: 'vent', xMm: 2600, yMm: 800, lengthMm: 160, widthMm: 160, heightMm: 1900 }], segments: [segment(1000, 'tank to filter', 'suction', 0.3, -200, { end: 'filter' }), segment(2000, 'filter to pump', 'suction', 0.34, -120), segment(3000, 'along the bulkhead', 'pressure', 1.4, 90, { near: 'inside' }), segment(4000, 'up to the heater', 'pressure', 0.86, 240, { near: 'inside' })] },
    watched: [{ name: 'pump, inlet' }, { name: 'at the heater' }], identity: { name: 'Sedge Otter', what: 'canal workboat', kind: 'boat', place: 'Long Lock, Isle of Merrow', heaterSerial: 'INV-2207-0044' }, daysAgo: 2,
    planned: { ...all, ...coolant, 'heater.altitudeM': 120, 'air.mufflerHole': 'closed', 'tank.spaceLengthMm': 700, 'tank.spaceHeightMm': 480, 'tank.lowered': 'stays', 'tank.depthAtSpotMm': 342, 'fuel.pressureLengthM': 2.2, 'fuel.tankLengthMm': 620, 'fuel.tankHeightMm': 340, 'fuel.fuelLevelMm': 210 },
    fitted: { ...siting, ...place, ...fuel, ...tank, ...air, ...pipes, ...ends, ...coolant, ...wiring, ...measured, 'air.mufflerHole': 'closed', 'fuel.tankLengthMm': 620, 'fuel.tankHeightMm': 340, 'fuel.fuelLevelMm': 198, 'fuel.pressureLengthM': 2.26, 'priming.filterVolumeMl': 0.5, 'priming.preFilledMl': 0, 'priming.primingHz': 4, 'proving.coAlarmFitted': 'yes', 'proving.coAlarmTested': 'yes', 'proving.coAlarmSited': 'yes' },
    evidence: { pack: 'Boat', pictures: ['tank'], answers: [] },
    notes: ['Skin fitting for the exhaust bedded; leave it till tomorrow.'],
  },
  {
    id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e04', identity: { name: 'Thimble Theatre', what: 'puppet theatre’s stage van', kind: 'road', place: 'Hobb’s Reach, Isle of Merrow', heaterSerial: '' }, daysAgo: 1,
    lists: {
      ...floor, ducts, returns, ...looms.long,
      segments: [
        segment(1000, 'out of the tank', 'suction', 0.25, -20), segment(2000, 'along the sill', 'suction', 2, -40), segment(3000, 'down to the filter', 'suction', 0.2, -120, { end: 'filter' }), segment(4000, 'filter to pump', 'suction', 0.15, -60),
        segment(5000, 'off the pump', 'pressure', 0.3, 90), segment(6000, 'behind the wheel', 'pressure', 0.8, 60), segment(7000, 'over the cross-member', 'pressure', 0.5, 120), segment(8000, 'under the stage', 'pressure', 0.9, -30), segment(9000, 'through the floor', 'pressure', 0.9, 90),
      ],
      parts: parts(undefined), surfaces: shapeSurfaces('longVan', 'thin', 'acrylic'),
      candidates: [{ name: 'five-kilowatt class', claimedOutputKw: 5, strokeVolumeMl: 0.028, pumpMinHz: 1.6, pumpMaxHz: 5.4, runCurrentA: 1.6, altitudeMaxM: 2200 }, { name: 'sold as eight', claimedOutputKw: 8, strokeVolumeMl: 0.028, pumpMinHz: 1.4, pumpMaxHz: 5.6, runCurrentA: 1.7 }],
    },
    planned: { ...all, 'siting.heaterXMm': 1640, 'siting.heaterYMm': 1000, 'siting.lookedBelow': 'no', 'survey.volumeM3': 14.2, 'survey.airChangesH': 1.5, 'people.asleep': 2, 'controller.mode': 'fixed', 'controller.rateHz': 2.4, 'heater.coldestFuelC': -18, 'line.strokeMs': 40, 'fuel.suctionLengthM': 2.6, 'fuel.pumpAngleDeg': 20, 'fuel.pressureLengthM': 3.4, 'air.exhaustLengthM': 0.6, 'air.exhaustPastOutlineMm': -60, 'ends.exhaustXMm': 1700, 'ends.exhaustYMm': 1720 }, fitted: {},
    notes: ['Puppets hang over the heater’s place: ask where the warm air goes.'],
  },
  {
    releases: ['cutting', 'bolting', 'closing', 'power', 'fire'], id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e05', fromCard: true, ...kept, identity: { name: 'Moss Wagon', what: 'lichen survey’s field laboratory', kind: 'trailer', place: 'Upper Fen, Isle of Merrow', heaterSerial: 'INV-2207-0052' }, daysAgo: 4,
    evidence: { pack: 'Leisure vehicle, Europe', pictures: ['alarm', 'openings'], answers: [] }, planned: { ...all, ...handedOver }, fitted: { ...all, ...measured, 'wiring.fuseFromBatteryMm': 310 }, notes: ['Battery box leaves no room nearer the post; cable to the fuse runs in its own conduit.'],
    primed: { strokes: 619, outcome: 'reached', frequencyHz: 4 }, nightPpm: 0, leakNight: { after: 2, ppm: 12, cause: 'clamp at the burner loose, soot on the joint', repair: 'joint made anew with fresh paste, clamp set to 7 N m' }, started: [{ wrong: { id: 'overPrimed', strength: 0.8 }, forS: 600 }, { wrong: { id: 'badCrimp', strength: 1 }, forS: 420 }, { wrong: { id: 'exhaustBlocked', strength: 0.9, fromS: 300 }, forS: 900 }, { forS: 1900, lowS: 1500 }], primedSees: 'passing', faults: demoFaults, seen: [{ start: 0, atS: 320, sees: 'white' }, { start: 2, atS: 620, sees: 'black' }, ...lookedAt(3)], heard: loud, coPpm: [0, 0], hotC: [36, 45, 49], waived: { checkId: 'wiring.fuse.place', why: 'The battery box ends 300 mm from the post; the cable lies sheathed in its own conduit up to the fuse.' },
  },
  {
    releases: ['cutting'], id: '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e06', ...kept, identity: { name: 'Kiln Shed', what: 'potters’ drying room', kind: 'building', place: 'Quay Lane, Isle of Merrow', heaterSerial: 'INV-2207-0060' }, daysAgo: 5,
    lists: { ...kept.lists, outside: [], licensed: [{ trade: 'building', name: 'Ottoline Marsh (invented)', number: 'INV-BC-204', until: '2031-12-31T00:00:00.000Z', did: 'asked what the code wants of the wall, before the first hole' }], remarks: [{ by: 'building control (invented)', rule: '3', remark: 'Sleeve through the wall has to be seen before it is filled round.' }] },
    planned: { ...all, 'wiring.feedSource': 'mains', 'wiring.supplyA': 15, 'tank.place': 'outside', 'tank.filler': 'outside' }, fitted: { ...siting, ...place },
    evidence: { pack: 'Outbuilding', pictures: ['exhaust'], answers: [['2', 'inspector', 'Building control writes its letter once the sleeve was seen.']] },
    notes: ['Brick wall, 215 mm: core drilled 60 mm for a sleeve.'],
  },
];
