import { createPrivateKey, createPublicKey, generateKeyPairSync, sign, type KeyObject } from 'node:crypto';
import { QueryTypes, type Transaction } from 'sequelize';
import type { ReadResult } from '../core/build/readBuild';
import type { PublicKey } from '../core/proof/judgePaper';
import { keyIdOf, successionText } from '../core/proof/statement';
import { config } from './config';
import { database } from './database';
import { openSealed, sealBytes } from './seal';
import { acrossWorkshops, inWorkshop } from './scope';

interface KeyRow {
  public_key: string;
  sealed: string;
  made_at: Date;
  retired_at: Date | null;
  retired_why: 'changed' | 'lost' | null;
  after_key: string | null;
  after_signature: string | null;
}
const columns = 'public_key, sealed, made_at, retired_at, retired_why, after_key, after_signature';

/** Signs texts with a workshop's key. */
export interface Signer {
  publicKey: string;
  keyId: string;
  /** Ed25519 over the text's UTF-8 bytes, base64url */ sign: (text: string) => string;
}
const publicHex = (key: KeyObject): string =>
  Buffer.from(createPublicKey(key).export({ format: 'jwk' }).x ?? '', 'base64url').toString('hex');
const signerOf = (key: KeyObject): Signer => {
  const publicKey = publicHex(key);
  return { publicKey, keyId: keyIdOf(publicKey), sign: (text) => sign(null, Buffer.from(text), key).toString('base64url') };
};
function opened(row: KeyRow | undefined): Signer | null {
  const bytes = row && openSealed(row.sealed, config().sealSecret);
  return bytes ? signerOf(createPrivateKey({ key: bytes, format: 'der', type: 'pkcs8' })) : null;
}
const publicOf = (row: KeyRow): PublicKey => ({
  publicKey: row.public_key,
  madeAtMs: row.made_at.getTime(),
  ...(row.retired_at && row.retired_why ? { retired: { atMs: row.retired_at.getTime(), why: row.retired_why } } : {}),
  ...(row.after_key && row.after_signature ? { after: { publicKey: row.after_key, signature: row.after_signature } } : {}),
});

async function rowsOf(workshopId: string, transaction?: Transaction): Promise<KeyRow[]> {
  return database().sequelize.query<KeyRow>(
    `SELECT ${columns} FROM workshop_keys WHERE workshop_id = :workshopId ORDER BY made_at`,
    { replacements: { workshopId }, type: QueryTypes.SELECT, ...(transaction ? { transaction } : {}) },
  );
}

/** All keys that a workshop has or had, oldest first. */
export const keysOf = async (workshopId: string): Promise<PublicKey[]> => (await rowsOf(workshopId)).map(publicOf);

/** The workshop to which a key belongs, and all its keys; null for a key that nobody here has. */
export async function workshopByKey(keyId: string): Promise<{ name: string; workshopId: string; keys: PublicKey[] } | null> {
  const query = () =>
    database().sequelize.query<{ public_key: string; id: string; name: string }>(
      'SELECT k.public_key, w.id, w.name FROM workshop_keys k JOIN workshops w ON w.id = k.workshop_id',
      { type: QueryTypes.SELECT },
    );
  const found = (await acrossWorkshops(query)).find((key) => keyIdOf(key.public_key) === keyId);
  if (!found) return null;
  const keys = await inWorkshop(found.id, () => keysOf(found.id));
  return { name: found.name, workshopId: found.id, keys };
}

/** Writes a new key, inside a transaction that holds the workshop's row. */
async function addKey(
  workshopId: string,
  by: string,
  at: Date,
  former: Signer | null,
  transaction: Transaction,
): Promise<Signer> {
  const { privateKey } = generateKeyPairSync('ed25519');
  const made = signerOf(privateKey);
  await database().sequelize.query(
    `INSERT INTO workshop_keys (workshop_id, public_key, sealed, made_at, made_by, after_key, after_signature)
     VALUES (:workshopId, :publicKey, :sealed, :at, :by, :after, :afterSignature)`,
    {
      replacements: {
        workshopId,
        publicKey: made.publicKey,
        sealed: sealBytes(privateKey.export({ format: 'der', type: 'pkcs8' }), config().sealSecret),
        at,
        by,
        after: former?.publicKey ?? null,
        afterSignature: former?.sign(successionText(made.publicKey, at.getTime())) ?? null,
      },
      transaction,
    },
  );
  return made;
}

const locked = <T>(workshopId: string, work: (transaction: Transaction) => Promise<T>): Promise<T> =>
  database().sequelize.transaction(async (transaction) => {
    await database().models.WorkshopRow.findByPk(workshopId, { transaction, lock: transaction.LOCK.UPDATE });
    return work(transaction);
  });
const inUse = (rows: readonly KeyRow[]) => rows.find(({ retired_at }) => retired_at === null);

/** The key with which a workshop signs, made where it has none; null where it can't be opened on this machine. */
export async function signerFor(workshopId: string, at: Date): Promise<Signer | null> {
  const current = inUse(await rowsOf(workshopId));
  if (current) return opened(current);
  return locked(workshopId, async (transaction) => {
    const again = inUse(await rowsOf(workshopId, transaction));
    return again ? opened(again) : addKey(workshopId, 'Lorbet', at, null, transaction);
  });
}

/**
 * Sets the key in use aside and makes a new one. One that is merely changed signs for the one that follows; a lost one can't, or must not.
 */
export async function changeKey(
  person: { workshopId: string; name: string },
  why: unknown,
  at: Date,
): Promise<ReadResult<PublicKey[]>> {
  if (why !== 'changed' && why !== 'lost')
    return { ok: false, errors: [`why is “${String(why).slice(0, 20)}”; allowed is changed or lost.`] };
  const { workshopId, name } = person;
  return locked(workshopId, async (transaction): Promise<ReadResult<PublicKey[]>> => {
    const current = inUse(await rowsOf(workshopId, transaction));
    const former = why === 'changed' ? opened(current) : null;
    if (why === 'changed' && current && !former)
      return {
        ok: false,
        errors: ['The key in use can’t be opened on this machine, so it can’t sign for a new one: say that it is lost.'],
      };
    if (current)
      await database().sequelize.query(
        'UPDATE workshop_keys SET retired_at = :at, retired_by = :name, retired_why = :why WHERE workshop_id = :workshopId AND public_key = :key',
        { replacements: { at, name, why, workshopId, key: current.public_key }, transaction },
      );
    await addKey(workshopId, name, at, former, transaction);
    return { ok: true, value: (await rowsOf(workshopId, transaction)).map(publicOf) };
  });
}
