import type { UnitId } from '../units/units';

export interface Limit {
  label: string;
  value: number;
  unit: UnitId;
  source: string;
  /** a maker may give this figure for the unit in hand */ maker?: { min: number; max: number };
}

const trade = 'common practice, no source';
const ours = 'Lorbet’s own choice, no source';

/** The figures that findings check by. A practice may change one, a maker's figure goes before both. */
export const limits = {
  pumpAngleMinDeg: { label: 'Pump angle, least', value: 15, unit: 'deg', source: trade, maker: { min: -90, max: 90 } },
  pumpAngleMaxDeg: { label: 'Pump angle, most', value: 35, unit: 'deg', source: trade, maker: { min: -90, max: 90 } },
  suctionMaxM: { label: 'Suction line, longest', value: 2, unit: 'm', source: trade, maker: { min: 0.1, max: 15 } },
  lineBoreMm: { label: 'Bore of the fuel line', value: 2, unit: 'mm', source: trade, maker: { min: 0.5, max: 15 } },
  altitudeMaxM: {
    label: 'Highest place that the unit is made for',
    value: 2200,
    unit: 'm',
    source: trade,
    maker: { min: 0, max: 6000 },
  },
  pickupMinMm: { label: 'Pickup above the tank’s floor, least', value: 25, unit: 'mm', source: trade },
  liftAbovePumpMaxMm: {
    label: 'Heater above the pump, most',
    value: 2000,
    unit: 'mm',
    source: ours,
    maker: { min: 100, max: 6000 },
  },
  suctionLiftMaxMm: {
    label: 'Pump above the lowest fuel, most',
    value: 1000,
    unit: 'mm',
    source: ours,
    maker: { min: 0, max: 4000 },
  },
  headOverHeaterMaxMm: {
    label: 'Fuel above the heater’s inlet, most that its pump holds back',
    value: 0,
    unit: 'mm',
    source: ours,
    maker: { min: 0, max: 4000 },
  },
  clipSpacingMaxMm: {
    label: 'Between clips of the line, most',
    value: 500,
    unit: 'mm',
    source: `${trade}; 300 to 500 mm is met`,
  },
  lineJointsMax: { label: 'Joints in the line besides those at its parts, most', value: 0, unit: 'pieces', source: trade },
  columnSofteningPercent: {
    label: 'Of the column’s acceleration, left over by rubber and gas',
    value: 50,
    unit: '%',
    source: 'Lorbet’s own assumption, no source',
  },
  liftOneKg: {
    label: 'Lifted by one person, most',
    value: 25,
    unit: 'kg',
    source: 'Lorbet’s own choice; NIOSH’s lifting equation begins at 23 kg (from memory)',
  },
  liftTwoKg: { label: 'Lifted by two people, most', value: 40, unit: 'kg', source: ours },
  tankClearMinMm: { label: 'Free round a tank, least', value: 10, unit: 'mm', source: ours },
  gasWatchPercent: { label: 'Gas in each stroke, worth watching', value: 5, unit: '%', source: ours },
  gasFixPercent: { label: 'Gas in each stroke, too much', value: 10, unit: '%', source: ours },
  jointGapMaxMm: { label: 'Gap in a joint, most', value: 0.5, unit: 'mm', source: ours },
  endsApartMinMm: {
    label: 'Intake end to exhaust end, least',
    value: 500,
    unit: 'mm',
    source: ours,
    maker: { min: 0, max: 5000 },
  },
  outlineMarginMm: { label: 'Exhaust past the outline, least', value: 20, unit: 'mm', source: ours },
  dropStartPercent: {
    label: 'Voltage lost in the feed at start, most',
    value: 10,
    unit: '%',
    source: 'ABYC E-11 and ISO 13297 for loads no safety hangs on (from memory)',
  },
  dropRunPercent: {
    label: 'Voltage lost in the feed while running, most',
    value: 3,
    unit: '%',
    source: 'ABYC E-11 and ISO 13297 for loads on which safety hangs (from memory)',
  },
  lowVoltage12V: { label: 'Low-voltage fault, 12 V unit', value: 10.5, unit: 'V', source: trade, maker: { min: 8, max: 12 } },
  lowVoltage24V: { label: 'Low-voltage fault, 24 V unit', value: 21, unit: 'V', source: trade, maker: { min: 16, max: 24 } },
  fuseA: { label: 'Fuse the maker asks for', value: 0, unit: 'A', source: trade, maker: { min: 1, max: 100 } },
  fuseLoadPercent: { label: 'Load on a fuse, most', value: 80, unit: '%', source: trade },
  fuseFromBatteryMm: {
    label: 'Fuse from the battery post, farthest',
    value: 200,
    unit: 'mm',
    source: 'ISO 10133; ABYC E-11 has 7 in (both from memory)',
  },
  usableLeadPercent: { label: 'Of a lead-acid battery, usable in a night', value: 50, unit: '%', source: trade },
  usableLithiumPercent: { label: 'Of a lithium battery, usable in a night', value: 80, unit: '%', source: trade },
  restartsPerHour: { label: 'Restarts an hour of a thermostat that pauses', value: 2, unit: '/h', source: ours },
  ignitionMaxS: { label: 'Button to flame, longest', value: 240, unit: 's', source: trade, maker: { min: 30, max: 900 } },
  fullMaxS: { label: 'Button to full output, longest', value: 360, unit: 's', source: trade, maker: { min: 60, max: 1800 } },
  burnInMin: { label: 'First run at full output, shortest', value: 20, unit: 'min', source: trade, maker: { min: 0, max: 120 } },
  smokeMaxMin: {
    label: 'Smoke of new paint and wrap, after the flame at most',
    value: 6,
    unit: 'min',
    source: trade,
    maker: { min: 1, max: 60 },
  },
  pillowMaxDb: {
    label: 'Sound at the pillow, most',
    value: 30,
    unit: 'dB',
    source: 'WHO 1999, 2009: 30 dB(A) for sleep (from memory)',
  },
  neighbourMaxDb: {
    label: 'Sound at a neighbour’s place at night, most',
    value: 40,
    unit: 'dB',
    source: 'WHO 2009: 40 dB(A) outside at night (from memory)',
  },
  dryOnEndMin: {
    label: 'Pump run dry without a rest, most',
    value: 5,
    unit: 'min',
    source: `${ours}; five to ten minutes are met`,
    maker: { min: 0.2, max: 60 },
  },
  dryLifeMin: {
    label: 'Pump run dry in all, until its dose is asked for',
    value: 20,
    unit: 'min',
    source: ours,
    maker: { min: 1, max: 600 },
  },
  pumpRestMin: { label: 'Rest of a pump that has run dry', value: 2, unit: 'min', source: ours, maker: { min: 0.2, max: 60 } },
  glowOffPercent: { label: 'Current of the glow plug off the stated one, most', value: 30, unit: '%', source: ours },
  outletMaxC: {
    label: 'Warm air at the outlet, hottest',
    value: 126,
    unit: '°C',
    source: `${trade}; 60 to 126 °C are met`,
    maker: { min: 40, max: 200 },
  },
  blowerPa: {
    label: 'Blower of warm air against a shut end',
    value: 250,
    unit: 'Pa',
    source: 'Lorbet’s own assumption, no source',
  },
  blowerM3HKw: {
    label: 'Warm air at full, blowing freely, for a kW on the label',
    value: 42,
    unit: 'm³/h',
    source: 'Lorbet’s own assumption: air about 70 K hotter; 60 to 126 °C at outlets are met (common practice, no source)',
  },
  ductFlowMinPercent: {
    label: 'Of the blower’s free flow, left by ducts and ways back, least',
    value: 50,
    unit: '%',
    source: ours,
  },
  stillAirWM2K: {
    label: 'Heat that comes down through still air, for each m² of floor and degree',
    value: 5,
    unit: 'W/(m² K)',
    source:
      'Lorbet’s own assumption: so that 24 °C under the roof and 4 °C by the floor come out for a small van, as is met (common practice, no source)',
  },
  coolantPumpKPa: {
    label: 'Circulation pump against a shut end',
    value: 15,
    unit: 'kPa',
    source: 'Lorbet’s own assumption, no source',
  },
  coolantPumpLMin: {
    label: 'Circulation pump, running freely',
    value: 25,
    unit: 'L/min',
    source: 'Lorbet’s own assumption, no source',
  },
  enginePumpKPa: {
    label: 'Pump of an engine against a shut end, as it idles',
    value: 20,
    unit: 'kPa',
    source: 'Lorbet’s own assumption, no source',
  },
  enginePumpLMin: {
    label: 'Pump of an engine, running freely, as it idles',
    value: 60,
    unit: 'L/min',
    source: 'Lorbet’s own assumption, no source',
  },
  coolantRiseMaxK: { label: 'Coolant hotter behind the heater than before it, most', value: 15, unit: 'K', source: ours },
  glycolMaxPercent: { label: 'Glycol by volume, most that carries heat well', value: 60, unit: '%', source: trade },
  frostMarginK: { label: 'Coolant good to below the coldest night, least', value: 5, unit: 'K', source: ours },
  outletShareMinPercent: { label: 'Of an even share, what an outlet gets, least', value: 40, unit: '%', source: ours },
  openOutletFarM: { label: 'An outlet that can’t be closed, farthest from the heater', value: 2, unit: 'm', source: ours },
  runCurrentOverPercent: { label: 'Running current over the stated one, most', value: 50, unit: '%', source: ours },
  afterrunMinS: { label: 'Fan’s after-run, shortest', value: 120, unit: 's', source: trade, maker: { min: 10, max: 900 } },
  afterrunMaxS: { label: 'Fan’s after-run, longest', value: 300, unit: 's', source: trade, maker: { min: 10, max: 1800 } },
  efficiencyPercent: {
    label: 'Of the fuel’s heat, given to the air',
    value: 80,
    unit: '%',
    source: trade,
    maker: { min: 50, max: 98 },
  },
  inletClearMinMm: {
    label: 'Clear in front of the cold-air inlet, least',
    value: 50,
    unit: 'mm',
    source: trade,
    maker: { min: 0, max: 1000 },
  },
  inletClearGoodMm: { label: 'Clear in front of the cold-air inlet, good', value: 75, unit: 'mm', source: trade },
  clampStraightMm: { label: 'Straight that a duct’s clamp needs', value: 40, unit: 'mm', source: trade },
  boxRoundMinMm: {
    label: 'Free round a heater in its box, least',
    value: 25,
    unit: 'mm',
    source: trade,
    maker: { min: 0, max: 300 },
  },
  cutMarginMm: { label: 'Between a cut and what lies below, least', value: 10, unit: 'mm', source: ours },
  hotHoleMarginMm: {
    label: 'Between the exhaust’s hole and what heat harms, least',
    value: 50,
    unit: 'mm',
    source: ours,
    maker: { min: 0, max: 500 },
  },
  burnerFanPa: {
    label: 'Combustion fan against a shut end, at full',
    value: 400,
    unit: 'Pa',
    source: 'Lorbet’s own assumption, no source',
    maker: { min: 50, max: 5000 },
  },
  burnerFanMinPercent: {
    label: 'Combustion fan at the lowest, of its full speed',
    value: 35,
    unit: '%',
    source: trade,
    maker: { min: 10, max: 100 },
  },
  excessAirFull: {
    label: 'Air over what the fuel needs, at full, with the kit’s own pipes',
    value: 1.6,
    unit: 'times',
    source: `${trade}; 1.4 to 2 is met`,
    maker: { min: 1.05, max: 4 },
  },
  excessAirMin: {
    label: 'Air over what the fuel needs, least that burns clean',
    value: 1.25,
    unit: 'times',
    source: ours,
    maker: { min: 1, max: 2 },
  },
  excessAirMost: {
    label: 'Air over what the fuel needs, most at which the flame holds',
    value: 3,
    unit: 'times',
    source: 'Lorbet’s own assumption, no source',
    maker: { min: 1.5, max: 10 },
  },
  nightLeastC: {
    label: 'Inside while people sleep, least',
    value: 10,
    unit: '°C',
    source: 'Lorbet’s own choice; for dwellings WHO advises 18 °C (2018, from memory)',
  },
  sensorApartMm: { label: 'Room’s sensor from an outlet, least', value: 1000, unit: 'mm', source: ours },
  clockOffMin: { label: 'Controller’s clock off, most', value: 5, unit: 'min', source: ours },
  leadSpareM: {
    label: 'Lead of the controller beyond its way along the floor, for rises and a loop',
    value: 0.5,
    unit: 'm',
    source: ours,
  },
  exhaustMaxM: { label: 'Exhaust, longest', value: 2, unit: 'm', source: trade, maker: { min: 0.3, max: 10 } },
  exhaustBendsMaxDeg: {
    label: 'Exhaust’s bends all together, most',
    value: 270,
    unit: 'deg',
    source: trade,
    maker: { min: 90, max: 1440 },
  },
  exhaustFallMinPercent: { label: 'Exhaust falls, least', value: 3, unit: '%', source: ours },
  exhaustSupportMaxMm: { label: 'Between supports of the exhaust, most', value: 500, unit: 'mm', source: ours },
  openingMinMm: {
    label: 'Exhaust’s end to an opening, least',
    value: 300,
    unit: 'mm',
    source: ours,
    maker: { min: 0, max: 5000 },
  },
  openingGoodMm: { label: 'Exhaust’s end to an opening, good', value: 800, unit: 'mm', source: ours },
  endFreeBelowMm: { label: 'Free below the exhaust’s end, least', value: 100, unit: 'mm', source: ours },
  sideClearMinMm: { label: 'Free beside the heater, least', value: 10, unit: 'mm', source: ours, maker: { min: 0, max: 300 } },
} as const satisfies Record<string, Limit>;

export type LimitKey = keyof typeof limits;
export const makerKeys = (Object.keys(limits) as LimitKey[]).filter((key) => 'maker' in limits[key]);
/** The bounds in which a maker's own figure may lie, or null for a limit that no maker sets. */
export function makerBounds(key: LimitKey): { min: number; max: number } | null {
  const limit: Limit = limits[key];
  return limit.maker ?? null;
}
