import { fuels } from '../../physics/fuel/fuels';
import { choice, number, type FieldTable } from '../field';
import { sources } from '../fuelSources';
import { labelsOf } from '../labels';

const fuelLabels = labelsOf(fuels);
const sourceLabels = labelsOf(sources);
const arrow = { withFlow: 'with the flow', againstFlow: 'against the flow' } as const;

/** Fuel line, tank and what belongs to them. */
export const fuelSheets = {
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
} as const satisfies Record<string, FieldTable>;
