import { readFileSync } from 'node:fs';
import path from 'node:path';
import { day, night } from '../../core/drawing/tokens';
import { looks } from './looks';

// Names of the variables that looks, drawings and style sheet speak of.
test('every colour that a look names is a token', () => {
  const told = [looks, readFileSync(path.join(__dirname, 'lorbet.css'), 'utf8')].join('\n');
  const named = new Set([...told.matchAll(/var\(--([a-z-]+)[,)]/g)].map(([, name = '']) => name));
  expect([...named].filter((name) => !(name in day) && !['mono', 'sans', 'wet'].includes(name))).toEqual([]);
});
test('no look bears a colour of its own but white, which a signature and a halt are written on', () => {
  const own = looks.slice(looks.indexOf('\n\n')).match(/#[0-9a-f]{3,8}\b/g) ?? [];
  expect(new Set(own)).toEqual(new Set(['#fff']));
});

const luminance = (hex: string) => {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
    .map((c) => (c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};
const contrast = (a: string, b: string) => {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light + 0.05) / (dark + 0.05);
};
// WCAG 2.2, success criterion 1.4.3 (from memory): 4.5 : 1 for text.
test.each([
  ['day', day],
  ['night', night],
])('every ink of the %s can be read on paper and on a sheet', (_name, tokens) => {
  const faint = (['ink', 'soft', 'stop', 'fix', 'watch', 'sound', 'air', 'heat'] as const).filter((ink) =>
    [tokens.paper, tokens.sheet].some((ground) => contrast(tokens[ink], ground) < 4.5),
  );
  expect(faint).toEqual([]);
});
