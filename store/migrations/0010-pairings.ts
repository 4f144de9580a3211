import type { QueryInterface } from 'sequelize';

/** Codes by which a phone is signed in as whoever shows it one: hashes only, each for one use and two minutes. */
export const pairings = {
  name: '0010-pairings',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query(`
      CREATE TABLE IF NOT EXISTS pairings (
        code_hash varchar(64) PRIMARY KEY,
        person_id uuid NOT NULL REFERENCES people (id) ON DELETE CASCADE,
        expires_at timestamptz NOT NULL
      )
    `);
  },
};
