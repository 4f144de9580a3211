import { fileName, writeBuildFile } from '../../../../../formats/buildFile';
import { download } from '../../../../lib/answers';
import { buildRoute } from '../../../../lib/handle';

export const GET = buildRoute('look', async ({ kept }) =>
  download(writeBuildFile(kept.build), 'application/json; charset=utf-8', `${fileName(kept.build)}.lorbet.json`),
);
