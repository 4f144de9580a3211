import type { QueryInterface } from 'sequelize';

/** A workshop's own rule packs; which visit is due; links by which an owner reads what is for them; and what its people are licensed or trained for. */
export const packs = {
  name: '0013-packs',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query(`
      CREATE TABLE IF NOT EXISTS rule_packs (
        id uuid NOT NULL,
        workshop_id uuid NOT NULL REFERENCES workshops (id),
        pack jsonb NOT NULL,
        edition integer NOT NULL,
        changed_at timestamptz NOT NULL,
        by_name varchar(80) NOT NULL,
        PRIMARY KEY (workshop_id, id)
      );
      CREATE INDEX IF NOT EXISTS builds_visit_due ON builds (workshop_id, (summary #>> '{due,day}'))
        WHERE summary ->> 'signed' = 'signed';
      CREATE TABLE IF NOT EXISTS owner_links (
        id uuid PRIMARY KEY,
        token_hash char(64) NOT NULL UNIQUE,
        build_id uuid NOT NULL REFERENCES builds (id),
        workshop_id uuid NOT NULL REFERENCES workshops (id),
        made_at timestamptz(3) NOT NULL,
        made_by varchar(80) NOT NULL,
        ended_at timestamptz(3),
        ended_by varchar(80)
      );
      CREATE INDEX IF NOT EXISTS owner_links_build ON owner_links (build_id);
      ALTER TABLE people ADD COLUMN IF NOT EXISTS licences jsonb NOT NULL DEFAULT '[]';
    `);
  },
};
