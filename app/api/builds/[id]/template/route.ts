import { templateShapes, templateViews, type TemplateView } from '../../../../../core/drawing/floor/templateShapes';
import { fileName } from '../../../../../formats/buildFile';
import { writeTemplateDxf } from '../../../../../formats/templateDxf';
import { papers, writeTemplatePdf, type Paper } from '../../../../../formats/templatePdf';
import { writeTemplateSvg } from '../../../../../formats/templateSvg';
import { download, refused } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';

const oneOf = <T extends string>(value: string | null, allowed: readonly T[]): T | null =>
  allowed.find((known) => known === value) ?? null;

/** The template of the holes at true scale. */
export const GET = documentRoute('look', async ({ request, kept }) => {
  const asked = new URL(request.url).searchParams;
  const view = oneOf<TemplateView>(asked.get('view'), Object.keys(templateViews) as TemplateView[]);
  const format = oneOf(asked.get('format'), ['pdf', 'svg', 'dxf'] as const);
  const paper = oneOf<Paper>(asked.get('paper') ?? 'A4', Object.keys(papers) as Paper[]);
  if (!view) return refused(400, `view is “${(asked.get('view') ?? '').slice(0, 20)}”; allowed is above or below.`);
  if (!format) return refused(400, `format is “${(asked.get('format') ?? '').slice(0, 20)}”; allowed is pdf, svg or dxf.`);
  if (!paper) return refused(400, `paper is “${(asked.get('paper') ?? '').slice(0, 20)}”; allowed is A4 or Letter.`);
  const template = templateShapes(kept.build, view);
  if (!template) return refused(409, 'There is no template yet: the heater’s size and the holes have to be entered first.');
  const name = `${fileName(kept.build)}-template-${view}.${format}`;
  if (format === 'svg') return download(writeTemplateSvg(template), 'image/svg+xml', name);
  if (format === 'dxf') return download(writeTemplateDxf(template), 'application/dxf', name);
  return download(new Uint8Array(await writeTemplatePdf(template, paper)), 'application/pdf', name);
});
