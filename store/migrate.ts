import pg from 'pg';
import { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { config } from './config';
import { grantAppRole } from './grantAppRole';
import { firstTables } from './migrations/0001-first-tables';
import { firmGround } from './migrations/0002-firm-ground';
import { photosAndPartLists } from './migrations/0003-photos-and-part-lists';
import { logsAndClaims } from './migrations/0004-logs-and-claims';
import { fieldWords } from './migrations/0005-field-words';
import { partSeqs } from './migrations/0006-part-seqs';
import { hands } from './migrations/0007-hands';
import { due } from './migrations/0008-due';
import { unitCards } from './migrations/0009-unit-cards';
import { pairings } from './migrations/0010-pairings';
import { training } from './migrations/0011-training';
import { proof } from './migrations/0012-proof';
import { packs } from './migrations/0013-packs';
import { trust } from './migrations/0014-trust';
import { secondStep } from './migrations/0015-second-step';
import { ownRows } from './migrations/0016-own-rows';

/**
 * Brings the database to the newest form, as its owner; each migration runs once, in order, and of two processes at the same moment one waits.
 * The role under which the app works gets no more rights than it needs.
 * @returns names of those that ran
 */
export async function migrate(): Promise<string[]> {
  const { databaseUrl, ownerUrl } = config();
  const sequelize = new Sequelize(ownerUrl, { dialect: 'postgres', dialectModule: pg, logging: false, pool: { max: 2 } });
  try {
    const umzug = new Umzug({
      migrations: [
        firstTables,
        firmGround,
        photosAndPartLists,
        logsAndClaims,
        fieldWords,
        partSeqs,
        hands,
        due,
        unitCards,
        pairings,
        training,
        proof,
        packs,
        trust,
        secondStep,
        ownRows,
      ],
      context: sequelize.getQueryInterface(),
      storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
      logger: undefined,
    });
    return await sequelize.transaction(async (transaction) => {
      await sequelize.query('SELECT pg_advisory_xact_lock(7060)', { transaction });
      const ran = (await umzug.up()).map((migration) => migration.name);
      await grantAppRole(sequelize, databaseUrl, ownerUrl);
      // What has run out is of no use to anybody.
      await sequelize.query(
        "DELETE FROM rate_limits WHERE expire < extract(epoch FROM now()) * 1000; DELETE FROM invites WHERE expires_at < now(); DELETE FROM pairings WHERE expires_at < now(); DELETE FROM sessions WHERE ends_at < now() OR began_at < now() - interval '7 days'",
        { transaction },
      );
      return ran;
    });
  } finally {
    await sequelize.close();
  }
}
