import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import type { Build } from '../core/build/Build';
import type { ReadResult } from '../core/build/readBuild';
import { commandBuild } from './builds/command';
import { database } from './database';
import type { Person } from './people';
import { hashToken, newToken } from './sessions';
import { acrossWorkshops } from './scope';

/** A link by which whoever holds it reads what an owner is told of one build, and nothing else. Only its hash is kept. */
export interface OwnerLink {
  id: string;
  madeAt: string;
  madeBy: string;
  endedAt: string | null;
  endedBy: string | null;
}
/** So many links of a build may be open at once. */
const openMost = 10;
const gone = { ok: false as const, errors: ['There is no such open link to this build.'] };

/** Links of a build of the person's own workshop, newest first. */
export async function ownerLinksOf(person: Person, buildId: string): Promise<OwnerLink[]> {
  const rows = await database().sequelize.query<
    Record<'id' | 'madeBy' | 'endedBy', string> & Record<'madeAt' | 'endedAt', Date | null>
  >(
    `SELECT id, made_at AS "madeAt", made_by AS "madeBy", ended_at AS "endedAt", ended_by AS "endedBy"
     FROM owner_links WHERE build_id = :buildId AND workshop_id = :workshopId ORDER BY made_at DESC LIMIT 100`,
    { replacements: { buildId, workshopId: person.workshopId }, type: QueryTypes.SELECT },
  );
  return rows.map(({ madeAt, endedAt, ...row }) => ({
    ...row,
    madeAt: madeAt?.toISOString() ?? '',
    endedAt: endedAt?.toISOString() ?? null,
  }));
}

/** Makes a link; the ledger says so. @returns its token, which is kept nowhere */
export async function makeOwnerLink(person: Person, buildId: string, at = new Date()): Promise<ReadResult<string>> {
  const { sequelize } = database();
  const token = newToken();
  return sequelize
    .transaction(async (outer): Promise<ReadResult<string>> => {
      // The note takes the build's row, so that of two who make links at once one waits.
      const noted = await commandBuild(person, buildId, { kind: 'note', text: 'link for the owner made' }, randomUUID(), {
        at,
        outer,
      });
      if (!noted.ok) return { ok: false, errors: noted.errors };
      const [{ n } = { n: 0 }] = await sequelize.query<{ n: number }>(
        'SELECT count(*)::int AS n FROM owner_links WHERE build_id = :buildId AND ended_at IS NULL',
        { replacements: { buildId }, type: QueryTypes.SELECT, transaction: outer },
      );
      if (n >= openMost)
        throw new TooManyLinks(`${n} links to this build are open; at most ${openMost} are allowed. End one first.`);
      await sequelize.query(
        `INSERT INTO owner_links (id, token_hash, build_id, workshop_id, made_at, made_by)
       VALUES (:id, :hash, :buildId, :workshopId, :at, :by)`,
        {
          replacements: { id: randomUUID(), hash: hashToken(token), buildId, workshopId: person.workshopId, at, by: person.name },
          transaction: outer,
        },
      );
      return { ok: true, value: token };
    })
    .catch((error: unknown) => {
      if (error instanceof TooManyLinks) return { ok: false, errors: [error.message] };
      throw error;
    });
}
class TooManyLinks extends Error {}

/** Ends a link; the ledger says so. */
export async function endOwnerLink(person: Person, buildId: string, id: string, at = new Date()): Promise<ReadResult<null>> {
  return database().sequelize.transaction(async (outer): Promise<ReadResult<null>> => {
    const [ended] = await database().sequelize.query<{ id: string }>(
      `UPDATE owner_links SET ended_at = :at, ended_by = :by
       WHERE id = :id AND build_id = :buildId AND workshop_id = :workshopId AND ended_at IS NULL RETURNING id`,
      {
        replacements: { at, by: person.name, id, buildId, workshopId: person.workshopId },
        type: QueryTypes.SELECT,
        transaction: outer,
      },
    );
    if (!ended) return gone;
    const noted = await commandBuild(person, buildId, { kind: 'note', text: 'link for the owner ended' }, randomUUID(), {
      at,
      outer,
    });
    return noted.ok ? { ok: true, value: null } : { ok: false, errors: noted.errors };
  });
}

/** The build that an open link is to, with the name of its workshop; null where the link is unknown or was ended. */
export async function buildByOwnerLink(token: string): Promise<{ build: Build; workshop: string } | null> {
  if (!/^[0-9a-f]{64}$/.test(token)) return null;
  const query = () =>
    database().sequelize.query<{ build: Build; workshop: string }>(
      `SELECT b.document AS build, w.name AS workshop FROM owner_links o
     JOIN builds b ON b.id = o.build_id JOIN workshops w ON w.id = o.workshop_id
     WHERE o.token_hash = :hash AND o.ended_at IS NULL`,
      { replacements: { hash: hashToken(token) }, type: QueryTypes.SELECT },
    );
  return (await acrossWorkshops(query))[0] ?? null;
}
