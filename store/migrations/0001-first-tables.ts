import type { QueryInterface } from 'sequelize';

/** First tables. The ledger's trigger refuses change and removal whoever asks, so that a slip in our own code can't do it either. */
export const firstTables = {
  name: '0001-first-tables',
  async up({ context }: { context: QueryInterface }) {
    await context.sequelize.query(`
      CREATE TABLE workshops (id uuid PRIMARY KEY, name varchar(80) NOT NULL, schools jsonb NOT NULL, demo boolean NOT NULL);
      CREATE TABLE people (
        id uuid PRIMARY KEY, workshop_id uuid NOT NULL REFERENCES workshops, name varchar(80) NOT NULL, login varchar(60) NOT NULL UNIQUE,
        password_hash varchar(200) NOT NULL, role varchar(10) NOT NULL CHECK (role IN ('viewer', 'fitter', 'lead')), demo boolean NOT NULL);
      CREATE TABLE sessions (token_hash varchar(64) PRIMARY KEY, person_id uuid NOT NULL REFERENCES people ON DELETE CASCADE, created_at timestamptz NOT NULL, seen_at timestamptz NOT NULL);
      CREATE TABLE builds (
        id uuid PRIMARY KEY, workshop_id uuid NOT NULL REFERENCES workshops, document jsonb NOT NULL,
        last_seq integer NOT NULL, last_hash varchar(64) NOT NULL, changed_at timestamptz NOT NULL);
      CREATE INDEX builds_by_workshop ON builds (workshop_id, changed_at DESC);
      CREATE TABLE ledger (
        build_id uuid NOT NULL REFERENCES builds, seq integer NOT NULL CHECK (seq > 0), at timestamptz(3) NOT NULL, by_name varchar(80) NOT NULL, role varchar(10) NOT NULL,
        kind varchar(20) NOT NULL, body text NOT NULL, prev_hash varchar(64) NOT NULL, hash varchar(64) NOT NULL,
        person_id uuid REFERENCES people, command_id uuid NOT NULL, PRIMARY KEY (build_id, seq), UNIQUE (build_id, command_id));
      CREATE FUNCTION ledger_is_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
        BEGIN RAISE EXCEPTION 'the ledger is append-only: % refused', TG_OP; END $$;
      CREATE TRIGGER ledger_append_only BEFORE UPDATE OR DELETE ON ledger FOR EACH ROW EXECUTE FUNCTION ledger_is_append_only();
      CREATE TRIGGER ledger_no_truncate BEFORE TRUNCATE ON ledger FOR EACH STATEMENT EXECUTE FUNCTION ledger_is_append_only();
    `);
  },
};
