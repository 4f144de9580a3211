import { randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import type { KeptState } from '../../core/ledger/News';
import type { Build, Claim, Identity } from '../../core/build/Build';
import type { BuildFile } from '../../core/build/buildFile';
import { identitySchema } from '../../core/build/buildSchema';
import { asClaims, asCopy } from '../../core/build/claims';
import { emptyBuild } from '../../core/build/emptyBuild';
import { validate, type ReadResult } from '../../core/build/readBuild';
import { firstHash } from '../../core/ledger/chain';
import { roleMay } from '../../core/people/roles';
import { startSchema } from '../../core/usual/startSchema';
import { withStart, type Start } from '../../core/usual/startFrom';
import { canonicalJson } from '../../core/record/canonicalJson';
import { sha256Hex } from '../../core/record/sha256Hex';
import { database } from '../database';
import { workshopOf, type Person } from '../people';
import { keepStartLog } from '../startLogs';
import { addMade } from '../witness';
import { append, kept, summaryColumns } from './kept';
import { acrossWorkshops } from '../scope';

async function insert(
  person: Person,
  build: Build,
  entry: { kind: string; body: object },
  at: Date,
  outer?: Transaction,
): Promise<ReadResult<KeptState>> {
  const { sequelize, models } = database();
  const put = async (transaction: Transaction): Promise<ReadResult<KeptState>> => {
    // The workshop's row is the lock of its chain, and taken before the build refers to it: taken after, two at the same moment would wait for each other.
    await models.WorkshopRow.findByPk(person.workshopId, { lock: transaction.LOCK.NO_KEY_UPDATE, transaction });
    const [row, fresh] = await models.BuildRow.findOrCreate({
      where: { id: build.id },
      defaults: {
        id: build.id,
        workshopId: person.workshopId,
        ...summaryColumns(build),
        origins: {},
        lastSeq: 0,
        lastHash: firstHash,
        changedAt: at,
      },
      transaction,
    });
    if (!fresh)
      return {
        ok: false,
        errors: [`A build with the id ${build.id} is kept already; import the file as a copy to keep both.`],
      };
    await append(row, person, { ...entry, commandId: randomUUID(), at }, transaction);
    await addMade(person.workshopId, [row.id, row.lastSeq, row.lastHash], at, transaction);
    return { ok: true, value: kept(row) };
  };
  // A build's id is one build's over all workshops.
  return acrossWorkshops(() => sequelize.transaction({ transaction: outer }, put));
}

export async function createBuild(person: Person, value: unknown, at = new Date()): Promise<ReadResult<KeptState>> {
  if (!roleMay(person.role, 'work'))
    return { ok: false, errors: [`${person.name} signs in as ${person.role}; this is not for that role.`] };
  const workshop = await workshopOf(person);
  const { start: begun, ...said } = typeof value === 'object' && value !== null ? (value as { start?: unknown }) : {};
  const identity = validate<Identity>(identitySchema(), { ...said, invented: false });
  if (!identity.ok) return identity;
  const empty = emptyBuild(randomUUID(), identity.value, workshop.practices);
  if (begun === undefined) return insert(person, empty, { kind: 'created', body: { identity: identity.value } }, at);
  const start = validate<Omit<Start, 'kind'>>(startSchema(), begun);
  if (!start.ok) return start;
  const { assumed, said: figures, unitCard } = start.value;
  const body = {
    identity: identity.value,
    said: figures,
    assumed,
    unitCard: unitCard && { id: unitCard.id, edition: unitCard.edition },
  };
  return insert(person, withStart(empty, start.value), { kind: 'created', body }, at);
}

/**
 * Keeps a build that came as a file. As a copy it gets an id of its own and no history.
 * Else what it says that people did, saw and signed stands in it as a claim, and counts for nothing (`asClaims`).
 */
export async function importBuild(
  person: Person,
  { build, logs = new Map() }: Pick<BuildFile, 'build'> & Partial<BuildFile>,
  copy: boolean,
  at = new Date(),
  outer?: Transaction,
): Promise<ReadResult<KeptState>> {
  if (!roleMay(person.role, 'work'))
    return { ok: false, errors: [`${person.name} signs in as ${person.role}; this is not for that role.`] };
  const document = copy ? asCopy(build, randomUUID()) : asClaims(build, person.name, at.toISOString());
  const claim = document.claims?.at(-1);
  const { sequelize } = database();
  const bring = async (transaction: Transaction): Promise<ReadResult<KeptState>> => {
    const kept = await insert(
      person,
      document,
      {
        kind: 'imported',
        body: {
          fileHash: sha256Hex(canonicalJson(build)),
          copyOf: copy ? build.id : null,
          claims: claim && claim.at === at.toISOString() ? claimCounts(claim) : {},
        },
      },
      at,
      transaction,
    );
    if (kept.ok && !copy)
      for (const [sha256, log] of logs) await keepStartLog(document.id, sha256, log, person.name, at, transaction);
    return kept;
  };
  return acrossWorkshops(() => sequelize.transaction({ transaction: outer }, bring));
}

const claimCounts = ({ by: _by, at: _at, ...actions }: Claim): Record<string, number> =>
  Object.fromEntries(Object.entries(actions).map(([name, some]) => [name, some.length]));
