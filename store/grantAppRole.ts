import type { Sequelize } from 'sequelize';

const rights = `
  REVOKE ALL ON ALL TABLES IN SCHEMA public FROM :role;
  GRANT USAGE ON SCHEMA public TO :role;
  GRANT SELECT ON ALL TABLES IN SCHEMA public TO :role;
  GRANT INSERT ON ledger, sign_ins, photos, start_logs, training, witnesses TO :role;
  GRANT INSERT, UPDATE ON builds, people, workshops, part_lists, unit_cards, rule_packs, owner_links, trainer_cases, workshop_keys, probes TO :role;
  REVOKE ALL ON FUNCTION lorbet_session(text, uuid) FROM PUBLIC;
  GRANT EXECUTE ON FUNCTION lorbet_session(text, uuid) TO :role;
  GRANT INSERT, UPDATE, DELETE ON sessions, invites, pairings, rate_limits, second_steps, passkeys TO :role;
`;

/**
 * Makes (where it may) the role under which the app works, and gives it just the rights that it needs:
 * the ledger and the record of sign-ins can be added to and read, by this role never changed or emptied.
 * Does nothing where the app works as the owner.
 */
export async function grantAppRole(sequelize: Sequelize, databaseUrl: string, ownerUrl: string): Promise<void> {
  const app = new URL(databaseUrl);
  if (app.username === new URL(ownerUrl).username) return;
  const name = decodeURIComponent(app.username);
  const [role, password] = [sequelize.escape(name), sequelize.escape(decodeURIComponent(app.password))];
  const quoted = `"${name.replace(/"/g, '""')}"`;
  const [found] = await sequelize.query(`SELECT 1 FROM pg_roles WHERE rolname = ${role}`);
  if (found.length === 0)
    await sequelize.query(`CREATE ROLE ${quoted} LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE PASSWORD ${password}`);
  await sequelize.query(rights.replace(/:role/g, quoted));
}
