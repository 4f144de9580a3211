import fc from 'fast-check';
import { readSignedStatement, signedText, standings, type SignedStatement } from './statement';

const hex = (length: number) => fc.stringMatching(new RegExp(`^[0-9a-f]{${length}}$`));
const signed: fc.Arbitrary<SignedStatement> = fc.record({
  statement: fc.record({
    buildId: fc.uuid(),
    buildHash: hex(64),
    rows: fc.integer({ min: 1, max: 999_999_999 }),
    ledgerHead: hex(64),
    madeAtMs: fc.integer({ min: 0, max: 4_000_000_000_000 }),
    keyId: hex(16),
    standing: fc.constantFrom(...standings),
  }),
  signature: fc.stringMatching(/^[A-Za-z0-9_-]{86}$/),
});

test('what is written into the code on a paper is read back whole', () => {
  fc.assert(fc.property(signed, (given) => expect(readSignedStatement(signedText(given))).toEqual(given)));
});

test('a code with one letter less, or a word that is no standing, is no statement', () => {
  fc.assert(
    fc.property(signed, fc.nat(), (given, at) => {
      const text = signedText(given);
      const { rows, madeAtMs } = given.statement;
      // A number with a digit less is another number; everything else has its length.
      const cut = text.slice(0, at % text.length) + text.slice((at % text.length) + 1);
      const read = readSignedStatement(cut);
      if (read) expect([read.statement.rows < rows, read.statement.madeAtMs < madeAtMs]).toContain(true);
      expect(readSignedStatement(text.replace(`.${given.statement.standing}.`, '.legal.'))).toBeNull();
    }),
  );
});
