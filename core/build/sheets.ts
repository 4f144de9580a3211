import { fuels } from '../physics/fuel/fuels';
import { sources } from './fuelSources';
import { nearKinds, pipeCovers, pipeJoints, pipeStates, throughKinds } from './listKinds';
import { buildUps, glazings, type BuildUpId, type GlazingId } from '../physics/heat/buildUps';
import { choice, number, type FieldTable, type Figure, type Sheet, type ValueOf } from './field';

const fuelLabels = Object.fromEntries(Object.entries(fuels).map(([id, fuel]) => [id, fuel.label])) as Record<keyof typeof fuels, string>;
const wallLabels = Object.fromEntries(Object.entries(buildUps).map(([id, { label }]) => [id, label])) as Record<BuildUpId, string>;
const glazingLabels = Object.fromEntries(Object.entries(glazings).map(([id, { label }]) => [id, label])) as Record<GlazingId, string>;
const arrow = { withFlow: 'with the flow', againstFlow: 'against the flow' } as const;
const sourceLabels = Object.fromEntries(Object.entries(sources).map(([id, { label }]) => [id, label])) as Record<keyof typeof sources, string>;
const yesNo = { yes: 'yes', no: 'no' } as const;

/**
 * Every figure of a build: its unit, its bounds, where it sits on the run, what the quick-entry line calls it.
 * Types, validation, forms, the quick-entry grammar and the documents are all made from this table.
 * Bounds keep slips of the pen out; they are no judgement (that is what findings are for).
 */
export const sheets = {
  heater: {
    claimedOutputKw: number({ label: 'Output on the label', unit: 'kW', min: 0.5, max: 20, decimals: 1, part: 'heater', given: true }),
    supplyV: choice({ label: 'Supply', options: { v12: '12 V', v24: '24 V' }, part: 'battery', given: true }),
    strokeVolumeMl: number({ label: 'Pump dose, a stroke', unit: 'mL', min: 0.005, max: 0.2, decimals: 3, part: 'pump', words: ['dose'], given: true, hint: 'from the pump or its data sheet' }),
    pumpMinHz: number({ label: 'Lowest pump frequency', unit: 'Hz', min: 0.2, max: 10, decimals: 1, part: 'pump', given: true }),
    pumpMaxHz: number({ label: 'Highest pump frequency', unit: 'Hz', min: 0.5, max: 15, decimals: 1, part: 'pump', given: true }),
    startCurrentA: number({ label: 'Current while starting', unit: 'A', min: 1, max: 40, decimals: 1, part: 'battery', words: ['start current'], given: true, hint: 'glow plug and fan; 10 A is usual at 12 V' }),
    startMinutes: number({ label: 'Glow time at a start', unit: 'min', min: 0.2, max: 10, decimals: 1, part: 'heater', given: true }),
    runCurrentA: number({ label: 'Current while running', unit: 'A', min: 0.1, max: 10, decimals: 1, part: 'battery', given: true, hint: '1 to 1.5 A is usual at 12 V' }),
    altitudeM: number({ label: 'Highest place it will run', unit: 'm', min: 0, max: 5500, decimals: 0, part: 'heater', given: true }),
    coldestFuelC: number({ label: 'Coldest the fuel will be', unit: '°C', min: -45, max: 30, decimals: 0, part: 'tank', given: true }),
    fuelGrade: choice({ label: 'Fuel', options: fuelLabels, part: 'tank', given: true }),
    thermostat: choice({ label: 'Once it is warm, its thermostat', options: { slows: 'slows it down', pauses: 'pauses it and lights it again' }, part: 'heater', given: true, optional: true, later: true }),
    nightHours: number({ label: 'Hours of heat in a night', unit: 'h', min: 0.5, max: 24, decimals: 1, part: 'heater', given: true }),
  },
  survey: {
    insideC: number({ label: 'Wanted inside', unit: '°C', min: 0, max: 35, decimals: 0, part: 'cabin', given: true }),
    coldestC: number({ label: 'Coldest night', unit: '°C', min: -50, max: 20, decimals: 0, part: 'cabin', given: true }),
    usualNightC: number({ label: 'Usual night', unit: '°C', min: -40, max: 25, decimals: 0, part: 'cabin', given: true, hint: 'coldest hour of a night like most' }),
    volumeM3: number({ label: 'Air in the space', unit: 'm³', min: 0.5, max: 500, decimals: 1, part: 'cabin', given: true }),
    airChangesH: number({ label: 'Air changes an hour', unit: '/h', min: 0.1, max: 20, decimals: 1, part: 'cabin', given: true, hint: 'tight 0.5, usual 1 to 2, draughty 4' }),
    wallAreaM2: number({ label: 'Walls', unit: 'm²', min: 0, max: 500, decimals: 1, part: 'cabin', given: true, hint: 'all sides, without windows' }),
    wallBuildUp: choice({ label: 'Walls are', options: wallLabels, part: 'cabin', given: true }),
    roofAreaM2: number({ label: 'Roof', unit: 'm²', min: 0, max: 300, decimals: 1, part: 'cabin', given: true }),
    roofBuildUp: choice({ label: 'Roof is', options: wallLabels, part: 'cabin', given: true }),
    floorAreaM2: number({ label: 'Floor', unit: 'm²', min: 0, max: 300, decimals: 1, part: 'cabin', given: true }),
    floorBuildUp: choice({ label: 'Floor is', options: wallLabels, part: 'cabin', given: true }),
    glassAreaM2: number({ label: 'Windows', unit: 'm²', min: 0, max: 100, decimals: 1, part: 'cabin', given: true }),
    glazing: choice({ label: 'Windows are', options: glazingLabels, part: 'cabin', given: true }),
    engineFuel: choice({ label: 'The engine burns', options: { diesel: 'diesel', petrol: 'petrol', none: 'nothing, or no engine' }, part: 'tank', given: true }),
    fuelFrom: choice({ label: 'The heater draws from', options: { own: 'a tank of its own', vehicle: 'the vehicle’s fuel' }, part: 'tank', given: true }),
    fuelTaken: choice({ label: 'Taken from the vehicle', options: { tank: 'in the tank or its return', feed: 'by a tee in the feed', none: 'not at all' }, part: 'tank', given: true }),
    fuelSystem: choice({ label: 'The vehicle’s feed stands', options: { low: 'at low pressure', high: 'under pressure', unknown: 'nobody knows', none: 'there is none' }, part: 'tank', given: true }),
    heaterSits: choice({ label: 'The heater will sit', options: { inside: 'inside', under: 'under the floor' }, part: 'heater', given: true }),
    waterAndSalt: choice({ label: 'The vehicle', options: { neither: 'stays on dry roads', salted: 'is driven on salted roads', wades: 'wades' }, part: 'heater', given: true }),
    accessoriesV: choice({ label: 'Pump and controller for', options: { v12: '12 V', v24: '24 V', none: 'not said' }, part: 'battery', given: true }),
  },
  people: {
    asleep: number({ label: 'People asleep inside', unit: 'pieces', min: 0, max: 40, decimals: 0, part: 'cabin', given: true }),
    inspectedAs: choice({ label: 'It will be inspected as', options: { road: 'a road vehicle', leisure: 'a leisure vehicle', boat: 'a boat', building: 'a building', nobody: 'nobody has asked' }, part: 'heater', given: true }),
    markWanted: choice({ label: 'The inspector wants an approval mark', options: { yes: 'yes', no: 'no', unknown: 'not asked yet' }, part: 'heater', given: true, hint: 'ask now, not at the end' }),
    lowestAltitudeM: number({ label: 'Lowest place it will run', unit: 'm', min: -400, max: 5500, decimals: 0, part: 'heater', given: true, optional: true }),
    wadingDepthMm: number({ label: 'Wades to', unit: 'mm', min: 0, max: 2000, decimals: 0, part: 'heater', given: true, hint: '0 where it never does' }),
  },
  uncertainties: {
    uOffPercent: number({ label: 'Walls may lose more by', unit: '%', min: 0, max: 150, decimals: 0, part: 'cabin', given: true, hint: 'ribs and frames behind the lining; 75 % where nothing is given' }),
    airMinH: number({ label: 'Air changes, least', unit: '/h', min: 0.1, max: 20, decimals: 1, part: 'cabin', given: true, hint: 'half of the likely where nothing is given' }),
    airMaxH: number({ label: 'Air changes, most', unit: '/h', min: 0.1, max: 20, decimals: 1, part: 'cabin', given: true, hint: 'twice the likely where nothing is given' }),
    coldestMinC: number({ label: 'Coldest night, at the worst', unit: '°C', min: -60, max: 20, decimals: 0, part: 'cabin', given: true, hint: '4 K colder where nothing is given' }),
    coldestMaxC: number({ label: 'Coldest night, at the mildest', unit: '°C', min: -50, max: 25, decimals: 0, part: 'cabin', given: true, hint: '3 K milder where nothing is given' }),
    doseOffPercent: number({ label: 'Pump may give more or less by', unit: '%', min: 0, max: 50, decimals: 0, part: 'pump', given: true, hint: '6 % where nothing is given' }),
    shellOffPercent: number({ label: 'Shell may take more or less heat by', unit: '%', min: 0, max: 80, decimals: 0, part: 'cabin', given: true, hint: '40 % where nothing is given' }),
  },
  kit: {
    plateV: choice({ label: 'Plate: voltage', options: { v12: '12 V', v24: '24 V', unreadable: 'can’t be read' }, part: 'heater', given: true }),
    plateOutputKw: number({ label: 'Plate: output', unit: 'kW', min: 0.5, max: 20, decimals: 1, part: 'heater', given: true, optional: true }),
    plateFuel: choice({ label: 'Plate: fuel', options: { diesel: 'diesel', petrol: 'petrol', unreadable: 'can’t be read' }, part: 'heater', given: true }),
    plateAltitudeM: number({ label: 'Plate or manual: made for up to', unit: 'm', min: 0, max: 6000, decimals: 0, part: 'heater', given: true, optional: true, hint: 'empty where it says nothing' }),
    replaces: choice({ label: 'It takes the place of', options: { nothing: 'no older heater', old: 'an older heater' }, part: 'heater', given: true }),
    oldExhaust: choice({ label: 'Exhaust is', options: { new: 'new', reused: 'the old one' }, part: 'exhaust', given: true }),
    oldExhaustLooked: choice({ label: 'Old exhaust looked through', options: { clear: 'clear from end to end', blocked: 'blocked: nest, husks, soot', no: 'not yet' }, part: 'exhaust', given: true, optional: true }),
    oldWiringLooked: choice({ label: 'Old wiring looked over', options: { sound: 'sound', chafed: 'chafed', no: 'not yet', none: 'none is kept' }, part: 'battery', given: true, optional: true }),
  },
  siting: {
    floorLengthMm: number({ label: 'Floor, front to rear', unit: 'mm', min: 100, max: 20000, decimals: 0, part: 'cabin', given: true }),
    floorWidthMm: number({ label: 'Floor, left to right', unit: 'mm', min: 100, max: 10000, decimals: 0, part: 'cabin', given: true }),
    heaterLengthMm: number({ label: 'Heater, long', unit: 'mm', min: 100, max: 1200, decimals: 0, part: 'heater', given: true }),
    heaterWidthMm: number({ label: 'Heater, wide', unit: 'mm', min: 60, max: 800, decimals: 0, part: 'heater', given: true }),
    heaterHeightMm: number({ label: 'Heater, high', unit: 'mm', min: 60, max: 800, decimals: 0, part: 'heater', given: true }),
    mayLie: choice({ label: 'Its maker lets it lie', options: { flat: 'flat only', side: 'flat, or on one side' }, part: 'heater', given: true }),
    heaterXMm: number({ label: 'Heater’s middle, from the front', unit: 'mm', min: 0, max: 20000, decimals: 0, part: 'heater', words: ['heater from front'] }),
    heaterYMm: number({ label: 'Heater’s middle, from the left', unit: 'mm', min: 0, max: 10000, decimals: 0, part: 'heater', words: ['heater from left'] }),
    heaterTurnDeg: number({ label: 'Hot end turned to the left by', unit: 'deg', min: 0, max: 359, decimals: 0, part: 'heater', hint: '0: hot end to the rear; 90: to the right', words: ['heater turn'] }),
    heaterLies: choice({ label: 'The heater lies', options: { flat: 'flat', sideUp: 'on its side, inlet and plug on top', sideDown: 'on its side, inlet or plug below', onEnd: 'on end', upsideDown: 'upside down' }, part: 'heater' }),
    lookedBelow: choice({ label: 'Looked below the place', options: { yes: 'yes, and drawn', no: 'not yet' }, part: 'heater', given: true, hint: 'drop line, torch, or a 2.5 mm pilot hole' }),
    inletClearMm: number({ label: 'Clear in front of the air inlet', unit: 'mm', min: 0, max: 3000, decimals: 0, part: 'heater', words: ['inlet clearance'] }),
    hotClearMm: number({ label: 'Clear at the hot end', unit: 'mm', min: 0, max: 3000, decimals: 0, part: 'heater', words: ['hot clearance'] }),
    ductMm: number({ label: 'Warm-air duct, across', unit: 'mm', min: 20, max: 150, decimals: 0, part: 'heater', given: true, hint: '60, 75, 90 and 100 are met' }),
    liftOutMm: number({ label: 'Free above, to lift it out', unit: 'mm', min: 0, max: 3000, decimals: 0, part: 'heater' }),
    openingSide: choice({ label: 'It can be reached for service', options: yesNo, part: 'heater' }),
    boxed: choice({ label: 'Boxed in below the floor', options: yesNo, part: 'heater' }),
    boxRoundMm: number({ label: 'Free round it in the box', unit: 'mm', min: 0, max: 500, decimals: 0, part: 'heater' }),
    loomGrommet: choice({ label: 'Loom and line pass through grommets', options: yesNo, part: 'battery', found: true }),
    ductToXMm: number({ label: 'Duct goes to, from the front', unit: 'mm', min: 0, max: 20000, decimals: 0, part: 'cabin', given: true, optional: true }),
    ductToYMm: number({ label: 'Duct goes to, from the left', unit: 'mm', min: 0, max: 10000, decimals: 0, part: 'cabin', given: true, optional: true }),
    fuelFromXMm: number({ label: 'Fuel comes from, from the front', unit: 'mm', min: 0, max: 20000, decimals: 0, part: 'tank', given: true, optional: true }),
    fuelFromYMm: number({ label: 'Fuel comes from, from the left', unit: 'mm', min: 0, max: 10000, decimals: 0, part: 'tank', given: true, optional: true }),
    batteryXMm: number({ label: 'Battery, from the front', unit: 'mm', min: 0, max: 20000, decimals: 0, part: 'battery', given: true, optional: true }),
    batteryYMm: number({ label: 'Battery, from the left', unit: 'mm', min: 0, max: 10000, decimals: 0, part: 'battery', given: true, optional: true }),
    mount: choice({ label: 'It stands', options: { floor: 'over holes in the floor', shelf: 'on a shelf or bracket, no hole below it' }, part: 'heater', given: true, optional: true, later: true, hint: 'over the floor where nothing is given' }),
    studThread: choice({ label: 'Studs', options: { M5: 'M5', M6: 'M6', M8: 'M8', M10: 'M10' }, part: 'heater', given: true }),
    studLengthMm: number({ label: 'Studs, length below the foot', unit: 'mm', min: 5, max: 200, decimals: 1, part: 'heater', words: ['stud length', 'studs'] }),
    spigotLengthMm: number({ label: 'Shortest spigot below the foot', unit: 'mm', min: 5, max: 300, decimals: 1, part: 'heater', words: ['spigot'], hint: 'fuel, air and exhaust: the shortest of the three' }),
    clampWidthMm: number({ label: 'Clamp or hose end, width', unit: 'mm', min: 5, max: 60, decimals: 1, part: 'heater', given: true }),
    screwLengthMm: number({ label: 'Screws, length below the head', unit: 'mm', min: 0, max: 150, decimals: 1, part: 'heater', hint: '0 where there are none' }),
    tapThread: choice({ label: 'Tapped holes', options: { none: 'none', M5: 'M5', M6: 'M6', M8: 'M8', M10: 'M10' }, part: 'heater', given: true }),
    tapDrillMm: number({ label: 'Drill for the tap', unit: 'mm', min: 2, max: 12, decimals: 1, part: 'heater' }),
    pumpLeadThreaded: choice({ label: 'Pump lead through its slot in the plate', options: yesNo, part: 'pump', found: true }),
    hosesOn: choice({ label: 'Hoses and exhaust on their spigots', options: yesNo, part: 'exhaust', found: true }),
    clampHeads: choice({ label: 'Clamp heads', options: { clear: 'clear of the shroud', foul: 'foul it' }, part: 'exhaust', found: true }),
    cutEdges: choice({ label: 'Cut edges', options: { painted: 'deburred, primed, painted', deburred: 'deburred only', bare: 'bare', notSteel: 'no steel was cut' }, part: 'heater', found: true }),
    aboveGroundMm: number({ label: 'Heater’s lowest point above the ground', unit: 'mm', min: 0, max: 4000, decimals: 0, part: 'heater' }),
  },
  fuel: {
    tankLengthMm: number({ label: 'Tank, length', unit: 'mm', min: 50, max: 2000, decimals: 0, part: 'tank' }),
    tankHeightMm: number({ label: 'Tank, inside height', unit: 'mm', min: 50, max: 1000, decimals: 0, part: 'tank' }),
    fuelLevelMm: number({ label: 'Fuel standing in it', unit: 'mm', min: 0, max: 1000, decimals: 0, part: 'tank', found: true, words: ['fuel level', 'level'], hint: 'by a clean stick, from the tank’s floor' }),
    pickupKind: choice({ label: 'Pickup', options: { standpipe: 'standpipe', bottomOutlet: 'bottom outlet', sideOutlet: 'outlet low in side' }, part: 'pickup' }),
    pickupClearanceMm: number({ label: 'Pickup above tank floor', unit: 'mm', min: 0, max: 500, decimals: 0, part: 'pickup', words: ['pickup', 'pickup clearance', 'clearance'] }),
    suctionLengthM: number({ label: 'Suction line, tank to pump', unit: 'm', min: 0.05, max: 15, decimals: 2, part: 'suction', words: ['suction', 'suction line', 'suction length'] }),
    suctionBoreMm: number({ label: 'Bore, suction line', unit: 'mm', min: 0.5, max: 15, decimals: 1, part: 'suction', words: ['suction bore'] }),
    filterPlace: choice({ label: 'Filter', options: { beforePump: 'before the pump', afterPump: 'after the pump', none: 'no filter' }, part: 'filter' }),
    filterDirection: choice({ label: 'Filter’s arrow', options: arrow, part: 'filter', found: true }),
    jointGapMm: number({ label: 'Widest gap in a joint', unit: 'mm', min: 0, max: 50, decimals: 1, part: 'suction', found: true, words: ['gap', 'joint gap', 'joint'], hint: 'line ends must butt inside the rubber: 0' }),
    pumpDirection: choice({ label: 'Pump’s arrow', options: arrow, part: 'pump', found: true }),
    pumpAngleDeg: number({ label: 'Pump angle, outlet up', unit: 'deg', min: -90, max: 90, decimals: 0, part: 'pump', words: ['pump', 'pump angle', 'angle'] }),
    pumpAboveTankFloorMm: number({ label: 'Pump inlet above tank floor', unit: 'mm', min: -1500, max: 2500, decimals: 0, part: 'pump', words: ['pump height'], hint: 'minus where it hangs lower' }),
    pressureLengthM: number({ label: 'Line, pump to heater', unit: 'm', min: 0.1, max: 20, decimals: 2, part: 'line', words: ['line', 'pressure line', 'line length'] }),
    pressureBoreMm: number({ label: 'Bore, pump to heater', unit: 'mm', min: 0.5, max: 15, decimals: 1, part: 'line', words: ['line bore', 'pressure bore'] }),
    heaterAboveTankFloorMm: number({ label: 'Heater’s inlet above tank floor', unit: 'mm', min: -1500, max: 3000, decimals: 0, part: 'heater', words: ['heater height'] }),
  },
  tank: {
    way: choice({ label: 'Fuel comes from', options: sourceLabels, part: 'tank', given: true }),
    secondTank: choice({ label: 'A second tank', options: { none: 'none', beforePump: 'tee’d in before the pump', afterPump: 'tee’d in after the pump' }, part: 'tank', given: true }),
    fuelState: choice({ label: 'What is in it', options: { fresh: 'fresh fuel from a pump', old: 'old, or nobody knows', petrol: 'petrol has got into it', water: 'water or dirt in it' }, part: 'tank', given: true }),
    fuelAllowed: choice({ label: 'This fuel may be burnt here', options: { yes: 'yes, asked', no: 'no', unknown: 'not asked yet' }, part: 'tank', given: true, optional: true, hint: 'only for fuel that is no road diesel: ask, by the local code' }),
    blendFuel: choice({ label: 'Blended with', options: fuelLabels, part: 'tank', given: true, optional: true }),
    blendPercent: number({ label: 'Of that, by volume', unit: '%', min: 0, max: 100, decimals: 0, part: 'tank', given: true, optional: true, hint: '0 or empty where it is not blended' }),
    shape: choice({ label: 'Tank’s shape', options: { box: 'a box', upright: 'a cylinder, upright', lying: 'a cylinder, lying', prism: 'by its outline', dips: 'by a dip table' }, part: 'tank', given: true }),
    widthMm: number({ label: 'Tank, inside width', unit: 'mm', min: 20, max: 2000, decimals: 0, part: 'tank', given: true, optional: true, hint: 'a box or an outline; a cylinder has none' }),
    wallMm: number({ label: 'Tank’s wall', unit: 'mm', min: 0.5, max: 30, decimals: 1, part: 'tank', given: true, optional: true, hint: '4 mm where it is not known' }),
    emptyKg: number({ label: 'Tank, empty, weighs', unit: 'kg', min: 0.1, max: 500, decimals: 1, part: 'tank', given: true }),
    lowered: choice({ label: 'Tank is lowered or lifted full', options: { one: 'by one person', two: 'by two people', jack: 'on a jack or a trolley', stays: 'it stays where it is' }, part: 'tank', given: true }),
    spaceLengthMm: number({ label: 'Room for it, length', unit: 'mm', min: 20, max: 5000, decimals: 0, part: 'tank', given: true, optional: true }),
    spaceWidthMm: number({ label: 'Room for it, width', unit: 'mm', min: 20, max: 5000, decimals: 0, part: 'tank', given: true, optional: true }),
    spaceHeightMm: number({ label: 'Room for it, height', unit: 'mm', min: 20, max: 3000, decimals: 0, part: 'tank', given: true, optional: true }),
    fittingsAboveMm: number({ label: 'Fittings stand above it', unit: 'mm', min: 0, max: 500, decimals: 0, part: 'tank', given: true, optional: true }),
    paper: choice({ label: 'Tank is', options: { certified: 'bought, with its certificate', bought: 'bought, no certificate', tested: 'home-made, tested at 0.3 bar', untested: 'home-made, not tested', welded: 'welded after it had held fuel', vehicle: 'the vehicle’s own' }, part: 'tank', given: true }),
    place: choice({ label: 'Tank stands', options: { outside: 'outside', locker: 'in a locker vented to outside', living: 'where people live', heaterBay: 'in the heater’s own compartment', vehicle: 'where the vehicle has it' }, part: 'tank' }),
    guard: choice({ label: 'Guarded from sun and stones', options: { yes: 'yes', no: 'no', notNeeded: 'nothing can reach it' }, part: 'tank' }),
    vent: choice({ label: 'Tank’s vent ends', options: { filtered: 'outside and low, with a filter', bare: 'outside, no filter', inside: 'inside', none: 'there is none', vehicle: 'as the vehicle has it' }, part: 'tank' }),
    filler: choice({ label: 'Tank is filled', options: { outside: 'from outside', inside: 'inside, where people live', taken: 'taken out to be filled', vehicle: 'by the vehicle’s filler' }, part: 'tank' }),
    restraint: choice({ label: 'Tank is held by', options: { crash: 'straps or brackets that hold in a crash', screws: 'screws into trim', stretch: 'something that stretches', none: 'nothing', vehicle: 'the vehicle’s own straps' }, part: 'tank' }),
    depthAtSpotMm: number({ label: 'Depth at the pickup’s spot', unit: 'mm', min: 20, max: 2000, decimals: 0, part: 'pickup', given: true, optional: true, hint: 'from the flange’s seat to the floor, by a clean stick at that very spot' }),
    flangeStackMm: number({ label: 'Flange and seal above the seat', unit: 'mm', min: 0, max: 200, decimals: 1, part: 'pickup', given: true, optional: true }),
    cutOffMm: number({ label: 'Cut and measure may be off by ±', unit: 'mm', min: 0, max: 30, decimals: 1, part: 'pickup', given: true, optional: true, hint: '2 mm where nothing is given' }),
    cutMm: number({ label: 'Standpipe was cut to', unit: 'mm', min: 10, max: 2000, decimals: 0, part: 'pickup', given: true, optional: true }),
    standpipeBoreMm: number({ label: 'Standpipe, inside across', unit: 'mm', min: 1, max: 20, decimals: 1, part: 'pickup', given: true, optional: true, later: true, hint: '4 mm where nothing is given' }),
    holeMm: number({ label: 'Hole for the fitting', unit: 'mm', min: 1, max: 80, decimals: 1, part: 'pickup', given: true }),
    fittingMm: number({ label: 'Fitting, across where it passes', unit: 'mm', min: 1, max: 80, decimals: 1, part: 'pickup', given: true, hint: 'measure it; 7, 7.8, 8 and 16 mm are all met' }),
    reserveL: number({ label: 'Fuel to be left for the engine', unit: 'L', min: 0, max: 500, decimals: 1, part: 'pickup', given: true, optional: true }),
  },
  line: {
    strokeMs: number({ label: 'Pump’s stroke lasts', unit: 'ms', min: 10, max: 300, decimals: 0, part: 'pump', given: true, optional: true, later: true, hint: '40 to 100 ms are taken where nobody has measured it' }),
    pumpMount: choice({ label: 'Pump hangs', options: { rubber: 'in its rubber, on a bracket', tie: 'by a cable tie', hard: 'bolted hard', loose: 'loose' }, part: 'pump' }),
    clipsApartMm: number({ label: 'Clips stand apart', unit: 'mm', min: 20, max: 5000, decimals: 0, part: 'line', optional: true, later: true, words: ['clips', 'clip spacing'], hint: 'where they stand farthest; counts until the line is entered piece by piece' }),
    passes: choice({ label: 'On its way the line passes', options: { clear: 'nothing that could hurt it', hot: 'the exhaust or another hot part, with no heat sleeve', brake: 'a brake pipe that it is tied to', kinked: 'a kink', sharp: 'a bare sharp edge' }, part: 'line', optional: true, later: true, hint: 'the worst of it; counts until the line is entered piece by piece' }),
    stockM: number({ label: 'Line is sold by', unit: 'm', min: 0.5, max: 100, decimals: 1, part: 'line', given: true, optional: true, hint: '5 m where nothing is given' }),
    kitLineM: number({ label: 'Line in the kit', unit: 'm', min: 0, max: 100, decimals: 2, part: 'line', given: true, optional: true }),
    kitConduitM: number({ label: 'Conduit in the kit', unit: 'm', min: 0, max: 100, decimals: 2, part: 'line', given: true, optional: true }),
    shutOff: choice({ label: 'Against fuel running down to the heater', options: { none: 'nothing', valve: 'a valve that is shut while the heater is off' }, part: 'line', given: true, optional: true, later: true, hint: 'wanted where fuel can stand above the heater’s inlet' }),
    kitLineClips: number({ label: 'Line clips in the kit', unit: 'pieces', min: 0, max: 200, decimals: 0, part: 'line', given: true, optional: true }),
  },
  air: {
    intakeFrom: choice({ label: 'Combustion air comes from', options: { outside: 'outside', cabin: 'where people are', locker: 'an inside locker' }, part: 'intake' }),
    intakeLengthM: number({ label: 'Intake pipe', unit: 'm', min: 0.05, max: 5, decimals: 2, part: 'intake', words: ['intake', 'intake length'] }),
    intakeFallMm: number({ label: 'Intake falls to its end', unit: 'mm', min: -1000, max: 2000, decimals: 0, part: 'intake', words: ['intake fall'] }),
    endsApartMm: number({ label: 'Intake end to exhaust end', unit: 'mm', min: 0, max: 10000, decimals: 0, part: 'intake', words: ['ends apart', 'apart', 'separation'] }),
    endsFacing: choice({ label: 'The two ends point', options: { opposite: 'opposite ways', sameWay: 'the same way', towards: 'towards each other' }, part: 'intake' }),
    exhaustLengthM: number({ label: 'Exhaust pipe', unit: 'm', min: 0.1, max: 8, decimals: 2, part: 'exhaust', words: ['exhaust', 'exhaust length'] }),
    exhaustFallMm: number({ label: 'Exhaust falls to its end', unit: 'mm', min: -1500, max: 2500, decimals: 0, part: 'exhaust', words: ['exhaust fall'] }),
    exhaustPastOutlineMm: number({ label: 'Exhaust end past the outline', unit: 'mm', min: -3000, max: 1500, decimals: 0, part: 'exhaust', words: ['past outline', 'exhaust end'], hint: 'minus where it stops short, underneath' }),
    exhaustLowPoint: choice({ label: 'Water in the exhaust', options: { fallsAll: 'falls all the way', drilled: 'low point, drilled', drilledOut: 'low point, drilled, in the open air', trap: 'low point with a closed trap, drained outside', undrilled: 'low point, no hole' }, part: 'exhaust' }),
    mufflerHole: choice({ label: 'Muffler’s drain hole', options: { lowest: 'lowest', notLowest: 'not lowest', lowestOut: 'lowest, in the open air', closed: 'gas-tight, no hole', noMuffler: 'no muffler' }, part: 'exhaust', found: true }),
  },
  ends: {
    exhaustXMm: number({ label: 'Exhaust’s end, from the floor’s front', unit: 'mm', min: -6000, max: 26000, decimals: 0, part: 'exhaust', optional: true, words: ['exhaust from front'] }),
    exhaustYMm: number({ label: 'Exhaust’s end, from the floor’s left', unit: 'mm', min: -4000, max: 14000, decimals: 0, part: 'exhaust', optional: true, hint: 'minus where it is out past the left side', words: ['exhaust from left'] }),
    exhaustHighMm: number({ label: 'Free below the exhaust’s end', unit: 'mm', min: 0, max: 6000, decimals: 0, part: 'exhaust', hint: 'to the ground, or to snow or water where that stands higher: the least it ever is' }),
    exhaustPoints: choice({ label: 'Exhaust’s end points', options: { away: 'sideways, away', rearward: 'rearward', down: 'down', forward: 'forward', body: 'at the body', atFuel: 'at a tank, a hose, a tyre or an oil pan' }, part: 'exhaust' }),
    exhaustOpeningMm: number({ label: 'Exhaust’s end to the nearest opening', unit: 'mm', min: 0, max: 20000, decimals: 0, part: 'exhaust', hint: 'window that opens, door, vent, air inlet' }),
    intakeXMm: number({ label: 'Intake’s end, from the floor’s front', unit: 'mm', min: -6000, max: 26000, decimals: 0, part: 'intake', optional: true }),
    intakeYMm: number({ label: 'Intake’s end, from the floor’s left', unit: 'mm', min: -4000, max: 14000, decimals: 0, part: 'intake', optional: true }),
    intakeHighMm: number({ label: 'Free below the intake’s end', unit: 'mm', min: 0, max: 6000, decimals: 0, part: 'intake', optional: true, hint: 'as for the exhaust’s end' }),
    intakePoints: choice({ label: 'Intake’s end points', options: { down: 'down', rearward: 'rearward', away: 'sideways', forward: 'forward' }, part: 'intake' }),
    intakeBlocked: choice({ label: 'What can reach the intake’s end', options: { nothing: 'nothing', snow: 'snow or slush', leaves: 'leaves, mud or nests', spray: 'spray from a wheel' }, part: 'intake' }),
    pastFrontMm: number({ label: 'Body’s outline in front of the floor', unit: 'mm', min: 0, max: 6000, decimals: 0, part: 'cabin', given: true, optional: true, hint: '40 mm where nothing is given' }),
    pastRearMm: number({ label: 'Body’s outline behind the floor', unit: 'mm', min: 0, max: 6000, decimals: 0, part: 'cabin', given: true, optional: true, hint: '40 mm where nothing is given' }),
    pastSidesMm: number({ label: 'Body’s outline beside the floor', unit: 'mm', min: 0, max: 2000, decimals: 0, part: 'cabin', given: true, optional: true, hint: '40 mm where nothing is given' }),
  },
  pipes: {
    exhaustBoreMm: number({ label: 'Exhaust’s bore', unit: 'mm', min: 5, max: 120, decimals: 0, part: 'exhaust' }),
    exhaustBendsDeg: number({ label: 'Exhaust’s bends, all together', unit: 'deg', min: 0, max: 1440, decimals: 0, part: 'exhaust', hint: 'one right angle is 90°' }),
    intakeBoreMm: number({ label: 'Intake’s bore', unit: 'mm', min: 5, max: 120, decimals: 0, part: 'intake' }),
    intakeBendsDeg: number({ label: 'Intake’s bends, all together', unit: 'deg', min: 0, max: 1440, decimals: 0, part: 'intake', optional: true, hint: '90° where nothing is given' }),
    cover: choice({ label: 'Exhaust is covered by', options: pipeCovers, part: 'exhaust' }),
    near: choice({ label: 'Exhaust passes near', options: nearKinds, part: 'exhaust', hint: 'the one that bears least' }),
    nearMm: number({ label: 'At a distance of', unit: 'mm', min: 0, max: 3000, decimals: 0, part: 'exhaust', hint: 'between the two surfaces' }),
    shield: choice({ label: 'A metal shield between', options: yesNo, part: 'exhaust', optional: true }),
    through: choice({ label: 'Exhaust passes through', options: throughKinds, part: 'exhaust' }),
    gapMm: number({ label: 'Free round the exhaust there', unit: 'mm', min: 0, max: 200, decimals: 0, part: 'exhaust' }),
    timberMm: number({ label: 'That timber is thick', unit: 'mm', min: 1, max: 300, decimals: 0, part: 'exhaust', optional: true, hint: 'as the floor’s timber where nothing is given' }),
    supportsApartMm: number({ label: 'Supports of the exhaust stand apart', unit: 'mm', min: 0, max: 5000, decimals: 0, part: 'exhaust' }),
    burnerJoint: choice({ label: 'Joint at the burner', options: pipeJoints, part: 'exhaust', found: true }),
    reach: choice({ label: 'A hand or a child can touch the exhaust', options: { no: 'no', guarded: 'no, it is guarded', yes: 'yes' }, part: 'exhaust' }),
    state: choice({ label: 'Exhaust’s pipe is', options: pipeStates, part: 'exhaust', optional: true }),
    silencer: choice({ label: 'Intake silencer or filter', options: { clean: 'fitted', none: 'none', blocked: 'fitted, blocked' }, part: 'intake' }),
    co2Percent: number({ label: 'CO₂ by analyser, at full', unit: '%', min: 0, max: 16, decimals: 1, part: 'exhaust', found: true, optional: true }),
    o2Percent: number({ label: 'O₂ by analyser, at full', unit: '%', min: 0, max: 21, decimals: 1, part: 'exhaust', found: true, optional: true }),
  },
  warmth: {
    way: choice({ label: 'The heater warms', options: { ducts: 'air, led by ducts', loop: 'coolant in a loop' }, part: 'cabin', given: true }),
    blowerM3H: number({ label: 'Warm air at full, blowing freely', unit: 'm³/h', min: 5, max: 2000, decimals: 0, part: 'heater', given: true, optional: true, hint: 'from its manual; 42 m³/h a kW of its output where nothing is given' }),
    blowerPa: number({ label: 'Blower against a shut end', unit: 'Pa', min: 20, max: 3000, decimals: 0, part: 'heater', given: true, optional: true, hint: 'from its manual; 250 Pa where nothing is given' }),
    airFrom: choice({ label: 'The air it warms comes from', options: { inside: 'inside, round and round', mixed: 'inside and outside', outside: 'outside' }, part: 'cabin', given: true, optional: true, hint: 'from inside where nothing is given' }),
    pumpKPa: number({ label: 'Circulation pump against a shut end', unit: 'kPa', min: 1, max: 200, decimals: 1, part: 'heater', given: true, optional: true, hint: 'from its manual; 15 kPa where nothing is given' }),
    pumpLMin: number({ label: 'Circulation pump, running freely', unit: 'L/min', min: 1, max: 200, decimals: 1, part: 'heater', given: true, optional: true, hint: 'from its manual; 25 L/min where nothing is given' }),
    glycol: choice({ label: 'Coolant is', options: { ethylene: 'ethylene glycol and water', propylene: 'propylene glycol and water', water: 'water alone', unknown: 'nobody knows' }, part: 'heater', found: true, optional: true }),
    glycolPercent: number({ label: 'Glycol in it, by volume', unit: '%', min: 0, max: 100, decimals: 0, part: 'heater', found: true, optional: true, hint: 'by a refractometer, or by what was poured' }),
    partsHoldL: number({ label: 'Engine, matrix and other parts hold', unit: 'L', min: 0, max: 100, decimals: 1, part: 'heater', given: true, optional: true, hint: 'without the hoses, which are counted by length and bore' }),
    tankFreeMl: number({ label: 'Room in the expansion tank, cold', unit: 'mL', min: 0, max: 20000, decimals: 0, part: 'heater', found: true, optional: true }),
    engineKg: number({ label: 'Engine block weighs', unit: 'kg', min: 10, max: 3000, decimals: 0, part: 'heater', given: true, optional: true }),
  },
  wiring: {
    feedSource: choice({ label: 'Feed comes from', options: { leisure: 'leisure battery', starter: 'starter battery', panel: 'a control panel', socket: 'a socket', mains: 'mains power supply' }, part: 'battery' }),
    batteryKind: choice({ label: 'Battery', options: { agm: 'AGM or gel', flooded: 'flooded lead-acid', lithium: 'lithium' }, part: 'battery' }),
    batteryCapacityAh: number({ label: 'Capacity', unit: 'Ah', min: 5, max: 2000, decimals: 0, part: 'battery', words: ['capacity', 'battery capacity'] }),
    batteryRestV: number({ label: 'Battery at rest', unit: 'V', min: 6, max: 32, decimals: 2, part: 'battery', found: true, words: ['battery', 'rest', 'at rest', 'battery at rest'] }),
    batteryMohm: number({ label: 'Battery’s own resistance', unit: 'mΩ', min: 0.1, max: 500, decimals: 1, part: 'battery', found: true, words: ['battery resistance'], hint: 'by a tester, or volts lost ÷ amps' }),
    feedLengthM: number({ label: 'Feed, one way', unit: 'm', min: 0.1, max: 40, decimals: 1, part: 'battery', words: ['feed', 'feed length', 'cable length'] }),
    cableAreaMm2: number({ label: 'Cable', unit: 'mm²', min: 0.2, max: 70, decimals: 2, part: 'battery', words: ['cable', 'feed cable'], hint: 'mm², or a gauge: 12 AWG' }),
    insulationC: choice({ label: 'Insulation rated', options: { c70: '70 °C', c90: '85 to 90 °C', c105: '105 °C' }, part: 'battery' }),
    cableC: number({ label: 'Cable will be at', unit: '°C', min: -30, max: 90, decimals: 0, part: 'battery', given: true }),
    bundled: number({ label: 'Loaded wires in one bundle', unit: 'pieces', min: 1, max: 60, decimals: 0, part: 'battery', given: true, optional: true, later: true, hint: 'both wires of the feed count; up to 3 where nothing is given' }),
    batteryC: number({ label: 'Battery will be at', unit: '°C', min: -40, max: 50, decimals: 0, part: 'battery', given: true, optional: true, later: true, hint: 'as the coldest night where nothing is given' }),
    jointsMohm: number({ label: 'Fuse holder and joints', unit: 'mΩ', min: 0, max: 500, decimals: 0, part: 'battery', found: true, words: ['joints'], hint: 'about 5 mΩ for good crimps' }),
    fuseA: number({ label: 'Fuse', unit: 'A', min: 0, max: 100, decimals: 1, part: 'battery', words: ['fuse'], hint: '0 where there is none' }),
    fuseFromBatteryMm: number({ label: 'Fuse from battery post', unit: 'mm', min: 0, max: 20000, decimals: 0, part: 'battery', words: ['fuse distance'], hint: 'along the cable' }),
  },
  priming: {
    filterVolumeMl: number({ label: 'Filter holds', unit: 'mL', min: 0, max: 200, decimals: 1, part: 'filter', words: ['filter volume'] }),
    preFilledMl: number({ label: 'Filled by syringe before', unit: 'mL', min: 0, max: 500, decimals: 1, part: 'line', found: true, words: ['prefilled', 'syringe'] }),
    primingHz: number({ label: 'Pump frequency while priming', unit: 'Hz', min: 0.2, max: 15, decimals: 1, part: 'pump', words: ['priming frequency'] }),
  },
  proving: {
    coAlarmFitted: choice({ label: 'Carbon monoxide alarm in the space', options: yesNo, part: 'cabin', found: true }),
    coAlarmTested: choice({ label: 'Its test button sounded it', options: yesNo, part: 'cabin', found: true }),
    coAlarmSited: choice({ label: 'Sited by its own instructions', options: yesNo, part: 'cabin', found: true }),
  },
} as const satisfies Record<string, FieldTable>;

export type Sheets = typeof sheets;
export type SheetId = keyof Sheets;
export type SheetValues = { [S in SheetId]: Sheet<Sheets[S]> };
export type FigurePath = { [S in SheetId]: `${S}.${keyof Sheets[S] & string}` }[SheetId];
export type ValueAt<P extends FigurePath> = P extends `${infer S extends SheetId}.${infer K}` ? (K extends keyof Sheets[S] ? ValueOf<Sheets[S][K]> : never) : never;

export const sheetIds = Object.keys(sheets) as SheetId[];
/** Sheets that came after the first builds were kept: a document without them is whole, and its signature still holds. */
export const laterSheets: readonly SheetId[] = ['survey', 'people', 'uncertainties', 'kit', 'siting', 'tank', 'line', 'ends', 'pipes', 'warmth'];
export const figurePaths = sheetIds.flatMap((sheet) => Object.keys(sheets[sheet]).map((name) => `${sheet}.${name}` as FigurePath));

/** Each figure's place and table row, looked up once: findings ask for them by the thousand. */
const rows = new Map(
  figurePaths.map((path) => {
    const [sheet, name] = path.split('.') as [SheetId, string];
    return [path, { sheet, name, field: (sheets[sheet] as FieldTable)[name] as FieldTable[string] }] as const;
  }),
);
const blank: Figure<never> = { planned: null, fitted: null };

/** The table row of a figure. Throws where no such figure exists: callers at a boundary ask `isFigurePath` first. */
export function fieldAt(path: FigurePath) {
  const found = rows.get(path);
  if (!found) throw new Error(`No figure is called ${path}.`);
  return found.field;
}

export const isFigurePath = (path: string): path is FigurePath => rows.has(path as FigurePath);

export function figureAt(values: SheetValues, path: FigurePath): Figure<number | string> {
  const at = rows.get(path);
  return (at && (values[at.sheet] as Record<string, Figure<number | string>> | undefined)?.[at.name]) ?? blank;
}

/** What counts now: as fitted where measured, else as planned. */
export function valueAt<P extends FigurePath>(values: SheetValues, path: P): ValueAt<P> | null {
  const figure = figureAt(values, path);
  return (figure.fitted ?? figure.planned) as ValueAt<P> | null;
}
