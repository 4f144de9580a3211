import fc from 'fast-check';
import { packSchema } from '../build/pack/packSchema';
import type { Proof, RulePack } from '../build/pack/RulePack';
import { validate } from '../build/readBuild';
import { packProblems } from '../checks/packProblems';
import { copyOfPack, packsFor, shippedPacks } from './packs';

const [road] = shippedPacks as [RulePack];
const read = (pack: unknown) => validate<RulePack>(packSchema(), pack);
const withProof = (proof: unknown[]): unknown => ({
  ...road,
  rules: road.rules.map((rule, i) => (i === 0 ? { ...rule, proof } : rule)),
});

describe('rule packs', () => {
  test.each(shippedPacks.map((pack) => [pack.name, pack] as const))(
    '%s meets the schema, asks for nothing that there is none of, and says of every rule that it is from memory',
    (_name, pack) => {
      expect(read(pack)).toEqual({ ok: true, value: pack });
      expect(packProblems(pack)).toEqual([]);
      expect(pack.rules.filter(({ fromMemory }) => !fromMemory)).toEqual([]);
    },
  );

  test('every kind of conversion has a pack, the one written for it alone first', () => {
    expect((['road', 'trailer', 'boat', 'building'] as const).map((kind) => packsFor(shippedPacks, kind)[0]?.name)).toEqual([
      'Road vehicle',
      'Leisure vehicle, Europe',
      'Boat',
      'Outbuilding',
    ]);
  });

  test('the word legal is refused, wherever in a pack it stands', () => {
    const words = fc.constantFrom('legal', 'Legal', 'illegal', 'legally', 'lawful', 'unlawfully', 'legality');
    const around = fc.constantFrom('', ' as fitted', ', says the code');
    const places = fc.constantFrom('about', 'says', 'code');
    fc.assert(
      fc.property(words, around, places, (word, rest, place) => {
        const text = `this is ${word}${rest}`;
        const pack =
          place === 'about'
            ? { ...road, about: text }
            : { ...road, rules: road.rules.map((rule, i) => (i === 2 ? { ...rule, [place]: text } : rule)) };
        const answer = read(pack);
        expect(answer.ok ? [] : answer.errors.filter((one) => one.includes(`says “${word}”`))).toHaveLength(1);
      }),
      { numRuns: 30 },
    );
  });

  test.each<[string, unknown[], RegExp]>([
    ['nothing at all', [], /rules\[0\].proof is empty, so nobody could show this rule kept/],
    ['two things in one', [{ photo: 'plate', paper: 'tank' }], /names photo and paper; exactly one of/],
    ['a photograph of what there is none of', [{ photo: 'dragon' }], /rules\[0\].proof\[0\].photo/],
    ['a figure that there is none of', [{ figure: 'siting.dragonMm' }], /rules\[0\].proof\[0\].figure/],
    ['an answer that a figure has not', [{ figure: 'wiring.feedSource', is: ['dragon'] }], /proof\[0\].is holds dragon/],
    ['an answer to nothing', [{ check: 'leak', is: ['yes'] }], /proof\[0\].is says which answers are meant, and no figure/],
  ])('a rule that %s shows is refused', (_what, proof, told) => {
    const answer = read(withProof(proof));
    expect(answer.ok ? '' : answer.errors.join(' ')).toMatch(told);
  });

  test('a rule that asks for a check which there is none of is told by its number', () => {
    const pack = withProof([{ check: 'dragon.scales' } satisfies Proof]) as RulePack;
    expect(packProblems(pack)).toEqual([expect.stringMatching(/^Rule 1 asks for the check dragon\.scales/)]);
  });

  test('two rules of one number are refused', () => {
    const answer = read({ ...road, rules: [...road.rules, road.rules[0]] });
    expect(answer.ok ? '' : answer.errors.join(' ')).toContain('holds two rules of the number 1');
  });

  test('a rule can be called for only where a choice says so, and by an answer of that choice', () => {
    const only = (figure: string, is: string[]) => {
      const answer = read({ ...road, rules: [{ ...road.rules[0], only: { figure, is } }] });
      return answer.ok ? 'taken' : answer.errors.join(' ');
    };
    expect(only('wiring.feedSource', ['mains'])).toBe('taken');
    expect(only('wiring.feedSource', ['dragon'])).toContain('holds dragon; of wiring.feedSource leisure, starter');
    expect(only('wiring.fuseA', ['15'])).toContain('only a choice can be asked for');
  });

  test('a copy is a pack of its own: what is changed in it leaves the one that ships alone', () => {
    const copy = copyOfPack(road, '00000000-0000-4000-8000-000000000009', 'Ours');
    copy.rules.pop();
    expect([copy.id === road.id, copy.edition, road.rules.length - copy.rules.length]).toEqual([false, 1, 1]);
  });
});
