import {
  coPlaces,
  sights,
  type Build,
  type CoLog,
  type CoReading,
  type HotLook,
  type NoiseReading,
  type Sight,
} from '../../build/Build';
import { coLogSchema, coReadingSchema, hotLookSchema, noiseSchema, sightSchema } from '../../build/recordSchemas';
import { rowsOf } from '../../build/lists';
import { instant } from '../../build/schemaParts';
import { coLogText } from '../../wording/coText';
import { formatShort } from '../../units/formatNumber';
import { hotText } from '../../wording/hotText';
import { noiseText } from '../../wording/noiseText';
import { defineCommand, refuse, shape, type Author, type Step } from '../define';

export interface CoCommand {
  kind: 'co';
  reading: Omit<CoReading, 'at' | 'by'>;
}
export interface HotCommand {
  kind: 'hot';
  look: Omit<HotLook, 'at' | 'by'>;
  readAt?: string;
}

export interface SightCommand {
  kind: 'sight';
  look: Omit<Sight, 'at' | 'by'>;
  readAt?: string;
}
export interface NoiseCommand {
  kind: 'noise';
  look: Omit<NoiseReading, 'at' | 'by'>;
  readAt?: string;
}

/** A reading of carbon monoxide. */
export const coCommand = defineCommand<CoCommand>({
  kind: 'co',
  permission: 'work',
  schema: shape(() => ({ reading: coReadingSchema().omit(['at', 'by']) })),
  apply: (build, { reading }, { name, at }) => ({
    ok: true,
    build: { ...build, coReadings: [...build.coReadings, { ...reading, at, by: name }] },
    body: { reading },
  }),
  describe(body) {
    const { ppm, place } = body.reading as CoReading;
    return `carbon monoxide ${formatShort(ppm)} ppm, ${coPlaces[place]}`;
  },
});

export interface CoLogCommand {
  kind: 'coLog';
  log: Omit<CoLog, 'at' | 'by'>;
  /** when its first reading was taken */ readAt: string;
}
/** Carbon monoxide by a meter that was left there. */
export const coLogCommand = defineCommand<CoLogCommand>({
  kind: 'coLog',
  permission: 'work',
  schema: shape(() => ({ log: coLogSchema().omit(['at', 'by']), readAt: instant() })),
  apply(build, { log, readAt }, { name, at }) {
    const endMs = Date.parse(readAt) + (log.readings.at(-1)?.min ?? 0) * 60_000;
    // A minute for clocks that go apart.
    if (endMs > Date.parse(at) + 60_000)
      return refuse('invalid', `The log ends at ${new Date(endMs).toISOString()}; nothing can have been read later than now.`);
    return {
      ok: true,
      build: { ...build, coLogs: [...(build.coLogs ?? []), { ...log, at: readAt, by: name }] },
      body: { log, readAt },
    };
  },
  describe: (body) => coLogText(body.log as CoLog),
});

/** Keeps what somebody has read or seen: now, or at a time before. */
function kept<L extends object>(
  list: 'hotLooks' | 'sights' | 'noises',
  build: Build,
  { look, readAt }: { look: L; readAt?: string },
  { name, at }: Author,
): Step {
  const read = readAt ?? at;
  if (Date.parse(read) > Date.parse(at))
    return refuse('invalid', `readAt is ${read}; nothing can have been read or seen later than now.`);
  return {
    ok: true,
    build: { ...build, [list]: [...(build[list] ?? []), { ...look, at: read, by: name }] },
    body: { look, readAt: read },
  };
}

/** A surface by thermometer while the heater runs. */
export const hotCommand = defineCommand<HotCommand>({
  kind: 'hot',
  permission: 'work',
  schema: shape(() => ({ look: hotLookSchema().omit(['at', 'by']), readAt: instant().optional() })),
  apply(build, command, author) {
    const { photo } = command.look.on ?? {};
    if (photo !== undefined && !rowsOf(build.lists, 'photos').some(({ sha256 }) => sha256 === photo))
      return refuse('invalid', 'look.on.photo is no photograph of this build.');
    return kept('hotLooks', build, command, author);
  },
  describe: (body) => hotText(body.look as HotLook),
});

/** What is seen at the exhaust, or in the clear line. */
export const sightCommand = defineCommand<SightCommand>({
  kind: 'sight',
  permission: 'work',
  schema: shape(() => ({ look: sightSchema().omit(['at', 'by']), readAt: instant().optional() })),
  apply: (build, command, author) => kept('sights', build, command, author),
  describe: (body) => `seen: ${sights[(body.look as Sight).sees]}`,
});

/** A level of sound. */
export const noiseCommand = defineCommand<NoiseCommand>({
  kind: 'noise',
  permission: 'work',
  schema: shape(() => ({ look: noiseSchema().omit(['at', 'by']), readAt: instant().optional() })),
  apply: (build, command, author) => kept('noises', build, command, author),
  describe: (body) => noiseText(body.look as NoiseReading),
});
