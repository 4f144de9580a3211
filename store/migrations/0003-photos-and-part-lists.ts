import type { QueryInterface } from 'sequelize';
import { QueryTypes } from 'sequelize';
import type { Build } from '../../core/build/Build';
import { assess } from '../../core/checks/assess';
import { summarizeBuild } from '../../core/checks/summarizeBuild';

/** Photographs, kept once and never changed; part lists of a workshop; summaries anew, since there are more stages to sum up. */
export const photosAndPartLists = {
  name: '0003-photos-and-part-lists',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.transaction(async (transaction) => {
      await sequelize.query(
        `
        CREATE TABLE IF NOT EXISTS photos (
          build_id uuid NOT NULL REFERENCES builds, sha256 varchar(64) NOT NULL, width_px integer NOT NULL, height_px integer NOT NULL,
          picture bytea NOT NULL, small bytea NOT NULL, by_name varchar(80) NOT NULL, at timestamptz NOT NULL, PRIMARY KEY (build_id, sha256));
        DROP TRIGGER IF EXISTS photos_append_only ON photos;
        CREATE TRIGGER photos_append_only BEFORE UPDATE OR DELETE ON photos FOR EACH ROW EXECUTE FUNCTION ledger_is_append_only();
        DROP TRIGGER IF EXISTS photos_no_truncate ON photos;
        CREATE TRIGGER photos_no_truncate BEFORE TRUNCATE ON photos FOR EACH STATEMENT EXECUTE FUNCTION ledger_is_append_only();
        CREATE TABLE IF NOT EXISTS part_lists (
          workshop_id uuid NOT NULL REFERENCES workshops, family varchar(20) NOT NULL, rows jsonb NOT NULL, version integer NOT NULL, PRIMARY KEY (workshop_id, family));
      `,
        { transaction },
      );
      const builds = await sequelize.query<{ id: string; document: Build }>('SELECT id, document FROM builds', {
        type: QueryTypes.SELECT,
        transaction,
      });
      for (const { id, document } of builds)
        await sequelize.query('UPDATE builds SET summary = :summary WHERE id = :id', {
          replacements: { id, summary: JSON.stringify(summarizeBuild(document, assess(document))) },
          transaction,
        });
    });
  },
};
