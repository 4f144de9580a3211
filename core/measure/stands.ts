import type { ListId } from '../build/lists';
import { fieldAt, type FigurePath } from '../build/sheets';
import type { Part } from '../build/field';

/** Where a person stands to measure, in the order of least walking: what is asked at a table first, what lies outside last. */
export const walkPlaces = {
  owner: 'Ask before you begin',
  bench: 'At the bench, with the unit and its plate',
  cabin: 'In the cabin',
  spot: 'At the heater’s place',
  battery: 'At the battery',
  tank: 'At the tank',
  line: 'Along the line',
  pump: 'At the pump',
  under: 'Under the floor, at the heater',
  ends: 'Outside, at the ends of the pipes',
} as const;
export type WalkPlace = keyof typeof walkPlaces;
export const walkPlaceIds = Object.keys(walkPlaces) as WalkPlace[];

/** What is taken in hand for it. */
export const tools = {
  ask: 'ask',
  plate: 'plate or manual',
  eye: 'a look',
  tape: 'tape',
  calliper: 'calliper, or drills as gauges',
  stick: 'clean stick',
  string: 'string along its way, then tape',
  level: 'phone or level',
  meter: 'multimeter',
  clamp: 'clamp meter on the red lead',
  scale: 'scale',
  glass: 'measuring glass',
  thermometer: 'thermometer',
} as const;
export type Tool = keyof typeof tools;

/** By how the path begins; the first that fits. Everything here is common practice, no source. */
const standing: readonly (readonly [RegExp, WalkPlace])[] = [
  [/^heater\.(altitudeM|coldestFuelC|fuelGrade|nightHours)$/, 'owner'],
  [/^survey\.(insideC|coldestC|usualNightC|engineFuel|fuelFrom|fuelTaken|fuelSystem|waterAndSalt|heaterSits)$/, 'owner'],
  [/^people\.|^tank\.(way|secondTank|fuelState|fuelAllowed|paper|reserveL|blend)/, 'owner'],
  [/^heater\.|^kit\.|^survey\.accessoriesV$|^priming\./, 'bench'],
  [/^siting\.(heaterLength|heaterWidth|heaterHeight|mayLie|stud|spigot|clampWidth|screw|tap|ductMm)/, 'bench'],
  [/^warmth\.(blower|pump|engineKg|partsHold)/, 'bench'],
  [/^warmth\.(glycol|tankFree)/, 'under'],
  [/^survey\.|^warmth\.|^uncertainties\.|^proving\.|^siting\.floor/, 'cabin'],
  [/^siting\.(heater|inlet|hot|liftOut|opening|mount|ductTo|fuelFrom|battery)/, 'spot'],
  [/^siting\./, 'under'],
  [/^wiring\./, 'battery'],
  [/^fuel\.heaterAbove/, 'under'],
  [/^line\.(pumpMount|strokeMs)$|^fuel\.pump/, 'pump'],
  [/^fuel\.(suction|pressure|filter|joint)|^line\./, 'line'],
  [
    /^pipes\.(exhaustBore|intakeBore|exhaustBends|intakeBends|cover|near|shield|through|gap|timber|supports|burnerJoint|state|silencer)/,
    'under',
  ],
  [/^ends\.past/, 'cabin'],
  [/^ends\.|^pipes\./, 'ends'],
  [/^air\.(intakeFrom|intakeLength|intakeFall|exhaustLength|exhaustFall|exhaustLow|muffler)/, 'under'],
  [/^air\./, 'ends'],
];
const byPart: Readonly<Record<Part, WalkPlace>> = {
  tank: 'tank',
  pickup: 'tank',
  suction: 'line',
  filter: 'line',
  pump: 'pump',
  line: 'line',
  heater: 'spot',
  intake: 'ends',
  exhaust: 'ends',
  battery: 'battery',
  cabin: 'cabin',
};
/** Where a person stands to take a figure. @example walkPlaceOf('fuel.pumpAngleDeg') // "pump" */
export const walkPlaceOf = (path: FigurePath): WalkPlace =>
  standing.find(([pattern]) => pattern.test(path))?.[1] ?? byPart[fieldAt(path).part];

const listPlaces: Partial<Record<ListId, WalkPlace>> = {
  parts: 'bench',
  holes: 'bench',
  stack: 'spot',
  surfaces: 'cabin',
  ducts: 'cabin',
  returns: 'cabin',
  loop: 'under',
  segments: 'line',
};
export const walkPlaceOfList = (list: ListId): WalkPlace => listPlaces[list] ?? 'spot';

const byTool: readonly (readonly [RegExp, Tool])[] = [
  [/^fuel\.fuelLevelMm$|^tank\.depthAtSpotMm$/, 'stick'],
  [/^fuel\.(suctionLengthM|pressureLengthM)$|^wiring\.feedLengthM$|^air\.(intake|exhaust)LengthM$/, 'string'],
  [
    /BoreMm$|^tank\.(holeMm|fittingMm|wallMm)|^siting\.(stud|spigot|clampWidth|screw|tap)|^fuel\.jointGapMm$|cableAreaMm2$/,
    'calliper',
  ],
  [/Fall(Mm)$|AngleDeg$|AboveTankFloorMm$/, 'level'],
  [/CurrentA$/, 'clamp'],
  [/^wiring\.(batteryRestV|batteryMohm|jointsMohm)$/, 'meter'],
  [/^wiring\.(fuseA|batteryCapacityAh)$/, 'eye'],
  [/Kg$/, 'scale'],
  [/VolumeMl$|preFilledMl$/, 'glass'],
];
/** What is taken in hand for a figure. @example toolOf('fuel.fuelLevelMm') // "stick" */
export function toolOf(path: FigurePath): Tool {
  const place = walkPlaceOf(path);
  if (place === 'owner') return 'ask';
  const named = byTool.find(([pattern]) => pattern.test(path))?.[1];
  if (path.startsWith('heater.') || path.startsWith('kit.plate')) return 'plate';
  if (named) return named;
  const field = fieldAt(path);
  if (field.kind === 'choice') return 'eye';
  return field.unit === '°C' ? 'thermometer' : field.unit === 'mm' || field.unit === 'm' ? 'tape' : 'eye';
}
