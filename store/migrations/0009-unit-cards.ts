import type { QueryInterface } from 'sequelize';

/** What a workshop knows of its kinds of heaters; and which builds took a card. */
export const unitCards = {
  name: '0009-unit-cards',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query(`
      CREATE TABLE IF NOT EXISTS unit_cards (
        id uuid NOT NULL,
        workshop_id uuid NOT NULL REFERENCES workshops (id),
        card jsonb NOT NULL,
        edition integer NOT NULL,
        changed_at timestamptz NOT NULL,
        by_name varchar(80) NOT NULL,
        PRIMARY KEY (workshop_id, id)
      )
    `);
    await sequelize.query(`
      CREATE INDEX IF NOT EXISTS builds_unit_card ON builds (workshop_id, (document #>> '{unitCard,id}'))
      WHERE document -> 'unitCard' IS NOT NULL
    `);
  },
};
