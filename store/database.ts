import pg from 'pg';
import { ConnectionAcquireTimeoutError, ConnectionError, DatabaseError, Sequelize } from 'sequelize';
import { config } from './config';
import { defineModels, type Models } from './defineModels';
import { scopeNow } from './scope';

interface Database {
  sequelize: Sequelize;
  models: Models;
}
// One pool a process, also across the reloads of a development server.
const shared = globalThis as typeof globalThis & { lorbetDatabase?: Database };

/** Which scope each connection of the pool was last told. */
const told = new WeakMap<object, string>();

/** Tells PostgreSQL whose rows are asked for, before anything is: a connection that can't be told is not used. */
async function tellScope(connection: unknown): Promise<void> {
  const client = connection as pg.Client;
  const scope = scopeNow();
  if (scope === null || (told.get(client) ?? '') === scope) return;
  told.delete(client);
  try {
    await client.query("SELECT set_config('lorbet.workshop', $1, false)", [scope]);
  } catch (error) {
    const { connectionManager } = database().sequelize as unknown as {
      connectionManager: { pool: { destroy: (one: object) => Promise<void> } };
    };
    await connectionManager.pool.destroy(client).catch(() => undefined);
    throw error;
  }
  told.set(client, scope);
}

export function database(): Database {
  if (!shared.lorbetDatabase) {
    const { databaseUrl, poolSize } = config();
    const sequelize = new Sequelize(databaseUrl, {
      dialect: 'postgres',
      dialectModule: pg,
      logging: false,
      // What can't get a connection in 8 s is told so; it is not left hanging.
      pool: { max: poolSize, idle: 10000, acquire: 8000 },
      dialectOptions: { connectionTimeoutMillis: 5000, statement_timeout: 20000, keepAlive: true },
    });
    sequelize.addHook('afterPoolAcquire', tellScope);
    shared.lorbetDatabase = { sequelize, models: defineModels(sequelize) };
  }
  return shared.lorbetDatabase;
}

export async function closeDatabase(): Promise<void> {
  await shared.lorbetDatabase?.sequelize.close();
  delete shared.lorbetDatabase;
}

/** Whether an error tells that there is no room left to keep anything. */
export const isDiskFull = (error: unknown): boolean =>
  error instanceof DatabaseError &&
  ((error.original as { code?: string }).code === '53100' || /No space left/.test(error.message));

/** Whether an error tells that the database can't be reached or has no connection free. Whether what was under way was kept only looking tells. */
export const isDatabaseAway = (error: unknown): boolean =>
  error instanceof ConnectionError ||
  error instanceof ConnectionAcquireTimeoutError ||
  (error instanceof DatabaseError && /^(57P0|08|53)/.test((error.original as { code?: string }).code ?? '')) ||
  (error instanceof Error &&
    /terminat|ECONNREFUSED|ECONNRESET|Connection ended|ConnectionManager.getConnection/i.test(error.message));
