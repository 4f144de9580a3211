import { fuels } from '../../physics/fuel/fuels';
import { choice, number, type FieldTable } from '../field';
import { glazingLabels, labelsOf, wallLabels } from '../labels';

const fuelLabels = labelsOf(fuels);

/** The heater with its conditions, the space, the people. */
export const surveySheets = {
  heater: {
    claimedOutputKw: number({ label: 'Output on the label', unit: 'kW', min: 0.5, max: 20, decimals: 1, part: 'heater', given: true }),
    supplyV: choice({ label: 'Supply', options: { v12: '12 V', v24: '24 V' }, part: 'battery', given: true }),
    strokeVolumeMl: number({ label: 'Pump dose, a stroke', unit: 'mL', min: 0.005, max: 0.2, decimals: 3, part: 'pump', words: ['dose'], given: true, hint: 'from the pump or its data sheet' }),
    pumpMinHz: number({ label: 'Lowest pump frequency', unit: 'Hz', min: 0.2, max: 10, decimals: 1, part: 'pump', given: true }),
    pumpMaxHz: number({ label: 'Highest pump frequency', unit: 'Hz', min: 0.5, max: 15, decimals: 1, part: 'pump', given: true }),
    fanMinRpm: number({ label: 'Combustion fan, slowest', unit: 'rpm', min: 100, max: 20000, decimals: 0, part: 'heater', given: true, optional: true, later: true }),
    fanMaxRpm: number({ label: 'Combustion fan, fastest', unit: 'rpm', min: 100, max: 20000, decimals: 0, part: 'heater', given: true, optional: true, later: true }),
    glowColdOhm: number({ label: 'Glow plug, cold', unit: 'Ω', min: 0.05, max: 20, decimals: 2, part: 'heater', given: true, optional: true, later: true, hint: 'by meter at its two wires, plug out; 0.5 to 1.5 Ω is usual at 12 V' }),
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
} as const satisfies Record<string, FieldTable>;
