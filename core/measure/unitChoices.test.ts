import fc from 'fast-check';
import { figurePaths, fieldAt } from '../build/sheets';
import { parseTyped } from '../units/parseTyped';
import { pressKey, unitChoices } from './unitChoices';

const keys = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9', '−', '.', '⌫'];
const typed = (pressed: readonly string[]) => pressed.reduce(pressKey, '');

it.each([
  [['6', '0', '−'], '-60'],
  [['−', '6', '0', '−'], '60'],
  [['.', '5'], '0.5'],
  [['−', '.', '5'], '-0.5'],
  [['1', '.', '2', '.', '3'], '1.23'],
  [['1', '2', '⌫', '3'], '13'],
  [['⌫'], ''],
])('keys %j make “%s”', (pressed, text) => {
  expect(typed(pressed)).toBe(text);
});
it('whatever is pressed is a number, the beginning of one, or nothing', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...keys), { maxLength: 30 }), (pressed) => {
      const text = typed(pressed);
      expect(text).toMatch(/^-?(\d+\.?\d*)?$/);
      expect(text.length).toBeLessThanOrEqual(12);
    }),
  );
});
it('offers for each figure the unit in which it is kept first, and units that can be read', () => {
  for (const path of figurePaths) {
    const field = fieldAt(path);
    if (field.kind !== 'number') continue;
    const [first, ...others] = unitChoices(field.unit);
    expect(first).toBe(field.unit === 'deg' ? '°' : field.unit);
    for (const unit of others) expect([unit, parseTyped('1', field.unit, unit).ok]).toEqual([unit, true]);
  }
});
