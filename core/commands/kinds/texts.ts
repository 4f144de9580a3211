import * as yup from 'yup';
import type { Build, Identity } from '../../build/Build';
import { oneOf, text } from '../../build/schemaParts';
import { defaultPractices, practiceIds, practices, type PracticeId } from '../../practices/practices';
import { originKey } from '../../record/Origin';
import { changesOf, clash, defineCommand, settleChanges, shape, type Clash, type Settle, type Step } from '../define';

export interface TextChange<K extends string> {
  key: K;
  from: string;
  to: string;
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
export interface IdentityCommand {
  kind: 'identity';
  changes: TextChange<IdentityKey>[];
}
export interface PracticesCommand {
  kind: 'practices';
  changes: TextChange<PracticeId>[];
}
type Part = 'identity' | 'practices';

/** Changes of plain texts in one part of the build; whether a text may stand is the schema's affair. */
function changeTexts<K extends string>(
  build: Build,
  part: Part,
  changes: readonly TextChange<K>[],
  label: (key: K) => string,
): Step {
  const texts = { ...build[part] } as unknown as Record<string, string | undefined>;
  const clashes: Clash[] = [];
  for (const { key, from, to } of changes) {
    // A practice that came after this build was begun stands at its first option until somebody chooses.
    const now = texts[key] ?? (part === 'practices' ? (defaultPractices as Record<string, string>)[key] : undefined) ?? '';
    if (now !== from && now !== to) clashes.push({ key: originKey.text(part, key), label: label(key), theirs: now, yours: to });
    texts[key] = to;
  }
  return clashes.length > 0 ? clash(clashes) : { ok: true, build: { ...build, [part]: texts }, body: { changes } };
}
const keysOf = (part: Part) => (body: Record<string, unknown>) =>
  (body.changes as TextChange<string>[]).map(({ key }) => originKey.text(part, key));
const settleTexts =
  <C extends { changes: TextChange<string>[] }>(part: Part): Settle<C> =>
  (command, clashes, choices) => {
    const changes = settleChanges(command.changes, clashes, choices, (c) => originKey.text(part, c.key));
    return changes.length > 0 ? { ...command, changes } : null;
  };

/** What the build is called, and what it is. */
export const identityCommand = defineCommand<IdentityCommand>({
  kind: 'identity',
  permission: 'work',
  schema: shape(() => ({ changes: changesOf({ key: oneOf(identityLabels), from: text(120), to: text(120) }) })),
  apply: (build, { changes }) => changeTexts(build, 'identity', changes, (key) => identityLabels[key]),
  describe: (body) =>
    (body.changes as TextChange<IdentityKey>[])
      .map(({ key, from, to }) => `${identityLabels[key]}: ${to || 'emptied'} (was ${from || 'empty'})`)
      .join('; '),
  originKeys: keysOf('identity'),
  settle: settleTexts('identity'),
});

/** Which of several accepted ways this build follows. */
export const practicesCommand = defineCommand<PracticesCommand>({
  kind: 'practices',
  permission: 'manage',
  schema: shape(() => ({
    changes: changesOf({ key: yup.string().defined().oneOf(practiceIds), from: text(60, 1), to: text(60, 1) }),
  })),
  apply: (build, { changes }) => changeTexts(build, 'practices', changes, (key) => practices[key].label),
  describe: (body) =>
    `practice followed here, ${(body.changes as TextChange<PracticeId>[])
      .map(
        ({ key, to }) =>
          `${practices[key].label.toLowerCase()}: ${(practices[key].options as Record<string, { label: string }>)[to]?.label ?? to}`,
      )
      .join('; ')}`,
  originKeys: keysOf('practices'),
  settle: settleTexts('practices'),
});
