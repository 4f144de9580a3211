import pg from 'pg';
import { ConnectionAcquireTimeoutError, ConnectionError, DatabaseError, Sequelize } from 'sequelize';
import { config } from './config';
import { defineModels, type Models } from './defineModels';

interface Database {
  sequelize: Sequelize;
  models: Models;
}
// One pool a process, also across the reloads of a development server.
const shared = globalThis as typeof globalThis & { lorbetDatabase?: Database };

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
