import { of, rest, section, sheet, type Section } from './sectionOf';
import { stageIds, type StageId } from './stages';

export type { Section } from './sectionOf';
/** A sheet of its own: the stages, and beside them the heater with its conditions, and what to measure next. */
export type SheetId = StageId | 'heater' | 'measure';
const vehicle = of('survey', 'engineFuel fuelFrom fuelTaken fuelSystem heaterSits waterAndSalt accessoriesV');
const bolting = of(
  'siting',
  'liftOutMm openingSide boxed boxRoundMm loomGrommet pumpLeadThreaded hosesOn clampHeads cutEdges aboveGroundMm',
);
const line = of('fuel', 'suctionLengthM suctionBoreMm jointGapMm pressureLengthM pressureBoreMm heaterAboveTankFloorMm');
const exhaustPipe = [
  ...of('air', 'exhaustLengthM exhaustFallMm exhaustLowPoint mufflerHole'),
  ...of('pipes', 'exhaustBoreMm exhaustBendsDeg cover supportsApartMm burnerJoint state'),
];
const standing = of('tank', 'paper place guard vent filler restraint');
/** What each sheet is made of, in working order; a figure, a list or a check of a stage belongs to one section of it. */
export const sections = {
  measure: {
    next: section('What next'),
    walk: section('Walk-round'),
  },
  heater: {
    unit: section('Unit and conditions', { figures: { 'Heater and conditions': sheet('heater') } }),
    maker: section('Maker’s figures'),
    practices: section('Practices'),
    particulars: section('Particulars'),
  },
  survey: {
    suits: section('Does it suit?', {
      lists: ['candidates'],
      checks: ['survey.size', 'survey.altitude', 'survey.voltage', 'survey.wading'],
    }),
    space: section('Space', {
      figures: {
        'Survey sheet': of(
          'survey',
          'insideC coldestC usualNightC volumeM3 airChangesH wallAreaM2 wallBuildUp roofAreaM2 roofBuildUp floorAreaM2 floorBuildUp glassAreaM2 glazing',
        ),
      },
      lists: ['surfaces'],
    }),
    vehicle: section('Vehicle and people', {
      figures: {
        get 'The vehicle'() {
          return [...vehicle, ...rest('survey')];
        },
        'People and inspection': sheet('people'),
      },
      checks: ['survey.fuel'],
    }),
    heat: section('Where the heat goes', { figures: { 'How well each thing is known': sheet('uncertainties') } }),
  },
  kit: {
    parts: section('Parts', { lists: ['parts'], checks: ['kit.missing', 'kit.poor', 'kit.mark'] }),
    plate: section('Data plate', { figures: { 'Data plate': sheet('kit') }, checks: ['kit.plate', 'kit.exhaust'] }),
    photos: section('Photographs', { lists: ['photos'] }),
    dryrun: section('Dry run'),
  },
  siting: {
    floor: section('Floor', {
      figures: {
        'The heater’s place': of('siting', 'heaterXMm heaterYMm heaterTurnDeg heaterLies inletClearMm hotClearMm lookedBelow'),
        'Floor and heater': of(
          'siting',
          'floorLengthMm floorWidthMm heaterLengthMm heaterWidthMm heaterHeightMm mayLie ductMm mount',
        ),
      },
      lists: ['obstacles', 'above'],
      checks: ['siting.orientation', 'siting.inlet', 'siting.hot', 'siting.below', 'siting.covering'],
    }),
    holes: section('Holes', {
      figures: {
        'Where duct, fuel and feed go': of('siting', 'ductToXMm ductToYMm fuelFromXMm fuelFromYMm batteryXMm batteryYMm'),
      },
      lists: ['holes', 'datums'],
    }),
    stack: section('Section', {
      figures: {
        'Studs, spigots and screws': of(
          'siting',
          'studThread studLengthMm spigotLengthMm clampWidthMm screwLengthMm tapThread tapDrillMm',
        ),
      },
      lists: ['stack'],
      checks: ['siting.stack', 'siting.screw', 'siting.tapdrill'],
    }),
    drilling: section('Drilling'),
    sealing: section('Sealants', { lists: ['seals'], checks: ['siting.seal'] }),
    bolting: section('Bolting down', {
      figures: {
        get 'Bolting down'() {
          return [...bolting, ...rest('siting')];
        },
      },
      checks: ['siting.service', 'siting.wading', 'siting.lead', 'siting.clamp', 'siting.edge'],
    }),
    photos: section('Photographs'),
  },
  fuel: {
    source: section('Source', {
      figures: { Source: of('tank', 'way secondTank fuelState fuelAllowed blendFuel blendPercent') },
      checks: ['fuel.source', 'fuel.clean', 'fuel.tank.second'],
    }),
    tank: section('Tank', {
      figures: {
        Tank: [
          ...of('tank', 'shape'),
          ...of('fuel', 'tankLengthMm tankHeightMm'),
          ...of('tank', 'widthMm wallMm emptyKg lowered'),
          ...of('fuel', 'fuelLevelMm'),
        ],
        get 'How the tank stands'() {
          return [...standing, ...rest('tank')];
        },
        'Room for the tank': of('tank', 'spaceLengthMm spaceWidthMm spaceHeightMm fittingsAboveMm'),
      },
      lists: ['outline', 'dips'],
      checks: [
        'fuel.tank.location',
        'fuel.tank.vent',
        'fuel.tank.restraint',
        'fuel.tank.certificate',
        'fuel.tank.fits',
        'fuel.tank.lift',
        'fuel.runtime',
        'fuel.figures',
      ],
    }),
    pickup: section('Pickup', {
      figures: {
        Pickup: [...of('fuel', 'pickupKind pickupClearanceMm'), ...of('tank', 'holeMm fittingMm')],
        Standpipe: of('tank', 'depthAtSpotMm flangeStackMm cutOffMm cutMm standpipeBoreMm'),
        'Left for the engine': of('tank', 'reserveL'),
      },
      lists: ['drills'],
      checks: ['fuel.pickup'],
    }),
    line: section('Line', {
      figures: {
        get 'The line'() {
          return [...line, ...rest('fuel', 'line')];
        },
        'Stock and kit': of('line', 'stockM kitLineM kitConduitM kitLineClips shutOff'),
      },
      lists: ['segments'],
      checks: ['fuel.line', 'fuel.bubbles', 'fuel.suction.length'],
    }),
    pump: section('Filter and pump', {
      figures: {
        'Filter and pump': [
          ...of('fuel', 'filterPlace filterDirection pumpDirection pumpAngleDeg pumpAboveTankFloorMm'),
          ...of('line', 'pumpMount strokeMs'),
        ],
      },
      checks: ['fuel.filter', 'fuel.pump'],
    }),
    pressure: section('Pressure', { checks: ['fuel.suction.pressure', 'fuel.head', 'fuel.cold'] }),
    fill: section('First fill'),
    dose: section('Dose', { lists: ['doseTests'] }),
    leaks: section('Leaks', { lists: ['leaks'], checks: ['fuel.leak'] }),
  },
  air: {
    plan: section('Outside plan', {
      figures: {
        'The two ends': [
          ...of('ends', 'exhaustPoints exhaustOpeningMm exhaustHighMm intakePoints intakeBlocked intakeHighMm'),
          ...of('air', 'exhaustPastOutlineMm endsApartMm endsFacing'),
        ],
        'Where the ends stand': of('ends', 'exhaustXMm exhaustYMm intakeXMm intakeYMm'),
        get 'The body’s outline'() {
          return [...of('ends', 'pastFrontMm pastRearMm pastSidesMm'), ...rest('ends')];
        },
      },
      lists: ['outside'],
      checks: ['air.intake.facing', 'air.intake.blockage', 'air.separation', 'exhaust.end'],
    }),
    pipes: section('Pipes', {
      figures: {
        'Combustion air': [
          ...of('air', 'intakeFrom intakeLengthM intakeFallMm'),
          ...of('pipes', 'intakeBoreMm intakeBendsDeg silencer'),
        ],
        get Exhaust() {
          return [...exhaustPipe, ...rest('air')];
        },
      },
      lists: ['pipes'],
      checks: [
        'air.intake.inside',
        'air.intake.slope',
        'exhaust.slope',
        'exhaust.drain',
        'exhaust.length',
        'exhaust.support',
        'exhaust.joint',
      ],
    }),
    heat: section('Heat and flame', {
      figures: {
        'What it passes': of('pipes', 'near nearMm nearLies shield through leaves gapMm timberMm reach'),
        get 'By analyser'() {
          return [...of('pipes', 'co2Percent o2Percent'), ...rest('pipes')];
        },
      },
      checks: ['exhaust.clearance', 'exhaust.penetration', 'exhaust.guard', 'air.excess'],
    }),
  },
  warmth: {
    ducts: section('Ducts', {
      figures: {
        get 'What it warms'() {
          return [...of('warmth', 'way airFrom blowerM3H blowerPa'), ...rest('warmth')];
        },
      },
      lists: ['ducts'],
      checks: ['duct.open', 'duct.pressure', 'duct.balance', 'duct.outlet.temperature', 'duct.insulation'],
    }),
    returns: section('Ways back', { lists: ['returns'], checks: ['duct.return'] }),
    loop: section('Coolant loop', {
      figures: {
        Coolant: of('warmth', 'glycol glycolPercent tankFreeMl partsHoldL'),
        'Pump and engine': of('warmth', 'pumpKPa pumpLMin capKPa engineKg'),
      },
      lists: ['loop', 'fills'],
      checks: ['coolant'],
    }),
  },
  wiring: {
    loom: section('Loom', {
      figures: {
        'Looked over': of('wiring', 'looks'),
        'As one cable': of('wiring', 'feedLengthM cableAreaMm2 insulationC cableC bundled jointsMohm fuseA fuseFromBatteryMm'),
      },
      lists: ['loomParts', 'cables'],
      checks: ['wiring'],
    }),
    battery: section('Battery', {
      figures: {
        get 'Where it comes from'() {
          return [
            ...of(
              'wiring',
              'feedSource supplyA batteryKind batteryCapacityAh batteryRestV batteryMohm batteryC healthPercent othersA chargeA',
            ),
            ...rest('wiring'),
          ];
        },
      },
      checks: ['wiring.source', 'wiring.supply', 'wiring.battery', 'wiring.voltage'],
    }),
  },
  priming: {
    count: section('Count strokes', {
      checks: ['priming.expected', 'priming.over', 'priming.short', 'priming.air', 'priming.dry', 'priming.lockout'],
    }),
    figures: section('Figures and dose', { figures: { 'Priming sheet': sheet('priming') }, checks: ['priming.dose'] }),
    runs: section('Runs kept'),
  },
  controller: {
    settings: section('Settings', {
      figures: {
        'Gone through': of('controller', 'looks'),
        get 'As left'() {
          return rest('controller');
        },
        'As found': sheet('found'),
      },
      lists: ['settings'],
      checks: ['controller.mode', 'controller.voltage', 'controller.clock'],
    }),
    night: section('Coming nights', { lists: ['timers'], checks: ['controller.timer'] }),
    air: section('Air and fuel', {
      checks: ['controller.pump', 'controller.fan', 'controller.air', 'controller.altitude'],
    }),
    place: section('Panel and sensor', {
      figures: {
        'Panel and its lead': of('controller', 'panelLies panelXMm panelYMm leadM'),
        'Room’s sensor': of('controller', 'sensorAt sensorXMm sensorYMm'),
      },
      checks: ['controller.orientation', 'controller.sensor'],
    }),
  },
  startup: {
    start: section('Start', {
      checks: [
        'start.voltage',
        'start.glow',
        'start.ignition',
        'start.ramp',
        'start.figures',
        'start.outlet',
        'start.running',
        'start.duration',
        'start.afterrun',
        'start.smoke',
        'start.bubbles',
      ],
    }),
    hotspots: section('Hot spots', { checks: ['start.hotspots'] }),
    noise: section('Noise', { checks: ['start.noise'] }),
    faults: section('Faults', { checks: ['start.fault'] }),
    compare: section('Starts compared'),
    rehearsal: section('Rehearsal'),
  },
  proving: {
    co: section('Carbon monoxide', {
      figures: { 'Proving sheet': of('proving', 'coAlarmFitted coAlarmTested coAlarmSited') },
      lists: ['alarms'],
      checks: ['co'],
    }),
    vents: section('Openings', {
      figures: {
        get 'Air to breathe'() {
          return rest('proving');
        },
      },
      lists: ['vents'],
      checks: ['vent'],
    }),
    joints: section('Fuel joints', { checks: ['leak.fuel'] }),
    pipe: section('Exhaust joints', { checks: ['leak.exhaust'] }),
  },
  signoff: {
    sign: section('Signature', { checks: ['signoff'] }),
    evidence: section('Evidence', {
      lists: ['papers', 'licensed', 'remarks'],
      checks: ['signoff.evidence', 'signoff.competence'],
    }),
    handover: section('Hand-over', { figures: { 'Hand-over': of('proving', 'ownerTold noticesThere') }, checks: ['handover'] }),
    service: section('Service', { checks: ['service'] }),
    released: section('Hold points and waivers'),
    papers: section('Papers and record'),
  },
} as const satisfies Record<SheetId, Readonly<Record<string, Section>>>;

export type SectionId<S extends SheetId = SheetId> = S extends SheetId ? keyof (typeof sections)[S] & string : never;
export const sheetIds: readonly SheetId[] = ['measure', ...stageIds, 'heater'];
export const isSheetId = (id: string | undefined): id is SheetId => id !== undefined && Object.hasOwn(sections, id);

/** The sections of a sheet by id. */
export const sectionsOf = (id: SheetId): Readonly<Record<string, Section>> => sections[id];
