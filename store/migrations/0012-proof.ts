import type { QueryInterface } from 'sequelize';

/**
 * Keys with which certificates are signed: the public half, and the private one sealed with a secret of the machine.
 * And the chain of ledger heads: each night one row for a workshop, over the heads of all its builds, added to and never changed.
 */
export const proof = {
  name: '0012-proof',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query(`
      CREATE TABLE IF NOT EXISTS workshop_keys (
        workshop_id uuid NOT NULL REFERENCES workshops (id),
        public_key char(64) NOT NULL,
        sealed text NOT NULL,
        made_at timestamptz(3) NOT NULL,
        made_by varchar(80) NOT NULL,
        retired_at timestamptz(3),
        retired_by varchar(80),
        retired_why varchar(10),
        after_key char(64),
        after_signature varchar(86),
        PRIMARY KEY (workshop_id, public_key)
      );
      CREATE UNIQUE INDEX IF NOT EXISTS one_key_in_use ON workshop_keys (workshop_id) WHERE retired_at IS NULL;
      CREATE TABLE IF NOT EXISTS witnesses (
        workshop_id uuid NOT NULL REFERENCES workshops (id),
        seq integer NOT NULL,
        content text NOT NULL,
        prev_hash char(64) NOT NULL,
        hash char(64) NOT NULL,
        PRIMARY KEY (workshop_id, seq)
      );
      CREATE OR REPLACE FUNCTION refuse_witness_change() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        RAISE EXCEPTION 'rows of the chain of heads are never changed or removed';
      END $$;
      DROP TRIGGER IF EXISTS witnesses_only_grow ON witnesses;
      CREATE TRIGGER witnesses_only_grow BEFORE UPDATE OR DELETE OR TRUNCATE ON witnesses
        FOR EACH STATEMENT EXECUTE FUNCTION refuse_witness_change();
    `);
  },
};
