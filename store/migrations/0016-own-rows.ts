import type { QueryInterface } from 'sequelize';

/** Tables that hold what a workshop owns, by the column that says whose a row is. */
const owned = {
  workshops: 'id',
  people: 'workshop_id',
  builds: 'workshop_id',
  part_lists: 'workshop_id',
  unit_cards: 'workshop_id',
  rule_packs: 'workshop_id',
  sign_ins: 'workshop_id',
  owner_links: 'workshop_id',
  training: 'workshop_id',
  trainer_cases: 'workshop_id',
  workshop_keys: 'workshop_id',
  witnesses: 'workshop_id',
} as const;
/** Tables that lie beside a build, or beside a person, and are whose that is. */
const beside = {
  ledger: ['builds', 'build_id'],
  photos: ['builds', 'build_id'],
  start_logs: ['builds', 'build_id'],
  second_steps: ['people', 'person_id'],
  passkeys: ['people', 'person_id'],
} as const;

const here = "current_setting('lorbet.workshop', true)";
const policy = (table: string, condition: string) => `
  ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
  DROP POLICY IF EXISTS own_rows ON ${table};
  CREATE POLICY own_rows ON ${table} USING (${condition}) WITH CHECK (${condition});`;

/**
 * One workshop's rows are shown to no other, whatever a query forgets: the app says for which workshop it works
 * (`lorbet.workshop`, by store/scope.ts; nothing said: nothing shown). The owner of the tables, who migrates and backs up, is not held.
 */
export const ownRows = {
  name: '0016-own-rows',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    const byWorkshop = Object.entries(owned).map(([table, column]) =>
      policy(table, `${here} = '*' OR ${column} = nullif(nullif(${here}, '*'), '')::uuid`),
    );
    const byOther = Object.entries(beside).map(([table, [other, column]]) =>
      policy(table, `${here} = '*' OR EXISTS (SELECT FROM ${other} o WHERE o.id = ${column})`),
    );
    await sequelize.query([...byWorkshop, ...byOther].join('\n'));
  },
};
