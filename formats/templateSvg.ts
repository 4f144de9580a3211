import { day } from '../core/drawing/tokens';
import type { Template } from '../core/drawing/floor/templateShapes';

const escaped = (text: string) => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`).replace(/[\p{Cc}]/gu, ' ');
const mm = (n: number) => String(Math.round(n * 1000) / 1000);
const inks = { holes: day.heat, outline: day.ink, datums: day.air, words: day.ink } as const;

/** The template as SVG at true scale: its sizes are in millimetres. */
export function writeTemplateSvg({ title, shapes, left, bottom, width, height }: Omit<Template, 'view'>): string {
  const top = bottom + height;
  const drawn = shapes.map((shape) => {
    const stroke = `stroke="${inks[shape.layer]}" stroke-width="0.25" fill="none"`;
    if (shape.kind === 'circle')
      return `<circle class="${shape.layer}" cx="${mm(shape.x - left)}" cy="${mm(top - shape.y)}" r="${mm(shape.radius)}" ${stroke}/>`;
    if (shape.kind === 'line')
      return `<line class="${shape.layer}" x1="${mm(shape.x1 - left)}" y1="${mm(top - shape.y1)}" x2="${mm(shape.x2 - left)}" y2="${mm(top - shape.y2)}" ${stroke}/>`;
    return `<text class="${shape.layer}" x="${mm(shape.x - left)}" y="${mm(top - shape.y)}" font-size="${mm(shape.sizeMm)}" font-family="sans-serif" fill="${inks.words}">${escaped(shape.text)}</text>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(width)}mm" height="${mm(height)}mm" viewBox="0 0 ${mm(width)} ${mm(height)}"><title>${escaped(title)}</title>${drawn.join('')}</svg>\n`;
}
