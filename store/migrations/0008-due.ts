import type { QueryInterface } from 'sequelize';

/** What is due is counted with every look into the bay, and filtered by. */
export const due = {
  name: '0008-due',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.query(`
      CREATE INDEX IF NOT EXISTS builds_due ON builds (workshop_id, ((summary #>> '{leak,dueMs}')::bigint))
      WHERE summary ->> 'signed' <> 'signed'
    `);
  },
};
