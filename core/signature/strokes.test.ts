import fc from 'fast-check';
import { signatureBox, strokesProblem } from './strokes';

// The grammar of paths: SVG 2, chapter 9 (from memory), of which only absolute M, L, Q and C are taken. The least of ink is Lorbet's own choice.
test.each([
  ['a line', 'M10 10 L90 90'],
  ['a curve that came from a pad', 'M10,150 C40,20 90,20 120,150'],
  ['two strokes', 'M0 0 Q 60 30 120 0 M600 200 L500.5 120.25'],
])('%s is taken', (_name, drawn) => expect(strokesProblem(drawn)).toBeNull());
test.each([
  ['marks without a stroke', '-----', /number that can’t be read/],
  ['nothing', '', /begins where the pen is set down/],
  ['a stroke out of the box, over the page', 'M0 0 L5000 5000', /leaves its box at 5000, 5000/],
  ['a control point out of the box', 'M10 10 C10 -900 90 90 90 90', /leaves its box at 10, -900/],
  ['a relative stroke', 'M10 10 l50 50', /something else than the strokes/],
  ['an arc', 'M10 10 A50 50 0 0 1 90 90', /something else/],
  ['markup', 'M1 1"/><script>', /something else/],
  ['a power', 'M1 1 L1e3 9', /something else/],
  ['two points in one number', 'M1 1 L1.2.3 4', /number that can’t be read/],
  ['a number too few', 'M10 10 L90', /fewer than 2/],
  ['a slip of the finger', 'M10 10 L12 12', /too little ink \(3\)/],
  ['only pen set down', 'M1 1 M500 100 M1 1', /too little ink \(0\)/],
])('%s is refused', (_name, drawn, why) => expect(strokesProblem(drawn)).toMatch(why));

test('whatever is taken stays within its box, by another reader of its numbers', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom('M', 'L', 'Q', 'C', ' ', ',', '-', '.', '0', '7', '60', '599', '201', '1000'), { maxLength: 40 }),
      (words) => {
        const drawn = `M10 10 L300 100 ${words.join(' ')}`;
        if (strokesProblem(drawn) !== null) return;
        const numbers = (drawn.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
        for (const [i, n] of numbers.entries()) {
          expect(n).toBeGreaterThanOrEqual(0);
          expect(n).toBeLessThanOrEqual(i % 2 === 0 ? signatureBox.width : signatureBox.height);
        }
      },
    ),
  );
});
