import type { Reader, Derived } from '../../reading/Reader';
import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import { fuelOf } from '../../model/fuel/runFacts';
import { heatInputKw } from '../../physics/heat/heatInputKw';

const inputAt = (read: Reader, frequencyHz: number): number => {
  const dose = read.derived('fuel.doseMl');
  const fuel = fuelOf(read);
  // The dose is a volume at pump temperature; 15 °C stands for it.
  return heatInputKw({
    frequencyHz,
    strokeVolumeMl: dose,
    densityKgM3: densityKgM3(fuel.densityKgM3At15C, 15),
    heatingValueMJKg: fuel.heatingValueMJKg,
  });
};
const highest = (read: Reader) => read.all({ hz: 'heater.pumpMaxHz' }).hz;
const lowest = (read: Reader) => read.all({ hz: 'heater.pumpMinHz' }).hz;
const outputFormula = 'f × V × ρ × H × η';
const source = 'definition; fuel after its standard (from memory); η common practice unless the maker’s';

export const heaterFigures = {
  'heater.inputMaxKw': {
    label: 'Heat in the fuel at full',
    unit: 'kW',
    decimals: 2,
    formula: 'f × V × ρ × H',
    source,
    compute: (read: Reader): number => inputAt(read, highest(read)),
  },
  'heater.outputMaxKw': {
    label: 'Output at full',
    unit: 'kW',
    decimals: 2,
    formula: outputFormula,
    source,
    compute: (read: Reader): number => (inputAt(read, highest(read)) * read.limit('efficiencyPercent').value) / 100,
  },
  'heater.outputMinKw': {
    label: 'Output at lowest',
    unit: 'kW',
    decimals: 2,
    formula: outputFormula,
    source,
    compute: (read: Reader): number => (inputAt(read, lowest(read)) * read.limit('efficiencyPercent').value) / 100,
  },
  'heater.fuelMaxLH': {
    label: 'Fuel at full',
    unit: 'L/h',
    decimals: 2,
    formula: 'f × V × 3.6',
    source: 'definition',
    compute: (read: Reader): number => highest(read) * read.derived('fuel.doseMl') * 3.6,
  },
  'heater.nightMinL': {
    label: 'Fuel a night, all at lowest',
    unit: 'L',
    decimals: 2,
    formula: 'f × V × 3.6 × hours',
    source: 'definition',
    compute: (read: Reader): number => lowest(read) * read.derived('fuel.doseMl') * 3.6 * read.all({ h: 'heater.nightHours' }).h,
  },
  'heater.nightMaxL': {
    label: 'Fuel a night, all at full',
    unit: 'L',
    decimals: 2,
    formula: 'f × V × 3.6 × hours',
    source: 'definition',
    compute: (read: Reader): number => read.derived('heater.fuelMaxLH') * read.all({ h: 'heater.nightHours' }).h,
  },
} satisfies Record<string, Derived>;
