import Papa from 'papaparse';
import type { Build } from '../core/build/Build';
import { columnsOf, rowsOf, type CellValue } from '../core/build/lists';
import { day } from '../core/drawing/tokens';
import type { LoomDrawing } from '../core/drawing/wiring/layoutLoom';
import { cableName, loomName, moments, type Loom, type LoomMoment } from '../core/model/wiring/loomOf';
import { oneLine } from './oneLine';

/**
 * The loom as a netlist that any SPICE engine solves again: an operating point under glow.
 * Names of people stand in comments alone, so that whatever they hold no line of it is another element.
 */
export function writeNetlist(name: string, loom: Loom, moment: LoomMoment = 'start'): string {
  const nodes = new Map([[loom.ground, '0']]);
  const node = (own: string): string => {
    const known = nodes.get(own) ?? `n${nodes.size}`;
    nodes.set(own, known);
    return known;
  };
  const called = (id: string): string => {
    const own = id.replace(/:minus$/, '');
    return oneLine(loom.cables.find((cable) => cable.id === id)?.name ?? loom.parts.find((part) => part.id === own)?.name ?? own);
  };
  const lines = loom.branches.flatMap(({ id, from, to, ohm, emfV }, i) =>
    emfV === undefined
      ? [`* ${called(id)}`, `R${i + 1} ${node(from)} ${node(to)} ${ohm}`]
      : [
          `* ${called(id)}, its volts at rest and its own resistance`,
          `V${i + 1} s${i + 1} ${node(from)} DC ${emfV}`,
          `R${i + 1} s${i + 1} ${node(to)} ${ohm}`,
        ],
  );
  const draws = loom.draws[moment].map(({ from, to, amps }, i) => `I${i + 1} ${node(from)} ${node(to)} DC ${amps}`);
  return [
    `${oneLine(name)}: loom ${moments[moment]}. Made by Lorbet; volts, amps and ohms`,
    ...lines,
    `* what is drawn ${moments[moment]}; the heater first`,
    ...draws,
    '.op',
    '.end',
    '',
  ].join('\n');
}

/** Every wire with where it begins and ends, as a table; what a spreadsheet would take for a formula is marked as text. */
export function writeWireList({ lists }: Build): string {
  const [parts, cables] = [rowsOf(lists, 'loomParts'), rowsOf(lists, 'cables')];
  const named = (id: string | undefined): string => {
    const i = parts.findIndex((part) => part.id === id);
    const part = parts[i];
    return part ? loomName(part, i) : '';
  };
  const columns = Object.entries(columnsOf('cables')).filter(([column]) => !['name', 'fromId', 'toId'].includes(column));
  const cell = (value: CellValue | undefined, column: (typeof columns)[number][1]): string | number =>
    value === undefined || typeof value === 'object'
      ? ''
      : column.kind === 'choice'
        ? ((column.options as Record<string, string>)[value] ?? value)
        : value;
  const data = cables.map((row, i) => [
    i + 1,
    cableName(row, parts),
    named(row.fromId),
    named(row.toId),
    ...columns.map(([column, definition]) => cell((row as Readonly<Record<string, CellValue | undefined>>)[column], definition)),
  ]);
  const fields = ['number', 'wire', 'from', 'to', ...columns.map(([, { label }]) => label.toLowerCase())];
  return `${Papa.unparse({ fields, data }, { newline: '\n', escapeFormulae: true })}\n`;
}

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign] ?? sign);
const inks = { plus: day.copper, minus: day.ink, signal: day.soft } as const;

/** The loom as it is drawn, as a picture that scales. */
export function writeLoomSvg(name: string, { width, height, parts, wires }: LoomDrawing): string {
  const text = (x: number, y: number, line: string, { anchor = 'middle', bold = false }) =>
    `<text x="${x}" y="${y}" text-anchor="${anchor}"${bold ? ' font-weight="700"' : ''}>${escaped(line)}</text>`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" font-family="sans-serif" font-size="13">`,
    `<title>${escaped(oneLine(name))}: loom under glow</title>`,
    `<rect width="${width}" height="${height}" fill="${day.sheet}"/>`,
    ...wires.map(
      ({ d, wire, thick, spare }) =>
        `<path d="${d}" fill="none" stroke="${inks[wire]}" stroke-width="${thick}"${spare || wire === 'signal' ? ' stroke-dasharray="2 6"' : ''}/>`,
    ),
    ...wires.flatMap(({ labels }) => labels.map(({ text: line, x, y, anchor }) => text(x, y, line, { anchor }))),
    ...parts.flatMap(({ x, y, w, h, lines }) => [
      `<rect x="${x - w / 2}" y="${y - h / 2}" width="${w}" height="${h}" fill="${day.sheet}" stroke="${day.ink}" stroke-width="2"/>`,
      ...lines.map((line, i) => text(x, y + (lines.length === 1 ? 5 : i * 17 - 3), line, { bold: i === 0 })),
    ]),
    '</svg>',
    '',
  ].join('\n');
}
