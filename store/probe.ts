import { database, isDiskFull } from './database';

/** Asked by anybody, therefore no oftener than this, ms. */
const oftenMs = 2000;
const shared = globalThis as typeof globalThis & { lorbetProbe?: { atMs: number; why: Promise<string | null> } };

async function write(): Promise<string | null> {
  try {
    await database().sequelize.query(
      'INSERT INTO probes (id, at) VALUES (1, now()) ON CONFLICT (id) DO UPDATE SET at = excluded.at; SELECT 1 FROM builds LIMIT 1',
    );
    return null;
  } catch (error) {
    return isDiskFull(error)
      ? 'The disk is full: nothing can be kept until there is room.'
      : 'The database does not answer, can’t keep anything, or was not migrated.';
  }
}

/** Whether the database keeps what is written. @returns null where it does, else why not */
export function probeWrite(nowMs = Date.now()): Promise<string | null> {
  if (!shared.lorbetProbe || nowMs - shared.lorbetProbe.atMs >= oftenMs) shared.lorbetProbe = { atMs: nowMs, why: write() };
  return shared.lorbetProbe.why;
}
