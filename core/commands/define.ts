import type { Licence } from '../people/licences';
import * as yup from 'yup';
import type { Build } from '../build/Build';
import { once } from '../build/once';
import { text } from '../build/schemaParts';
import type { Part } from '../build/field';
import type { CellValue } from '../build/lists';
import type { Permission, Role } from '../people/roles';
import type { Origin } from '../record/Origin';

export interface Author {
  name: string;
  role: Role;
  at: string;
  /** what the person is licensed or trained for, as the workshop keeps it */ licences?: readonly Licence[];
  /** a lead had a new password chosen for this person, who has not signed since */ reset?: { by: string; at: string };
}
/** One value that somebody else has changed since this person saw it. */
export interface Clash {
  /** As in `Origins`: figure and slot, or particular, maker's figure, practice. */
  key: string;
  label: string;
  theirs: number | string | null;
  yours: number | string | null;
  /** Theirs as it is kept, of a cell that is shown in words. */
  held?: CellValue | null;
  /** Who put theirs in, and when; added where the ledger is at hand. */
  from?: Origin;
}
export type Choice = 'theirs' | 'yours';
export type Settle<C> = (command: C, clashes: readonly Clash[], choices: Readonly<Record<string, Choice>>) => C | null;

export type Refused =
  | { ok: false; why: 'invalid' | 'forbidden' | 'locked' | 'standing'; errors: string[] }
  | { ok: false; why: 'clash'; errors: string[]; clashes: Clash[] };
export type Step =
  | {
      ok: true;
      build: Build;
      /** what the ledger keeps of it */ body: Record<string, unknown>;
      /** a start's log that is to be kept beside the build, by its fingerprint */ log?: { sha256: string; text: string };
    }
  | Refused;

/** One kind of command, whole: how it looks, who may, what it does, and how the ledger tells of it. */
export interface CommandDefinition<C extends { kind: string }> {
  kind: C['kind'];
  permission: Permission;
  schema: () => yup.AnySchema;
  /** Others rely on who did it: whoever has a second step gives it, where the last is older than `secondStepMs`; and a password that a lead had chosen is told. */
  isRelied?: (command: C) => boolean;
  /** It may be done to a signed build without a reason, since it corrects nothing. */
  afterSigning?: true;
  apply: (build: Build, command: C, author: Author) => Step;
  /** One line of the ledger. */
  describe: (body: Record<string, unknown>) => string;
  /** Parts at which it changes what stands there. */
  worksOn?: (command: C) => readonly Part[];
  /** Keys of the values whose origin it sets. */
  originKeys?: (body: Record<string, unknown>) => readonly string[];
  /** What is left to send once a person has chosen, value by value, between theirs and their own. */
  settle?: Settle<C>;
}
export const defineCommand = <C extends { kind: string }>(definition: CommandDefinition<C>): CommandDefinition<C> => definition;

export const refuse = (why: Exclude<Refused['why'], 'clash'>, ...errors: string[]): Refused => ({ ok: false, why, errors });
/** A value for a sentence. */
export const shown = (value: unknown): string =>
  value === null ? 'empty' : typeof value === 'string' ? value : (JSON.stringify(value) ?? typeof value).slice(0, 60);
export const clash = (clashes: Clash[]): Refused => ({
  ok: false,
  why: 'clash',
  clashes,
  errors: clashes.map(
    (c) => `${c.label} was changed to ${shown(c.theirs)} by somebody else meanwhile; yours is ${shown(c.yours)}.`,
  ),
});
/** Changes of which those that clashed are left out, or sent again over what stands there now. */
export function settleChanges<X extends { from: unknown }>(
  changes: readonly X[],
  clashes: readonly Clash[],
  choices: Readonly<Record<string, Choice>>,
  keyOf: (change: X) => string,
): X[] {
  const theirs = new Map(clashes.map((one) => [one.key, one.theirs]));
  return changes
    .filter((change) => !theirs.has(keyOf(change)) || choices[keyOf(change)] === 'yours')
    .map((change) => (theirs.has(keyOf(change)) ? { ...change, from: theirs.get(keyOf(change)) } : change));
}

/** The form of a command: its own fields, its kind, and the reason for a correction. */
export const shape = <T extends yup.ObjectShape>(fields: () => T) =>
  once(() =>
    yup
      .object({ kind: yup.string().defined(), reason: text(500, 10).optional(), ...fields() })
      .defined()
      .noUnknown('${path} holds a field that is not known here: ${unknown}')
      .strict(),
  );
export const list = <T extends yup.ISchema<unknown>>(of: T, max: number, min = 0) =>
  yup.array().of(of).defined().min(min).max(max);
export const changesOf = (fields: yup.ObjectShape) => list(yup.object(fields).defined().noUnknown().strict(), 200, 1);
