import { fileName } from '../../../../../../formats/buildFile';
import { writeStartCsv } from '../../../../../../formats/startCsv';
import { download, refused } from '../../../../../lib/answers';
import { buildRoute } from '../../../../../lib/handle';

export const GET = buildRoute('look', async ({ kept, params }) => {
  const run = kept.build.starts.find((start) => start.id === params.startId);
  if (!run) return refused(404, 'There is no such start in this workshop.');
  return download(writeStartCsv(run), 'text/csv; charset=utf-8', `${fileName(kept.build)}-start.csv`);
});
