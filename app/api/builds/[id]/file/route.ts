import { fileName, writeBuildFile } from '../../../../../formats/buildFile';
import { admitToBuild } from '../../../../lib/answers';

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const admitted = await admitToBuild(request, params);
  if (!admitted.ok) return admitted.response;
  const { kept } = admitted;
  return new Response(writeBuildFile(kept.build), {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="${fileName(kept.build)}.lorbet.json"`,
    },
  });
}
