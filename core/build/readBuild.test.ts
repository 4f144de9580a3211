import { buildHash } from './buildHash';
import fc from 'fast-check';
import { soundBuild } from '../../tests/soundBuild';
import { assess } from '../checks/assess';
import { signState } from '../checks/progress';
import { applyCommand } from '../commands/applyCommand';
import { parseBuildFile } from './buildFile';
import { readBuild } from './readBuild';
import { figureAt } from './sheets';

const json = () => JSON.parse(JSON.stringify(soundBuild())) as Record<string, never>;
const errorsOf = (value: unknown) => {
  const read = readBuild(value);
  return read.ok ? [] : read.errors;
};
const damaged = (change: (document: Record<string, Record<string, unknown>>) => void) => {
  const d = json();
  change(d);
  return errorsOf(d);
};

test('a sound build reads as it is', () => expect(readBuild(json())).toEqual({ ok: true, value: soundBuild() }));
test('every error is named by its field, with the value and what is allowed', () => {
  const errors = damaged((d) => {
    const { fuel, heater } = d.sheets as Record<string, Record<string, unknown>>;
    if (fuel) {
      fuel.pumpAngleDeg = { planned: 25, fitted: 400 };
      fuel.filterPlace = { planned: 'sideways', fitted: null };
    }
    if (heater) heater.supplyV = { planned: 'v12', fitted: 'v12' };
    (d.identity ?? {}).kind = 'rocket';
  });
  expect(errors).toHaveLength(4);
  expect(errors).toEqual(
    expect.arrayContaining([
      'Pump angle, outlet up (sheets.fuel.pumpAngleDeg.fitted) is 400; allowed is -90 to 90 deg.',
      'Filter (sheets.fuel.filterPlace.planned) is "sideways"; allowed is one of beforePump, afterPump, none.',
      'Supply (sheets.heater.supplyV.fitted) is "v12"; allowed is nothing as fitted: this figure is given.',
      expect.stringMatching(/^identity\.kind must be one of.*road, trailer, boat, building.*rocket/),
    ]),
  );
});
test.each<[string, unknown, RegExp]>([
  ['a newer version', { ...json(), version: 3 }, /newer one/],
  ['no version', { ...json(), version: undefined }, /version is missing/],
  ['another format', { format: 'x' }, /"lorbet-build"/],
  ['a list', [], /one JSON object/],
  ['null', null, /one JSON object/],
  ['an unknown field', { ...json(), extra: 1 }, /does not know/],
  ['a prototype', JSON.parse(JSON.stringify(soundBuild()).replace('{', '{"__proto__":{"admin":true},')), /does not know/],
  ['a number as text', { ...json(), version: '1' }, /version is "1"/],
  ['a hostile name', { ...json(), identity: { ...soundBuild().identity, name: 'a\u0000b' } }, /control characters/],
  ['a huge list', { ...json(), waivers: Array.from({ length: 101 }, () => ({})) }, /waivers/],
])('%s is refused', (_name, value, sentence) => expect(errorsOf(value).join('\n')).toMatch(sentence));
test('text that is no JSON, or nested beyond reason, is refused in a sentence', () => {
  expect(parseBuildFile('{"format":')).toMatchObject({ ok: false, errors: [expect.stringMatching(/not JSON/)] });
  expect(parseBuildFile('['.repeat(200000)).ok).toBe(false);
});
test('any JSON at any place of a build is refused or read, never thrown on, never cast', () => {
  fc.assert(
    fc.property(fc.constantFrom(...Object.keys(soundBuild())), fc.jsonValue(), (key, value) => {
      const read = readBuild({ ...json(), [key]: value });
      return read.ok ? JSON.stringify((read.value as never)[key]) === JSON.stringify(value) : read.errors.length > 0;
    }),
    { numRuns: 300 },
  );
});

test('a file from before the survey was there is read as it is, keeps its signature, and takes survey figures', () => {
  const { survey: _survey, ...early } = soundBuild().sheets;
  const file = JSON.parse(JSON.stringify({ ...soundBuild(), sheets: early })) as unknown;
  const read = readBuild(file);
  expect(read.ok && read.value).toEqual(file);
  if (!read.ok) return;
  const signed = {
    ...read.value,
    signatures: [
      {
        by: 'A',
        role: 'lead' as const,
        typedName: 'A B',
        at: '2026-11-20T10:00:00Z',
        drawn: 'M10,10L20,20L30,10L40,20',
        buildHash: buildHash(read.value),
      },
    ],
  };
  expect(signState(signed)).toBe('signed');
  expect(assess(read.value).filter((c) => c.stage === 'survey' && c.level === 'open').length).toBeGreaterThan(5);
  const applied = applyCommand(
    read.value,
    { kind: 'figures', changes: [{ path: 'survey.insideC', slot: 'planned', from: null, to: 19 }] },
    { name: 'A', role: 'fitter', at: '2026-11-20T10:00:00Z' },
  );
  expect(applied.ok && figureAt(applied.build.sheets, 'survey.insideC').planned).toBe(19);
});
