import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './database';
import { firstTables } from './migrations/0001-first-tables';

/** Brings the database to the newest form; each migration runs once, in order. @returns names of those that ran */
export async function migrate(): Promise<string[]> {
  const { sequelize } = database();
  const umzug = new Umzug({
    migrations: [firstTables],
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  return (await umzug.up()).map((migration) => migration.name);
}
