import { factsOf } from '../../build/startFacts';
import { airDensityRatio } from '../../physics/air/airAtAltitude';
import { toDo } from '../../reading/NotMeasured';
import type { Reader, Derived } from '../../reading/Reader';
import { fittedStarts } from '../../model/startup/fittedStarts';
import { summarizeStart } from '../../model/startup/summarizeStart';

/** Air at sea level and 15 °C, kg/m³ (ISO 2533, from memory), and its heat capacity. */
const [standardKgM3, airCpJKgK] = [1.225, 1006];

/** The last start that was logged, with what it tells; open where none was. */
export function lastStart(read: Reader) {
  const starts = fittedStarts(read.build);
  const run = starts[starts.length - 1];
  return run ? { run, ...summarizeStart(run) } : read.missing(...toDo('light it, and log the start'));
}

const between = (read: Reader, from: 'on' | 'off', to: 'flame' | 'end', labels: readonly [string, string]): number => {
  const { run, at } = lastStart(read);
  const [a, b] = [at[from], at[to]];
  if (a === undefined) return read.missing(...toDo(`log “${labels[0]}”`));
  if (b === undefined || b < a) return read.missing(...toDo(`log “${labels[1]}”`));
  read.note(labels[0], a, 's', run);
  read.note(labels[1], b, 's', run);
  return b - a;
};
const clock = 'definition; seconds on the clock of the log';

export const startFigures = {
  'start.ignitionS': {
    label: 'Button to flame',
    unit: 's',
    decimals: 0,
    formula: 't flame − t button on',
    source: clock,
    compute: (read: Reader) => between(read, 'on', 'flame', ['Button on', 'Flame']),
  },
  'start.lowestV': {
    label: 'Lowest volts to the flame',
    unit: 'V',
    decimals: 2,
    formula: 'least reading from button on to flame',
    source: 'definition; the meter’s own error is not counted',
    compute: (read: Reader): number => {
      const { run, lowestStartV, restV } = lastStart(read);
      if (lowestStartV === null) return read.missing(...toDo('read the volts at the heater under glow'));
      if (restV !== null) read.note('Volts before the button', restV, 'V', run);
      read.note('Readings in the log', run.readings.length, '', run);
      return lowestStartV;
    },
  },
  'start.runningA': {
    label: 'Current at full output',
    unit: 'A',
    decimals: 2,
    formula: 'mean over time from full output to button off, each reading until the next',
    source: 'definition; without “full output” from 60 s after the flame: Lorbet’s own choice',
    compute: (read: Reader): number => {
      const { run, runningA } = lastStart(read);
      if (runningA === null) return read.missing(...toDo('read the amps while it runs at full output'));
      read.note('Readings in the log', run.readings.length, '', run);
      return runningA;
    },
  },
  'start.afterrunS': {
    label: 'After-run',
    unit: 's',
    decimals: 0,
    formula: 't fan stopped − t button off',
    source: clock,
    compute: (read: Reader) => between(read, 'off', 'end', ['Button off', 'Fan stopped']),
  },
  'start.airKw': {
    label: 'Into the air at full output',
    unit: 'kW',
    decimals: 2,
    formula: 'V̇ ρ c_p (T out − T in)',
    source: 'heat balance; flow as the ducts let it, density ISO 2533 (from memory), c_p 1.006 kJ/(kg K)',
    compute: (read: Reader): number => {
      const { run } = lastStart(read);
      const { fullOutletC, fullReturnC } = factsOf(run);
      if (fullOutletC === null || fullReturnC === null)
        return read.missing(...toDo('read the air at outlet and return at full output'));
      read.note('Air out', fullOutletC, '°C', run);
      read.note('Air in', fullReturnC, '°C', run);
      const { altitudeM } = read.all({ altitudeM: 'heater.altitudeM' });
      // The blower takes its volume from the air that comes in.
      const kgM3 = standardKgM3 * airDensityRatio(altitudeM, fullReturnC);
      return ((read.derived('duct.flowM3H') / 3600) * kgM3 * airCpJKgK * (fullOutletC - fullReturnC)) / 1000;
    },
  },
  'start.fuelKw': {
    label: 'By its fuel at full output',
    unit: 'kW',
    decimals: 2,
    formula: 'f V_stroke ρ H_u η',
    source: 'definition; efficiency by the limits; frequency as read, else its highest',
    compute: (read: Reader): number => {
      const { run } = lastStart(read);
      const { maxHz } = factsOf(run);
      const { highest } = read.all({ highest: 'heater.pumpMaxHz' });
      if (maxHz !== null) read.note('Pump, highest read', maxHz, 'Hz', run);
      return read.derived('heater.outputMaxKw') * (maxHz === null ? 1 : Math.min(1.2, maxHz / highest));
    },
  },
} satisfies Record<string, Derived>;
