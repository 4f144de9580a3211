import sharp from 'sharp';
import { readPhoto } from '../formats/readPhoto';

/** A picture drawn on an invented plate; it stands in for the photograph that a fitter would take, and says so. */
export async function drawnPicture(title: string, lines: readonly string[], code = '') {
  const bars = [...code]
    .map((c, i) => `<rect x="${150 + i * 38}" y="400" width="${6 + (c.charCodeAt(0) % 5) * 5}" height="120"/>`)
    .join('');
  const told = lines.map((line, i) => `<text x="150" y="${280 + i * 80}" font-size="${52 - i * 4}">${line}</text>`).join('');
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="800"><rect width="1200" height="800" fill="#4b5257"/>
    <rect x="80" y="70" width="1040" height="660" rx="26" fill="#d9dcd6" stroke="#14272c" stroke-width="8"/>
    <g fill="#14272c" font-family="DejaVu Sans, sans-serif"><circle cx="130" cy="120" r="18"/><circle cx="1070" cy="120" r="18"/><circle cx="130" cy="680" r="18"/><circle cx="1070" cy="680" r="18"/>
    <text x="600" y="180" font-size="64" text-anchor="middle" font-weight="bold">${title}</text>${told}${bars}<text x="150" y="620" font-size="44">for a demonstration only</text></g></svg>`;
  const read = await readPhoto(await sharp(Buffer.from(svg)).jpeg({ quality: 90 }).toBuffer());
  if (!read.ok) throw new Error(read.error);
  return read.value;
}
