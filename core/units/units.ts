/**
 * The units that a figure may be kept in, and what else a person may type for each.
 * `factor` and `offset` turn the typed unit into the kept one: kept = typed × factor + offset.
 * Length and volume factors are exact by definition (international yard and pound, 1959; US gallon 231 in³).
 */
export const units = {
  mm: { mm: [1, 0], cm: [10, 0], m: [1000, 0], in: [25.4, 0], inch: [25.4, 0], inches: [25.4, 0], '"': [25.4, 0], ft: [304.8, 0] },
  m: { m: [1, 0], metre: [1, 0], metres: [1, 0], cm: [0.01, 0], mm: [0.001, 0], ft: [0.3048, 0], "'": [0.3048, 0], in: [0.0254, 0], '"': [0.0254, 0] },
  deg: { deg: [1, 0], degrees: [1, 0], degree: [1, 0], '°': [1, 0] },
  '°C': { '°c': [1, 0], c: [1, 0], celsius: [1, 0], '°f': [5 / 9, -160 / 9], f: [5 / 9, -160 / 9] },
  K: { k: [1, 0] },
  V: { v: [1, 0], volt: [1, 0], volts: [1, 0], mv: [0.001, 0] },
  A: { a: [1, 0], amp: [1, 0], amps: [1, 0], ma: [0.001, 0] },
  Ah: { ah: [1, 0] },
  'mΩ': { 'mω': [1, 0], mohm: [1, 0], milliohm: [1, 0], 'ω': [1000, 0], ohm: [1000, 0] },
  'Ω': { 'ω': [1, 0], ohm: [1, 0], ohms: [1, 0], 'mω': [0.001, 0], mohm: [0.001, 0] },
  'mm²': { mm2: [1, 0], sqmm: [1, 0] },
  'cm²': { cm2: [1, 0], sqcm: [1, 0], mm2: [0.01, 0], sqmm: [0.01, 0], in2: [6.4516, 0], sqin: [6.4516, 0] },
  Hz: { hz: [1, 0], hertz: [1, 0] },
  mL: { ml: [1, 0], cc: [1, 0], l: [1000, 0], litre: [1000, 0], litres: [1000, 0] },
  L: { l: [1, 0], litre: [1, 0], litres: [1, 0], ml: [0.001, 0], 'us gal': [3.785411784, 0], 'imp gal': [4.54609, 0] },
  kg: { kg: [1, 0], g: [0.001, 0], lb: [0.45359237, 0] },
  kW: { kw: [1, 0], w: [0.001, 0], 'btu/h': [1 / 3412.141633, 0] },
  '%': { '%': [1, 0], percent: [1, 0] },
  h: { h: [1, 0], hours: [1, 0], hour: [1, 0], min: [1 / 60, 0] },
  min: { min: [1, 0], minutes: [1, 0], minute: [1, 0], s: [1 / 60, 0] },
  ms: { ms: [1, 0], s: [1000, 0] },
  s: { s: [1, 0], sec: [1, 0], seconds: [1, 0], min: [60, 0], minutes: [60, 0] },
  ppm: { ppm: [1, 0] },
  'm²': { m2: [1, 0], sqm: [1, 0], sqft: [0.09290304, 0], ft2: [0.09290304, 0] },
  'm³': { m3: [1, 0], l: [0.001, 0], cuft: [0.028316846592, 0], ft3: [0.028316846592, 0] },
  'W/(m² K)': { 'w/(m2 k)': [1, 0] },
  '/h': { '/h': [1, 0] },
  'm³/h': { 'm3/h': [1, 0], cfm: [1.699010796, 0], 'l/s': [3.6, 0] },
  'L/min': { 'l/min': [1, 0], 'l/h': [1 / 60, 0], 'us gal/min': [3.785411784, 0] },
  kPa: { kpa: [1, 0], psi: [6.894757293168, 0], bar: [100, 0], mbar: [0.1, 0], pa: [0.001, 0] },
  pieces: { pieces: [1, 0], piece: [1, 0] },
  Pa: { pa: [1, 0], kpa: [1000, 0], hpa: [100, 0], mbar: [100, 0] },
  times: { times: [1, 0] },
  'N m': { 'n m': [1, 0], nm: [1, 0] },
  rpm: { rpm: [1, 0], '/min': [1, 0] },
  dB: { db: [1, 0], 'db(a)': [1, 0], dba: [1, 0] },
  g: { g: [1, 0], kg: [1000, 0], oz: [28.349523125, 0] },
  px: { px: [1, 0] },
  strokes: { strokes: [1, 0], stroke: [1, 0], clicks: [1, 0], pulses: [1, 0] },
} as const satisfies Record<string, Record<string, readonly [number, number]>>;

export type UnitId = keyof typeof units;

/** Every spelling that names some unit, so that a wrong unit can be told from nonsense. */
export const everyUnitWord: ReadonlySet<string> = new Set([...Object.values(units).flatMap((words) => Object.keys(words)), 'awg']);
