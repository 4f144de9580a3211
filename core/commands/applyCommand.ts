import type { Build } from '../build/Build';
import type { Part } from '../build/field';
import { readBuild, validate } from '../build/readBuild';
import { Assessor } from '../checks/assess';
import { countedLevel, type Level } from '../checks/Finding';
import { fittedStarts } from '../model/startup/fittedStarts';
import { roleMay } from '../people/roles';
import type { Values } from '../wording/Value';
import { commandKinds, definitionOf, isCommandKind, type Command, type CommandKind } from './allCommands';
import { refuse, shown, type Author, type Choice, type Clash, type Refused } from './define';
import { raiseCommand } from './raiseCommand';

/** What a change did to a finding; kept with the ledger row. */
export interface FindingChange {
  id: string;
  from: Level | null;
  to: Level;
  code: string;
  values: Values;
  /** The rules in force when it was checked. */
  rules: { key: string; value: number; origin: string }[];
}

export type Applied =
  | {
      ok: true;
      build: Build;
      kind: CommandKind;
      body: Record<string, unknown>;
      findings: FindingChange[];
      /** A start's log that is to be kept beside the build, by its fingerprint. */ log?: { sha256: string; text: string };
    }
  | Refused;

/** Reads a command from anything that came over the wire; one written in the words of before is raised. */
export function readCommand(value: unknown): { ok: true; command: Command } | { ok: false; errors: string[] } {
  const raised = raiseCommand(value);
  const kind = typeof raised === 'object' && raised !== null && 'kind' in raised ? raised.kind : undefined;
  if (!isCommandKind(kind))
    return { ok: false, errors: [`kind is ${shown(kind)}; allowed is one of ${commandKinds.join(', ')}.`] };
  const read = validate<Command>(definitionOf(kind).schema(), raised);
  return read.ok ? { ok: true, command: read.value } : read;
}

/**
 * Carries a command out on a build, without touching the build given.
 * The same function runs in the browser (to show the outcome at once) and on the server (where it counts).
 * @returns the new build with what the ledger keeps of it, or why not; then nothing has changed
 */
export function applyCommand(build: Build, command: Command, author: Author): Applied {
  const { permission, afterSigning, apply, worksOn } = definitionOf(command.kind);
  if (!roleMay(author.role, permission))
    return refuse('forbidden', `${author.name} signs in as ${author.role}; this is not for that role.`);
  if (build.signatures.length > 0 && !afterSigning && !command.reason)
    return refuse('locked', 'This build is signed and locked; a correction needs a reason of 10 characters or more.');
  const step = apply(build, command, author);
  if (!step.ok) return step;
  const after = noteWork(build, step.build, worksOn?.(command) ?? [], author.at);
  // What says nothing of the build leaves it the very one that was read.
  const read = after === build ? null : readBuild(after);
  if (read && !read.ok) return refuse('invalid', ...read.errors);
  const body = command.reason ? { ...step.body, reason: command.reason } : step.body;
  const log = step.log ? { log: step.log } : {};
  return { ok: true, build: after, kind: command.kind, body, findings: changedFindings(build, after), ...log };
}

/**
 * The command to send after a person has chosen, value by value, between theirs and their own.
 * What did not clash goes in as it was; where theirs is kept, nothing is sent for it.
 * @returns null where nothing is left to send
 */
export const settleClash = (
  command: Command,
  clashes: readonly Clash[],
  choices: Readonly<Record<string, Choice>>,
): Command | null => {
  const { settle } = definitionOf(command.kind);
  return settle ? settle(command, clashes, choices) : command;
};

/** Notes when a part was last worked on, once the heater has been lit: before that there is no proof that could go stale. */
function noteWork(before: Build, after: Build, parts: readonly Part[], at: string): Build {
  if (parts.length === 0 || before === after || fittedStarts(before).length === 0) return after;
  return { ...after, worked: { ...after.worked, ...Object.fromEntries(parts.map((part) => [part, at])) } };
}

function changedFindings(before: Build, after: Build): FindingChange[] {
  if (before === after) return [];
  const assessor = new Assessor();
  const old = new Map(assessor.assess(before).map((c) => [c.id, countedLevel(c)]));
  return assessor
    .assess(after)
    .filter((c) => old.get(c.id) !== countedLevel(c) && c.id !== 'signoff.open')
    .map((c) => ({
      id: c.id,
      from: old.get(c.id) ?? null,
      to: countedLevel(c),
      code: c.code,
      values: c.values,
      rules: c.rules.map(({ key, value, origin }) => ({ key, value, origin })),
    }));
}
