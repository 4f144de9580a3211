import type { QueryInterface, Sequelize, Transaction } from 'sequelize';

/** Summaries and origins beside each build, people who can be disabled and invited, sessions that rotate, sign-ins on record, limits. */
export const firmGround = {
  name: '0002-firm-ground',
  async up({ context }: { context: QueryInterface }) {
    await context.sequelize.transaction((transaction) => raise(context.sequelize, transaction));
  },
};

async function raise(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  // Done wholly, but killed before that was written down.
  const [done] = await sequelize.query(
    "SELECT 1 FROM information_schema.columns WHERE table_name = 'builds' AND column_name = 'summary'",
    {
      transaction,
    },
  );
  if (done.length > 0) return;
  await sequelize.query(
    `
      ALTER TABLE builds ADD COLUMN summary jsonb, ADD COLUMN origins jsonb NOT NULL DEFAULT '{}', ADD COLUMN search text NOT NULL DEFAULT '';
      DROP INDEX builds_by_workshop;
      CREATE INDEX builds_by_workshop ON builds (workshop_id, changed_at DESC, id DESC);
      ALTER TABLE people ADD COLUMN disabled_at timestamptz, ADD COLUMN settings jsonb NOT NULL DEFAULT '{}';
      CREATE INDEX people_by_workshop ON people (workshop_id, name);
      ALTER TABLE sessions ADD COLUMN began_at timestamptz, ADD COLUMN ends_at timestamptz, ADD COLUMN agent varchar(200) NOT NULL DEFAULT '';
      UPDATE sessions SET began_at = created_at;
      ALTER TABLE sessions ALTER COLUMN began_at SET NOT NULL;
      CREATE INDEX sessions_by_person ON sessions (person_id);
      CREATE TABLE invites (
        token_hash varchar(64) PRIMARY KEY, person_id uuid NOT NULL REFERENCES people ON DELETE CASCADE, made_by varchar(80) NOT NULL,
        made_at timestamptz NOT NULL, expires_at timestamptz NOT NULL);
      CREATE TABLE sign_ins (
        id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY, at timestamptz(3) NOT NULL, login varchar(60) NOT NULL, person_id uuid REFERENCES people,
        workshop_id uuid REFERENCES workshops, event varchar(20) NOT NULL, by_name varchar(80) NOT NULL DEFAULT '', address varchar(64) NOT NULL, agent varchar(200) NOT NULL);
      CREATE INDEX sign_ins_by_workshop ON sign_ins (workshop_id, id DESC);
      CREATE TRIGGER sign_ins_append_only BEFORE UPDATE OR DELETE ON sign_ins FOR EACH ROW EXECUTE FUNCTION ledger_is_append_only();
      CREATE TRIGGER sign_ins_no_truncate BEFORE TRUNCATE ON sign_ins FOR EACH STATEMENT EXECUTE FUNCTION ledger_is_append_only();
      CREATE TABLE rate_limits (key varchar(255) PRIMARY KEY, points integer NOT NULL DEFAULT 0, expire bigint);
    `,
    { transaction },
  );
  // Summaries and origins are worked out once the documents are in the form of today (0005).
  await sequelize.query(
    `UPDATE builds SET summary = '{}', search = lower(concat_ws(E'\\n', document #>> '{identity,name}', document #>> '{identity,what}',
       document #>> '{identity,place}', document #>> '{identity,heaterSerial}'))`,
    { transaction },
  );
  await sequelize.query('ALTER TABLE builds ALTER COLUMN summary SET NOT NULL', { transaction });
}
