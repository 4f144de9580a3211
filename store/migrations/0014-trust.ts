import type { QueryInterface } from 'sequelize';

/** The fingerprint of what was sent for each ledger row, so that the same id with other content is told; a row that is written to see whether anything can be; and who gave a person a new password, until that person next signs. */
export const trust = {
  name: '0014-trust',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query(`
      ALTER TABLE ledger ADD COLUMN IF NOT EXISTS command_hash char(64);
      CREATE TABLE IF NOT EXISTS probes (id integer PRIMARY KEY, at timestamptz NOT NULL);
      ALTER TABLE people ADD COLUMN IF NOT EXISTS reset_by varchar(80);
      ALTER TABLE people ADD COLUMN IF NOT EXISTS reset_at timestamptz(3);
    `);
  },
};
