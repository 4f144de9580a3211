import type { QueryInterface } from 'sequelize';

/** Whose hands were at a build is asked by person. */
export const hands = {
  name: '0007-hands',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query('CREATE INDEX IF NOT EXISTS ledger_person_build ON ledger (person_id, build_id)');
  },
};
