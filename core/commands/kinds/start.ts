import * as yup from 'yup';
import { quantities, startEvents, type StartEvent, type StartReading } from '../../build/Build';
import { eventSchema, readingSchema } from '../../build/recordSchemas';
import { identifier, instant, oneOf } from '../../build/schemaParts';
import { lastSecond } from '../../build/startFacts';
import { logReadings, readingProblem, splitLog } from '../../build/startLog';
import { assess } from '../../checks/assess';
import { findingLine } from '../../checks/findingText';
import { holdPointState } from '../../checks/holdPointState';
import { formatShort } from '../../units/formatNumber';
import { defineCommand, list, refuse, shape, type Author } from '../define';

export interface StartCommand {
  kind: 'start';
  id: string;
  events: StartEvent[];
  readings: StartReading[];
  source: 'live' | 'csv' | 'device';
  dryRun?: true;
  beganAt?: string;
}
export interface ReadingsCommand {
  kind: 'readings';
  startId: string;
  events: StartEvent[];
  readings: StartReading[];
}

/** A log's readings: looked at one by one in a plain loop, and no further than the first that can't stand. */
const manyReadings = () =>
  yup
    .mixed((value): value is unknown[] => Array.isArray(value))
    .defined()
    .test('readings', '', function (value) {
      if (!Array.isArray(value)) return false;
      if (value.length > logReadings)
        return this.createError({ message: `${this.path} holds ${value.length} readings; at most ${logReadings} are allowed` });
      for (const [i, reading] of value.entries()) {
        const problem = readingProblem(reading);
        if (problem) return this.createError({ message: `${this.path}[${i}] ${problem}` });
      }
      return true;
    });

/** When a log began: as it was told; else it ended when it was imported, which is the likeliest. Null where that lies ahead. */
function beganAt({ source, beganAt: told, events, readings }: StartCommand, { at }: Author): string | null {
  if (told !== undefined) return Date.parse(told) <= Date.parse(at) ? told : null;
  return source === 'live' ? at : new Date(Date.parse(at) - lastSecond({ events, readings }) * 1000).toISOString();
}

/** A start: begun live, or imported as a whole log. */
export const startCommand = defineCommand<StartCommand>({
  kind: 'start',
  permission: 'work',
  schema: shape(() => ({
    id: identifier(),
    events: list(eventSchema(), 200),
    readings: manyReadings(),
    source: oneOf({ live: 1, csv: 1, device: 1 }),
    dryRun: yup.boolean().oneOf([true]).optional(),
    beganAt: instant().optional(),
  })),
  apply(build, command, author) {
    const { id, events, readings, source, dryRun } = command;
    if (build.starts.some((run) => run.id === id)) return refuse('invalid', 'id is that of a start already kept.');
    // What was lit elsewhere may be written down; nobody is helped to light what must not be lit.
    // A dry run comes before the first hole: only what stands at that hold point keeps it from being lit.
    const holdPoint = dryRun ? 'cutting' : 'fire';
    const { stops } = source === 'live' ? holdPointState(build, assess(build), holdPoint) : { stops: [] };
    if (stops.length > 0) return refuse('standing', ...stops.map((c) => `It must not be lit. ${findingLine(c)}`));
    const where = dryRun ? { dryRun } : {};
    const began = beganAt(command, author);
    if (began === null) return refuse('invalid', `beganAt is ${command.beganAt}; a log can’t have begun later than now.`);
    const { run, log } = splitLog({ id, at: began, by: author.name, events, readings, ...where });
    const body = { id, source, ...where, events: events.length, readings: readings.length };
    return {
      ok: true,
      build: { ...build, starts: [...build.starts, run] },
      body: { ...body, ...(run.log ? { log: run.log.sha256 } : {}) },
      ...(run.log && log !== null ? { log: { sha256: run.log.sha256, text: log } } : {}),
    };
  },
  describe: (b) =>
    `${b.source === 'csv' ? 'start log imported' : b.source === 'device' ? 'start read from a device' : 'start begun'}${b.dryRun ? ' as a dry run' : ''}: ${String(b.events)} events, ${String(b.readings)} readings`,
});

/** What is read and seen while a start runs. */
export const readingsCommand = defineCommand<ReadingsCommand>({
  kind: 'readings',
  permission: 'work',
  schema: shape(() => ({ startId: identifier(), events: list(eventSchema(), 200), readings: list(readingSchema(), 500) })),
  apply(build, { startId, events, readings }) {
    const run = build.starts.find((r) => r.id === startId);
    if (!run) return refuse('invalid', `startId ${startId} is no start of this build.`);
    if (run.log) return refuse('invalid', 'This start came as a whole log; what is read now belongs to a new start.');
    const grown = { ...run, events: [...run.events, ...events], readings: [...run.readings, ...readings] };
    return {
      ok: true,
      build: { ...build, starts: build.starts.map((r) => (r === run ? grown : r)) },
      body: { startId: run.id, events, readings },
    };
  },
  describe(b) {
    const events = (b.events as StartEvent[]).map((e) => `${startEvents[e.event]} at ${Math.round(e.atS)} s`);
    const readings = (b.readings as StartReading[]).map(
      (r) =>
        `${quantities[r.quantity].label.toLowerCase()} ${formatShort(r.value)} ${quantities[r.quantity].unit} at ${Math.round(r.atS)} s`,
    );
    return [...events, ...readings].join('; ');
  },
});
