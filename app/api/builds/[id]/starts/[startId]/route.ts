import { unpackLog } from '../../../../../../core/build/startLog';
import { startLog } from '../../../../../../store/startLogs';
import { fileName } from '../../../../../../formats/buildFile';
import { writeStartCsv } from '../../../../../../formats/startCsv';
import { download, refused } from '../../../../../lib/answers';
import { documentRoute } from '../../../../../lib/handle';

export const GET = documentRoute('look', async ({ kept, params }) => {
  const run = [...kept.build.starts, ...(kept.build.claims ?? []).flatMap(({ starts }) => starts)].find(
    ({ id }) => id === params.startId,
  );
  if (!run) return refused(404, 'There is no such start in this workshop.');
  const text = run.log ? await startLog(kept.build.id, run.log.sha256) : '';
  if (text === null)
    return refused(404, 'The log of this start is not in this Lorbet; it stayed with the file that it came from.');
  const log = unpackLog(text);
  const readings = run.log && log.ok ? log.readings : run.readings;
  return download(
    writeStartCsv({ events: run.events, readings }),
    'text/csv; charset=utf-8',
    `${fileName(kept.build)}-start.csv`,
  );
});
