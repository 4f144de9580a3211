import fc from 'fast-check';
import { spokenFigure } from './spokenFigure';

const small = 'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(' '); // prettier-ignore
const tens = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
/** A whole number in English words, written apart from what is tested. */
function inWords(n: number): string {
  if (n < 20) return small[n] ?? '';
  if (n < 100) return `${tens[Math.floor(n / 10) - 2]}${n % 10 ? ` ${small[n % 10]}` : ''}`;
  if (n < 1000) return `${small[Math.floor(n / 100)]} hundred${n % 100 ? ` and ${inWords(n % 100)}` : ''}`;
  return `${inWords(Math.floor(n / 1000))} thousand${n % 1000 ? ` ${inWords(n % 1000)}` : ''}`;
}

test('every number up to 9999 is read from its words, with minus and decimals digit by digit', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 9999 }),
      fc.boolean(),
      fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 3 }),
      (n, minus, after) => {
        const said = `${minus ? 'minus ' : ''}${inWords(n)}${after.length ? ` point ${after.map((d) => small[d]).join(' ')}` : ''}`;
        const typed = `${minus ? '-' : ''}${n}${after.length ? `.${after.join('')}` : ''}`;
        expect(spokenFigure(said)).toEqual({ typed, unit: null });
      },
    ),
    { numRuns: 1000 },
  );
});
test.each([
  ['2.4 metres', { typed: '2.4', unit: 'm' }],
  ['two point four metres', { typed: '2.4', unit: 'm' }],
  ['28 mm', { typed: '28', unit: 'mm' }],
  ['28mm', { typed: '28', unit: 'mm' }],
  ['twenty-five degrees', { typed: '25', unit: '°' }],
  ['−12', { typed: '-12', unit: null }],
  ['12,6 volts', { typed: '12.6', unit: 'V' }],
  ['fourteen inches', { typed: '14', unit: 'in' }],
  ['oh point five amps', { typed: '0.5', unit: 'A' }],
])('“%s” is read', (said, figure) => {
  expect(spokenFigure(said)).toEqual(figure);
});
test.each([
  'two forty',
  'about ten',
  'ten or twelve',
  'point',
  'five point',
  'hundred',
  'one two',
  '',
  'five point twelve',
  'metres',
])('“%s” may mean this or that, or nothing: it is not guessed', (said) => {
  expect(spokenFigure(said)).toBeNull();
});
