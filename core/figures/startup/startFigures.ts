import { toDo } from '../../reading/NotMeasured';
import type { Reader, Derived } from '../../reading/Reader';
import { fittedStarts } from '../../model/startup/fittedStarts';
import { summarizeStart } from '../../model/startup/summarizeStart';

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
} satisfies Record<string, Derived>;
