import { renamedPaths } from '../record/renamed';

const renamedKinds: Readonly<Record<string, string>> = { schools: 'practices', gate: 'holdPoint' };
const renamedActions: Readonly<Record<string, string>> = { pass: 'release', reopen: 'hold' };

type Fields = Record<string, unknown>;
const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null && !Array.isArray(value);
const renamed = (fields: Fields, from: string, to: string): Fields => {
  if (!Object.hasOwn(fields, from) || Object.hasOwn(fields, to)) return fields;
  const { [from]: value, ...rest } = fields;
  return { ...rest, [to]: value };
};

const raiseChange = (change: unknown): unknown => {
  if (!isFields(change)) return change;
  const path = typeof change.path === 'string' ? renamedPaths[change.path] : undefined;
  return renamed(path === undefined ? change : { ...change, path }, 'deed', 'action');
};

/**
 * A command, or what the ledger keeps of one, in the words of today: a device may still hold one that it wrote before
 * version 2 of the build file, and old rows of a ledger stay as they were written.
 */
export function raiseFields(kind: string, fields: Fields): { kind: string; fields: Fields } {
  let told = fields;
  if (Array.isArray(told.changes)) told = { ...told, changes: told.changes.map(raiseChange) };
  if (kind === 'gate') {
    told = renamed(renamed(told, 'moment', 'holdPoint'), 'deed', 'action');
    const action = typeof told.action === 'string' ? renamedActions[told.action] : undefined;
    if (action !== undefined) told = { ...told, action };
  }
  if (kind === 'start') told = renamed(told, 'bench', 'dryRun');
  if (kind === 'waive' || kind === 'unwaive') told = renamed(told, 'callId', 'checkId');
  if (kind === 'repair' && isFields(told.repair)) told = { ...told, repair: renamed(told.repair, 'callId', 'checkId') };
  return { kind: renamedKinds[kind] ?? kind, fields: told };
}

export function raiseCommand(value: unknown): unknown {
  if (!isFields(value) || typeof value.kind !== 'string') return value;
  const { kind, ...rest } = value;
  const raised = raiseFields(kind, rest);
  return { ...raised.fields, kind: raised.kind };
}
