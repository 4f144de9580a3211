import type { QueryInterface } from 'sequelize';

/** Tables that hold what a workshop owns, by the column that says whose a row is. */
const owned = {
  workshops: 'id',
  people: 'workshop_id',
  builds: 'workshop_id',
  ledger: 'workshop_id',
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
  photos: ['builds', 'build_id'],
  start_logs: ['builds', 'build_id'],
  second_steps: ['people', 'person_id'],
  passkeys: ['people', 'person_id'],
} as const;

const said = "current_setting('lorbet.workshop', true)";
// As questions of their own: PostgreSQL then asks each once a query, and not once a row.
const every = `(SELECT ${said} = '*')`;
const here = `(SELECT nullif(nullif(${said}, '*'), '')::uuid)`;
const policy = (table: string, condition: string) => `
  ALTER TABLE ${table} ENABLE ROW LEVEL SECURITY;
  DROP POLICY IF EXISTS own_rows ON ${table};
  CREATE POLICY own_rows ON ${table} USING (${condition}) WITH CHECK (${condition});`;

// What an index is asked by stands in columns of its own: PostgreSQL looks whose a row is before it reads into a document.
const columns = `
  ALTER TABLE builds
    ADD COLUMN IF NOT EXISTS leak_due_ms bigint GENERATED ALWAYS AS ((summary #>> '{leak,dueMs}')::bigint) STORED,
    ADD COLUMN IF NOT EXISTS visit_due_day text GENERATED ALWAYS AS (summary #>> '{due,day}') STORED,
    ADD COLUMN IF NOT EXISTS signed text GENERATED ALWAYS AS (summary ->> 'signed') STORED,
    ADD COLUMN IF NOT EXISTS unit_card_id text GENERATED ALWAYS AS (document #>> '{unitCard,id}') STORED;
  DROP INDEX IF EXISTS builds_due, builds_visit_due, builds_unit_card;
  CREATE INDEX IF NOT EXISTS builds_leak_due ON builds (workshop_id, leak_due_ms) WHERE signed <> 'signed';
  CREATE INDEX IF NOT EXISTS builds_visit_due_day ON builds (workshop_id, visit_due_day) WHERE signed = 'signed';
  CREATE INDEX IF NOT EXISTS builds_unit_card_id ON builds (workshop_id, unit_card_id) WHERE unit_card_id IS NOT NULL;`;

// A ledger is read whole, 20,000 rows at a time: to look for each row's build costs four times what reading it does. The column is no part of what is hashed.
const ledger = `
  ALTER TABLE ledger ADD COLUMN IF NOT EXISTS workshop_id uuid;
  ALTER TABLE ledger DISABLE TRIGGER USER;
  UPDATE ledger l SET workshop_id = b.workshop_id FROM builds b WHERE b.id = l.build_id AND l.workshop_id IS NULL;
  ALTER TABLE ledger ENABLE TRIGGER USER;
  ALTER TABLE ledger ALTER COLUMN workshop_id SET NOT NULL;
  CREATE OR REPLACE FUNCTION lorbet_ledger_of() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN
      NEW.workshop_id := (SELECT workshop_id FROM builds WHERE id = NEW.build_id);
      RETURN NEW;
    END
  $$;
  CREATE OR REPLACE TRIGGER ledger_of BEFORE INSERT ON ledger FOR EACH ROW EXECUTE FUNCTION lorbet_ledger_of();`;

/** Whose a session is, and where a build of that person's own workshop stands: before this is known no workshop can be named. By the token's hash alone. */
const session = `
  CREATE OR REPLACE FUNCTION lorbet_session(of_token text, of_build uuid)
  RETURNS TABLE ("createdAt" timestamptz, "seenAt" timestamptz, "beganAt" timestamptz, "endsAt" timestamptz, "provenAt" timestamptz,
    id uuid, "workshopId" uuid, name text, login text, role text, demo boolean, "disabledAt" timestamptz, settings jsonb, licences jsonb,
    "resetBy" text, "resetAt" timestamptz, "hasStep" boolean, "workshopName" text, "workshopDemo" boolean,
    "buildId" uuid, "lastSeq" integer, "lastHash" text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public AS $$
    SELECT s.created_at, s.seen_at, s.began_at, s.ends_at, s.proven_at,
      p.id, p.workshop_id, p.name, p.login, p.role, p.demo, p.disabled_at, p.settings, p.licences,
      p.reset_by, p.reset_at, EXISTS (SELECT FROM second_steps t WHERE t.person_id = p.id AND t.confirmed_at IS NOT NULL), w.name, w.demo,
      b.id, b.last_seq, b.last_hash
    FROM sessions s JOIN people p ON p.id = s.person_id JOIN workshops w ON w.id = p.workshop_id
      LEFT JOIN builds b ON b.id = of_build AND b.workshop_id = p.workshop_id
    WHERE s.token_hash = of_token
  $$;`;

/**
 * One workshop's rows are shown to no other, whatever a query forgets: the app says for which workshop it works
 * (`lorbet.workshop`, by store/scope.ts; nothing said: nothing shown). The owner of the tables, who migrates and backs up, is not held.
 */
export const ownRows = {
  name: '0016-own-rows',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    const byWorkshop = Object.entries(owned).map(([table, column]) => policy(table, `${every} OR ${column} = ${here}`));
    const byOther = Object.entries(beside).map(([table, [other, column]]) =>
      policy(table, `${every} OR EXISTS (SELECT FROM ${other} o WHERE o.id = ${column})`),
    );
    await sequelize.query([columns, ledger, ...byWorkshop, ...byOther, session].join('\n'));
  },
};
