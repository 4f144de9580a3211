import pg from 'pg';
import { Sequelize } from 'sequelize';
import { config } from './config';
import { defineModels, type Models } from './models';

interface Database {
  sequelize: Sequelize;
  models: Models;
}
// One pool a process, also across the reloads of a development server.
const shared = globalThis as typeof globalThis & { lorbetDatabase?: Database };

export function database(): Database {
  if (!shared.lorbetDatabase) {
    const sequelize = new Sequelize(config().databaseUrl, {
      dialect: 'postgres',
      dialectModule: pg,
      logging: false,
      pool: { max: 10, idle: 10000 },
    });
    shared.lorbetDatabase = { sequelize, models: defineModels(sequelize) };
  }
  return shared.lorbetDatabase;
}

export async function closeDatabase(): Promise<void> {
  await shared.lorbetDatabase?.sequelize.close();
  delete shared.lorbetDatabase;
}
