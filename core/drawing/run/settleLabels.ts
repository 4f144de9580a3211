import type { Part } from '../../build/field';
import type { Mark, RunDrawing, TextMark } from './marks';
import { placeLabels, type Box } from './placeLabels';
import { round } from './Pen';

/** Labels and the marks of findings give way to bodies, lines and to each other; they are moved where they stand. */
export function settleLabels(
  marks: readonly Mark[],
  anchors: RunDrawing['anchors'],
  told: RunDrawing['told'],
  bodies: Box[],
  size: { width: number; height: number },
): void {
  const texts = marks.filter((m): m is TextMark => m.kind === 'text' && m.part !== null && !m.fixed);
  const toldParts = Object.keys(told) as Part[];
  const wanted = [
    ...toldParts.map((part) => {
      const w = told[part]?.more ? 46 : 20;
      return { cx: anchors[part].x + w / 2 - 10, cy: anchors[part].y, w, h: 20 };
    }),
    ...texts.map((m) => {
      const w = m.text.length * (m.strong ? 8.4 : 7.2);
      return { cx: m.anchor === 'middle' ? m.x : m.anchor === 'end' ? m.x - w / 2 : m.x + w / 2, cy: m.y - 5, w, h: 17 };
    }),
  ];
  placeLabels(wanted, bodies, size).forEach(({ cx, cy }, i) => {
    const [dx, dy] = [cx - (wanted[i]?.cx ?? cx), cy - (wanted[i]?.cy ?? cy)];
    const part = toldParts[i];
    const text = texts[i - toldParts.length];
    if (part) anchors[part] = { x: round(anchors[part].x + dx), y: round(anchors[part].y + dy) };
    else if (text) Object.assign(text, { x: round(text.x + dx), y: round(text.y + dy) });
  });
}
