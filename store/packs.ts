import type { Transaction } from 'sequelize';
import { packSchema } from '../core/build/pack/packSchema';
import type { RulePack } from '../core/build/pack/RulePack';
import { validate, type ReadResult } from '../core/build/readBuild';
import { packProblems } from '../core/checks/packProblems';
import type { Command } from '../core/commands/allCommands';
import { canonicalJson } from '../core/record/canonicalJson';
import { shippedPacks } from '../core/usual/packs';
import { database } from './database';
import { editionsOf, keepEdition, type KeptEdition } from './editions';
import type { Person } from './people';

/** So many rule packs of its own a workshop may keep. */
const most = 40;

/** The workshop's own rule packs, by name. */
export const packsOf = (person: Pick<Person, 'workshopId'>, transaction?: Transaction): Promise<KeptEdition<RulePack>[]> =>
  editionsOf(database().models.RulePackRow, person, transaction);

/** Keeps a rule pack of the workshop's own: a new one, or the next edition of the one that it names. No build is changed by it. */
export async function keepPack(
  person: Person,
  value: unknown,
  outer?: Transaction,
): Promise<ReadResult<KeptEdition<RulePack>[]>> {
  const read = validate<RulePack>(packSchema(), value);
  if (!read.ok) return read;
  const pack = read.value;
  if (shippedPacks.some(({ id }) => id === pack.id))
    return { ok: false, errors: [`“${pack.name}” ships with Lorbet; keep a copy under another name.`] };
  const problems = packProblems(pack);
  if (problems.length > 0) return { ok: false, errors: problems };
  const problem = await keepEdition(database().models.RulePackRow, person, pack, { many: 'rule packs', most }, outer);
  return problem === null ? { ok: true, value: await packsOf(person, outer) } : { ok: false, errors: [problem] };
}

/** Why a build may not go by the pack that a command brings: it goes by what the workshop keeps, and by nothing made up on the way. */
export async function unknownPacks(person: Person, command: Command, transaction: Transaction): Promise<string[]> {
  if (command.kind !== 'pack' || command.pack === null) return [];
  const { pack } = command;
  const known = [...shippedPacks, ...(await packsOf(person, transaction)).map(({ kept }) => kept)].find(
    ({ id }) => id === pack.id,
  );
  if (!known)
    return [`pack is “${pack.name}”, which this workshop does not keep; keep it first (Rule packs), or choose another.`];
  return canonicalJson(known) === canonicalJson(pack)
    ? []
    : [`pack is “${pack.name}”, and this workshop keeps edition ${known.edition} of it in other words; load it again.`];
}
