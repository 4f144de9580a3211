import { logsNamed } from '../../../../../core/build/buildFile';
import { fileName, writeBuildFileParts } from '../../../../../formats/buildFile';
import { startLog } from '../../../../../store/startLogs';
import { download } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';

/** The build as a file: its document, and after it the logs of its starts, one at a time. */
export const GET = documentRoute('look', async ({ kept }) => {
  const encoder = new TextEncoder();
  const parts = writeBuildFileParts(kept.build, logsNamed(kept.build), (sha256) => startLog(kept.build.id, sha256));
  const stream = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const { value, done } = await parts.next();
      if (done) controller.close();
      else controller.enqueue(encoder.encode(value));
    },
  });
  return download(stream, 'application/json; charset=utf-8', `${fileName(kept.build)}.lorbet.json`);
});
