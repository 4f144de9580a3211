import Papa from 'papaparse';
import type { CutList } from '../core/physics/fuel/cutList';

/** The cut list as CSV: pieces first, then what is needed, given and bought; lengths in mm. What a spreadsheet would take for a formula is marked as text. */
export function writeCutListCsv({ pieces, items }: CutList): string {
  const fields = ['what', 'name', 'bore_mm', 'length_mm', 'from_length', 'needed', 'kit', 'buy'];
  const data = [
    ...pieces.map((piece) => ['piece', piece.name, piece.boreMm, piece.lengthMm, piece.from, '', '', '']),
    ...items.map(({ item, needed, kit, buy }) => ['item', item, '', '', '', needed, kit, buy]),
  ];
  return `${Papa.unparse({ fields, data }, { newline: '\n', escapeFormulae: true })}\n`;
}
