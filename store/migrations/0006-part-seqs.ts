import type { QueryInterface } from 'sequelize';

/** For each build the ledger row at which each of its parts last changed, so that a device is sent only what is new to it. */
export const partSeqs = {
  name: '0006-part-seqs',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query(`
      ALTER TABLE builds ADD COLUMN IF NOT EXISTS part_seqs JSONB NOT NULL DEFAULT '{}';
      UPDATE builds SET part_seqs = jsonb_build_object('*', last_seq);
    `);
  },
};
