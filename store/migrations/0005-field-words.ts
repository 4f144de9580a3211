import { createHash, randomUUID } from 'node:crypto';
import type { QueryInterface, Sequelize, Transaction } from 'sequelize';
import { QueryTypes } from 'sequelize';
import { formatVersion, type Build } from '../../core/build/Build';
import { carrySignatures, hashUnsigned, raise } from '../../core/build/raise';
import { assess } from '../../core/checks/assess';
import { summarizeBuild } from '../../core/checks/summarizeBuild';
import { raiseWaivers } from '../../core/checks/waives';
import { nextRow } from '../../core/ledger/chain';
import { noteOrigins } from '../../core/ledger/noteOrigins';
import { canonicalJson } from '../../core/record/canonicalJson';
import type { Origins } from '../../core/record/Origin';

const hashText = (text: string): string => createHash('sha256').update(text).digest('hex');

/**
 * Builds in version 2 of their document: the words of the field, and waivers bound to findings in place of sentences.
 * Each build that changes by it says so in its ledger; rows of before stay as they were written, and signatures hold on.
 */
export const fieldWords = {
  name: '0005-field-words',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.transaction((transaction) => raiseAll(sequelize, transaction));
  },
};

async function raiseAll(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  await sequelize.query(
    `
      DO $$ BEGIN
        IF EXISTS (SELECT 1 FROM information_schema.columns WHERE table_name = 'workshops' AND column_name = 'schools') THEN
          ALTER TABLE workshops RENAME COLUMN schools TO practices;
        END IF;
      END $$;
    `,
    { transaction },
  );
  const ids = await sequelize.query<{ id: string }>('SELECT id FROM builds ORDER BY id', {
    type: QueryTypes.SELECT,
    transaction,
  });
  for (const { id } of ids) await raiseOne(sequelize, id, transaction);
}

interface Kept {
  document: Record<string, unknown>;
  seq: number;
  hash: string;
}

async function raiseOne(sequelize: Sequelize, id: string, transaction: Transaction): Promise<void> {
  const select = { type: QueryTypes.SELECT, replacements: { id }, transaction } as const;
  const [kept] = await sequelize.query<Kept>(
    'SELECT document, last_seq AS seq, last_hash AS hash FROM builds WHERE id = :id FOR UPDATE',
    select,
  );
  if (!kept) return;
  const raised = raise(kept.document, formatVersion) as unknown as Build;
  const build = carrySignatures(raiseWaivers(raised, assess(raised)), hashUnsigned(kept.document));
  let { seq, hash } = kept;
  if (kept.document.version !== build.version) {
    const at = new Date();
    const row = nextRow(seq === 0 ? null : { seq, hash }, {
      buildId: id,
      at: at.toISOString(),
      by: 'Lorbet',
      role: 'lead',
      kind: 'raised',
      body: { from: kept.document.version, to: build.version, documentHash: hashText(canonicalJson(build)) },
    });
    await sequelize.query(
      `INSERT INTO ledger (build_id, seq, at, by_name, role, kind, body, prev_hash, hash, command_id)
       VALUES (:id, :seq, :at, :by, :role, :kind, :body, :prevHash, :hash, :commandId)`,
      { replacements: { ...row, id, at, body: canonicalJson(row.body), commandId: randomUUID() }, transaction },
    );
    ({ seq, hash } = row);
  }
  const rows = await sequelize.query<{ kind: string; body: string; by: string; at: Date }>(
    'SELECT kind, body, by_name AS by, at FROM ledger WHERE build_id = :id ORDER BY seq',
    select,
  );
  const origins = rows.reduce<Origins>(
    (known, row) => noteOrigins(known, { ...row, body: JSON.parse(row.body) as unknown, at: row.at.toISOString() }),
    {},
  );
  await sequelize.query(
    'UPDATE builds SET document = :document, summary = :summary, origins = :origins, last_seq = :seq, last_hash = :hash WHERE id = :id',
    {
      replacements: {
        id,
        seq,
        hash,
        document: JSON.stringify(build),
        summary: JSON.stringify(summarizeBuild(build, assess(build))),
        origins: JSON.stringify(origins),
      },
      transaction,
    },
  );
}
