import { fileName } from '../../../../../../formats/buildFile';
import { writeStartCsv } from '../../../../../../formats/startCsv';
import { loadBuild } from '../../../../../../store/builds';
import { admit, isUuid, refused } from '../../../../../lib/answers';

export async function GET(request: Request, { params }: { params: Promise<{ id: string; startId: string }> }) {
  const admitted = await admit(request, 'look');
  if (!admitted.ok) return admitted.response;
  const { id, startId } = await params;
  const kept = isUuid(id) ? await loadBuild(admitted.person, id) : null;
  const run = kept?.build.starts.find((start) => start.id === startId);
  if (!kept || !run) return refused(404, 'There is no such start in this workshop.');
  return new Response(writeStartCsv(run), { headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': `attachment; filename="${fileName(kept.build)}-start.csv"` } });
}
