import { fileName } from '../../../../../../formats/buildFile';
import { writeStartCsv } from '../../../../../../formats/startCsv';
import { admitToBuild, refused } from '../../../../../lib/answers';

export async function GET(request: Request, { params }: { params: Promise<{ id: string; startId: string }> }) {
  const admitted = await admitToBuild(request, params);
  if (!admitted.ok) return admitted.response;
  const { kept } = admitted;
  const { startId } = await params;
  const run = kept.build.starts.find((start) => start.id === startId);
  if (!run) return refused(404, 'There is no such start in this workshop.');
  return new Response(writeStartCsv(run), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="${fileName(kept.build)}-start.csv"`,
    },
  });
}
