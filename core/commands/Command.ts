import * as yup from 'yup';
import {
  releasableHoldPoints,
  type CoReading,
  type HotLook,
  type Repair,
  type ReleasableHoldPoint,
  type Identity,
  type PrimingRun,
  type StartEvent,
  type StartReading,
} from '../build/Build';
import {
  coReadingSchema,
  drawnSchema,
  eventSchema,
  hotLookSchema,
  identifier,
  oneOf,
  primingRunSchema,
  instant,
  readingSchema,
  text,
} from '../build/buildSchema';
import type { FigurePath } from '../build/sheets';
import type { LimitKey } from '../practices/limits';
import { practiceIds, type PracticeId } from '../practices/practices';
import { lists } from '../build/lists';
import { logReadings, readingProblem } from '../build/startLog';
import type { RowChange } from './changeRows';
import type { Permission } from '../people/roles';

export type Slot = 'planned' | 'fitted';
/** One figure changed. `from` is what the person saw: where somebody else has changed it since, nobody is overwritten. */
export interface Change {
  path: FigurePath;
  slot: Slot;
  from: number | string | null;
  to: number | string | null;
}
export interface MakerChange {
  key: LimitKey;
  from: number | null;
  to: number | null;
}
/** Particulars that a person may change; "invented" is not one of them: it tells demo data from real work. */
export const identityLabels = {
  name: 'Name',
  what: 'What it is',
  kind: 'Kind',
  place: 'Place',
  heaterSerial: 'Heater’s serial number',
} as const satisfies Partial<Record<keyof Identity, string>>;
export type IdentityKey = keyof typeof identityLabels;
export interface TextChange<K extends string> {
  key: K;
  from: string;
  to: string;
}

/** Everything that can be done to a build. `reason` is asked for once the build is signed: it is then a correction. */
export type Command = { reason?: string } & (
  | { kind: 'figures'; changes: Change[] }
  | { kind: 'maker'; changes: MakerChange[] }
  | { kind: 'identity'; changes: TextChange<IdentityKey>[] }
  | { kind: 'practices'; changes: TextChange<PracticeId>[] }
  | { kind: 'rows'; changes: RowChange[] }
  | { kind: 'note'; text: string }
  | { kind: 'priming'; run: Omit<PrimingRun, 'at' | 'by'> }
  | {
      kind: 'start';
      id: string;
      events: StartEvent[];
      readings: StartReading[];
      source: 'live' | 'csv';
      dryRun?: true;
      beganAt?: string;
    }
  | { kind: 'readings'; startId: string; events: StartEvent[]; readings: StartReading[] }
  | { kind: 'co'; reading: Omit<CoReading, 'at' | 'by'> }
  | { kind: 'hot'; look: Omit<HotLook, 'at' | 'by'>; readAt?: string }
  | { kind: 'repair'; repair: Omit<Repair, 'at' | 'by' | 'found'> }
  | { kind: 'waive'; checkId: string; message: string; why: string }
  | { kind: 'unwaive'; checkId: string }
  | { kind: 'holdPoint'; holdPoint: ReleasableHoldPoint; action: 'release' | 'hold' }
  | { kind: 'sign'; typedName: string; drawn: string }
);
export type CommandKind = Command['kind'];

const shape = <T extends yup.ObjectShape>(fields: T) =>
  yup
    .object({ kind: yup.string().defined(), reason: text(500, 10).optional(), ...fields })
    .defined()
    .noUnknown('${path} holds a field that is not known here: ${unknown}')
    .strict();
const scalar = () =>
  yup
    .mixed((v): v is number | string => typeof v === 'number' || typeof v === 'string')
    .nullable()
    .defined();
const list = <T extends yup.ISchema<unknown>>(of: T, max: number, min = 0) => yup.array().of(of).defined().min(min).max(max);
const changes = (fields: yup.ObjectShape) => list(yup.object(fields).defined().noUnknown().strict(), 200, 1);

/** What a cell of a row can hold at the most; whether it may stand there is asked once it is known to be small. */
const cell = () =>
  yup
    .mixed()
    .nullable()
    .optional()
    .test('small', '${path} is too large for a cell', (value) => {
      if (typeof value === 'string') return value.length <= 2000;
      if (typeof value !== 'object' || value === null) return true;
      return Array.isArray(value) && value.length <= 20 && value.every((one) => Object.keys(Object(one) as object).length <= 4);
    });

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

/** How each command has to look, and which deed a person must be allowed to do for it. */
export const commandRules: Record<CommandKind, { permission: Permission; schema: yup.AnySchema }> = {
  figures: {
    permission: 'work',
    schema: shape({
      changes: changes({ path: text(60, 3), slot: oneOf({ planned: 1, fitted: 1 }), from: scalar(), to: scalar() }),
    }),
  },
  maker: {
    permission: 'work',
    schema: shape({
      changes: changes({ key: text(60, 1), from: yup.number().nullable().defined(), to: yup.number().nullable().defined() }),
    }),
  },
  identity: {
    permission: 'work',
    schema: shape({ changes: changes({ key: oneOf(identityLabels), from: text(120), to: text(120) }) }),
  },
  practices: {
    permission: 'manage',
    schema: shape({
      changes: changes({ key: yup.string().defined().oneOf(practiceIds), from: text(60, 1), to: text(60, 1) }),
    }),
  },
  rows: {
    permission: 'work',
    schema: shape({
      changes: changes({
        list: oneOf(lists),
        row: identifier(),
        action: oneOf({ add: 1, set: 1, remove: 1 }),
        values: yup.object().strict().optional().default(undefined),
        column: text(60, 1).optional(),
        from: cell(),
        to: cell(),
      }).test('whole', '', function (all) {
        const wrong = (
          (all ?? []) as { action?: string; values?: object; column?: string; from?: unknown; to?: unknown }[]
        ).findIndex(
          (c) =>
            (c?.action === 'add') !== (c?.values !== undefined) ||
            (c?.action === 'set') !== (c?.column !== undefined && c?.from !== undefined && c?.to !== undefined),
        );
        return (
          wrong === -1 ||
          this.createError({
            message: `changes[${wrong}] is not whole; allowed is add with values, set with column, from and to, or remove`,
          })
        );
      }),
    }),
  },
  note: { permission: 'work', schema: shape({ text: text(1000, 1) }) },
  priming: { permission: 'work', schema: shape({ run: primingRunSchema.omit(['at', 'by']) }) },
  start: {
    permission: 'work',
    schema: shape({
      id: identifier(),
      events: list(eventSchema, 200),
      readings: manyReadings(),
      source: oneOf({ live: 1, csv: 1 }),
      dryRun: yup.boolean().oneOf([true]).optional(),
      beganAt: instant().optional(),
    }),
  },
  readings: {
    permission: 'work',
    schema: shape({ startId: identifier(), events: list(eventSchema, 200), readings: list(readingSchema, 500) }),
  },
  co: { permission: 'work', schema: shape({ reading: coReadingSchema.omit(['at', 'by']) }) },
  hot: { permission: 'work', schema: shape({ look: hotLookSchema.omit(['at', 'by']), readAt: instant().optional() }) },
  repair: {
    permission: 'work',
    schema: shape({
      repair: yup
        .object({
          id: identifier(),
          checkId: text(60, 3),
          subject: text(60, 1).optional(),
          cause: text(500, 3),
          repair: text(500, 3),
        })
        .defined()
        .noUnknown()
        .strict(),
    }),
  },
  waive: { permission: 'waive', schema: shape({ checkId: text(60, 3), message: text(500, 1), why: text(500, 10) }) },
  unwaive: { permission: 'waive', schema: shape({ checkId: text(60, 3) }) },
  holdPoint: {
    permission: 'work',
    schema: shape({ holdPoint: oneOf(releasableHoldPoints), action: oneOf({ pass: 1, reopen: 1 }) }),
  },
  sign: { permission: 'sign', schema: shape({ typedName: text(80, 2), drawn: drawnSchema() }) },
};
