import { outsideShapes } from '../../../../../core/drawing/outside/outsideShapes';
import { fileName } from '../../../../../formats/buildFile';
import { writeTemplateDxf } from '../../../../../formats/templateDxf';
import { writeTemplateSvg } from '../../../../../formats/templateSvg';
import { download, refused } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';

/** The outside plan at true size. */
export const GET = documentRoute('look', async ({ request, kept }) => {
  const format = new URL(request.url).searchParams.get('format') ?? '';
  if (format !== 'svg' && format !== 'dxf') return refused(400, `format is “${format.slice(0, 20)}”; allowed is svg or dxf.`);
  const plan = outsideShapes(kept.build);
  if (!plan) return refused(409, 'There is no outside plan yet: the size of the floor has to be entered first.');
  const name = `${fileName(kept.build)}-outside.${format}`;
  return Promise.resolve(
    format === 'svg'
      ? download(writeTemplateSvg(plan), 'image/svg+xml', name)
      : download(writeTemplateDxf(plan), 'application/dxf', name),
  );
});
