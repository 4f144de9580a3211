import type { QueryInterface } from 'sequelize';

/** A second step of signing in: a code that changes each half minute, codes for the day on which the phone is lost, and passkeys; and when a session last gave it. */
export const secondStep = {
  name: '0015-second-step',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query(`
      CREATE TABLE IF NOT EXISTS second_steps (
        person_id uuid PRIMARY KEY REFERENCES people ON DELETE CASCADE,
        sealed text NOT NULL, begun_at timestamptz NOT NULL, confirmed_at timestamptz,
        used_step bigint NOT NULL DEFAULT 0, recovery jsonb NOT NULL DEFAULT '[]',
        challenge varchar(200), challenge_at timestamptz);
      CREATE TABLE IF NOT EXISTS passkeys (
        id varchar(400) PRIMARY KEY, person_id uuid NOT NULL REFERENCES people ON DELETE CASCADE,
        public_key bytea NOT NULL, counter bigint NOT NULL, label varchar(60) NOT NULL, made_at timestamptz NOT NULL);
      CREATE INDEX IF NOT EXISTS passkeys_of_person ON passkeys (person_id);
      ALTER TABLE sessions ADD COLUMN IF NOT EXISTS proven_at timestamptz;
    `);
  },
};
