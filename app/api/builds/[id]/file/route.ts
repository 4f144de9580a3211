import { fileName, writeBuildFile } from '../../../../../formats/buildFile';
import { loadBuild } from '../../../../../store/builds';
import { admit, isUuid, refused } from '../../../../lib/answers';

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const admitted = await admit(request, 'look');
  if (!admitted.ok) return admitted.response;
  const { id } = await params;
  const kept = isUuid(id) ? await loadBuild(admitted.person, id) : null;
  if (!kept) return refused(404, 'There is no such build in this workshop.');
  return new Response(writeBuildFile(kept.build), { headers: { 'content-type': 'application/json; charset=utf-8', 'content-disposition': `attachment; filename="${fileName(kept.build)}.lorbet.json"` } });
}
