import { readFileSync } from 'node:fs';
import path from 'node:path';
import { day, night } from '../../core/drawing/tokens';

const css = readFileSync(path.join(__dirname, 'lorbet.css'), 'utf8');
/** The colours that a rule of the style sheet sets, by name. */
const colours = (selector: string): Record<string, string> => {
  const start = css.indexOf(`${selector} {`);
  const rule = css.slice(start, css.indexOf('}', start));
  return Object.fromEntries(
    [...rule.matchAll(/--([a-z-]+): (#[0-9a-f]{6})/g)].map(([, name = '', colour = '']): [string, string] => [name, colour]),
  );
};

// The sheet must be there before any script is; so it says the tokens once more, and this holds them together.
test('the style sheet has the tokens’ colours by day', () => expect(colours(':root')).toEqual(day));
test('the style sheet has the tokens’ colours by night', () => expect(colours("[data-theme='dark']")).toEqual(night));

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
