import { QueryTypes } from 'sequelize';
import { noteOrigins } from '../../core/ledger/noteOrigins';
import type { LedgerRow } from '../../core/ledger/chain';
import { canonicalJson } from '../../core/record/canonicalJson';
import type { Origins } from '../../core/record/Origin';
import { database } from '../database';
import type { BuildRow } from '../models';
import { brokenPhotos } from '../photos';
import { summaryColumns } from './kept';

interface WithPerson extends Pick<LedgerRow, 'seq' | 'by' | 'kind'> {
  at: Date;
  body: string;
  personId: string | null;
  workshopId: string;
}
/** What the bay says of a build whatever the version that said it: the rest is judged by checks, and those change. */
const lasting = ({ name, what, place, invented, signed }: BuildRow['summary']) => ({ name, what, place, invented, signed });
const same = (a: unknown, b: unknown): boolean => canonicalJson(a) === canonicalJson(b);

/** Photographs that entries of this build named when they were kept here: none is taken whose picture is not there. */
function photosNamed(body: unknown): string[] {
  const changes = (body as { changes?: unknown }).changes;
  return Array.isArray(changes)
    ? (changes as { list?: unknown; values?: { sha256?: unknown } }[]).flatMap(({ list, values }) =>
        list === 'photos' && typeof values?.sha256 === 'string' ? [values.sha256] : [],
      )
    : [];
}

/**
 * What is kept beside a build's ledger and is not what the ledger left: who entered what, what the bay shows, whose each row is, pictures.
 * The chain of rows itself is for `verifyBuild`.
 * @returns one sentence each
 */
export async function brokenBeside(buildId: string): Promise<string[]> {
  const { sequelize, models } = database();
  const build = await models.BuildRow.findByPk(buildId);
  if (!build) return [];
  const rows = await sequelize.query<WithPerson>(
    'SELECT seq, at, by_name AS "by", kind, body, person_id AS "personId", workshop_id AS "workshopId" FROM ledger WHERE build_id = $1 ORDER BY seq',
    { bind: [buildId], type: QueryTypes.SELECT },
  );
  const broken: string[] = [];
  const wanted = new Set<string>();
  let origins: Origins = {};
  for (const { seq, at, by, kind, body: text, personId, workshopId } of rows) {
    if (workshopId !== build.workshopId) broken.push(`row ${seq} is shown to another workshop, and hidden from its own`);
    const body = JSON.parse(text) as { personId?: unknown };
    origins = noteOrigins(origins, { kind, body, by, at: at.toISOString() });
    if (typeof body.personId === 'string' && body.personId !== personId)
      broken.push(`row ${seq} is somebody else’s than the one who wrote it`);
    for (const sha256 of photosNamed(body)) wanted.add(sha256);
  }
  if (!same(origins, build.origins)) broken.push('who entered its figures is not what its ledger says');
  const now = summaryColumns(build.document);
  if (!same(lasting(now.summary), lasting(build.summary)) || now.search !== build.search)
    broken.push('what the bay shows of it is not what it says itself');
  const there = await models.PhotoRow.findAll({ where: { buildId }, attributes: ['sha256'], raw: true });
  for (const { sha256 } of there) wanted.delete(sha256);
  broken.push(...[...wanted].map((sha256) => `the picture ${sha256} is gone`));
  broken.push(...(await brokenPhotos(buildId)).map((sha256) => `the picture ${sha256} is not what its fingerprint says`));
  return broken;
}
