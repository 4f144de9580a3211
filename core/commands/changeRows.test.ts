import { sampleOf } from '../../tests/seed';
import { settleClash } from './applyCommand';
import { noteOrigins } from '../ledger/noteOrigins';
import { originKey } from '../record/Origin';
import fc from 'fast-check';
import Papa from 'papaparse';
import { id, soundBuild } from '../../tests/soundBuild';
import { anyCell, anyRow } from '../../tests/anyRow';
import { columnsOf, listIds, rowsOf } from '../build/lists';
import type { Column } from '../build/field';
import { readBuild } from '../build/readBuild';
import { applyCommand } from './applyCommand';
import type { RowChange } from './changeRows';
import { cellProblem } from './changeRows';
import { readCommand } from './applyCommand';
import { readRowsCsv, writeRowsCsv } from '../../formats/rowsCsv';

const author = { name: 'Test Fitter', role: 'fitter', at: '2026-11-20T10:00:00.000Z' } as const;
const rows = (...changes: RowChange[]) => ({ kind: 'rows' as const, changes });
const apply = (build: ReturnType<typeof soundBuild>, ...changes: RowChange[]) => applyCommand(build, rows(...changes), author);
const why = (...changes: RowChange[]) => {
  const done = apply(soundBuild(), ...changes);
  return done.ok ? 'ok' : `${done.why}: ${done.errors.join(' ')}`;
};
const setX = (from: number | null, to: number | null, row = id(31)): RowChange => ({
  list: 'obstacles',
  row,
  action: 'set',
  column: 'xMm',
  from,
  to,
});

test('any rows within their bounds go in, stand in a valid document, and come out with their origins', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...listIds).chain((list) => fc.tuple(fc.constant(list), anyRow(list))),
      ([list, values]) => {
        const done = apply(soundBuild(), { list, row: id(500), action: 'add', values });
        if (!done.ok) throw new Error(done.errors.join(' '));
        expect(readBuild(JSON.parse(JSON.stringify(done.build))).ok).toBe(true);
        expect(rowsOf(done.build.lists, list).find((row) => row.id === id(500))).toEqual({ ...values, id: id(500) });
        const origins = noteOrigins({}, { kind: 'rows', body: done.body, by: 'Test Fitter', at: author.at });
        for (const name of Object.keys(values))
          expect(origins[originKey.row(list, id(500), name)]).toMatchObject({ by: 'Test Fitter' });
      },
    ),
    { numRuns: sampleOf(150, 60) },
  );
});
test('changes of different cells commute; of one cell the second is told both values and may choose', () => {
  const change = (column: 'xMm' | 'yMm', to: number): RowChange => ({
    list: 'obstacles',
    row: id(31),
    action: 'set',
    column,
    from: column === 'xMm' ? 0 : 300,
    to,
  });
  const both = (a: RowChange, b: RowChange) => {
    const first = apply(soundBuild(), a);
    const second = first.ok ? apply(first.build, b) : first;
    return second.ok ? second.build.lists : second.errors;
  };
  expect(both(change('xMm', 5), change('yMm', 7))).toEqual(both(change('yMm', 7), change('xMm', 5)));
  const first = apply(soundBuild(), setX(0, 100));
  if (!first.ok) throw new Error(first.errors.join());
  const late = rows(setX(0, 200), {
    list: 'obstacles',
    row: id(32),
    action: 'set',
    column: 'name',
    from: 'cross-member',
    to: 'beam',
  });
  const second = applyCommand(first.build, late, author);
  expect(second).toMatchObject({
    ok: false,
    why: 'clash',
    clashes: [{ label: 'left rail, from the front', theirs: 100, yours: 200 }],
  });
  if (second.ok || second.why !== 'clash') throw new Error('no clash');
  const key = second.clashes[0]?.key ?? '';
  const mine = settleClash(late, second.clashes, { [key]: 'yours' });
  const theirs = settleClash(late, second.clashes, { [key]: 'theirs' });
  const x = (command: typeof mine) => {
    const done = command && applyCommand(first.build, command, author);
    return done && done.ok
      ? [rowsOf(done.build.lists, 'obstacles')[0]?.xMm, rowsOf(done.build.lists, 'obstacles')[1]?.name]
      : done;
  };
  expect([x(mine), x(theirs)]).toEqual([
    [200, 'beam'],
    [100, 'beam'],
  ]);
});
test('a row that is gone: taking it out again is no error, changing it says so; a whole command stands or falls', () => {
  expect(why({ list: 'stack', row: id(400), action: 'remove' })).toBe('ok');
  expect(why(setX(0, 5, id(400)))).toBe('invalid: The thing below whose from the front was to be changed is no longer there.');
  const half = apply(soundBuild(), setX(0, 5), setX(0, -1));
  expect(half.ok).toBe(false);
});
test('bad values are refused in one sentence with field, value and what is allowed', () => {
  expect(why(setX(0, -3))).toBe('invalid: Below the floor, from the front is -3 mm; allowed is 0 to 20000 mm.');
  expect(cellProblem('surfaces', 'layers', [{ material: 'pir', thicknessMm: -4 }])).toBe(
    'Surfaces, layers, from inside: PIR foam is -4 mm thick; allowed is a known material of 0.1 to 1000 mm.',
  );
  expect(cellProblem('parts', 'needed', 1.5)).toBe('Parts, needed is 1.5; allowed is a whole number from 1 to 999.');
  expect(cellProblem('parts', 'state', 'lost')).toBe(
    'Parts, state is lost; allowed is one of: present, missing, poor, replaced.',
  );
  expect(cellProblem('seals', 'appliedAt', 'yesterday')).toMatch(/is yesterday; allowed is a time such as/);
  expect(why({ list: 'holes', row: id(51), action: 'add', values: {} })).toMatch(/there is a hole with the id/);
  expect(why({ list: 'photos', row: id(400), action: 'add', values: { sha256: 'a'.repeat(64), colour: 'red' } })).toBe(
    'invalid: Photographs have no column colour.',
  );
  const many = Array.from({ length: 17 }, (_, i): RowChange => ({ list: 'stack', row: id(600 + i), action: 'add', values: {} }));
  expect(why(...many)).toMatch(/Stack-up: 17 rows; allowed is 16/);
  const photo = apply(soundBuild(), { list: 'photos', row: id(400), action: 'add', values: { sha256: 'a'.repeat(64) } });
  const other =
    photo.ok &&
    apply(photo.build, {
      list: 'photos',
      row: id(400),
      action: 'set',
      column: 'sha256',
      from: 'a'.repeat(64),
      to: 'b'.repeat(64),
    });
  expect(other && !other.ok && other.errors).toEqual(['Photographs, fingerprint can’t be changed.']);
  for (const bad of [
    '{"kind":"rows","changes":[]}',
    '{"kind":"rows","changes":[{"list":"parts","row":"x","action":"add"}]}',
    `{"kind":"rows","changes":[{"list":"parts","row":"${id(1)}","action":"set","column":"state"}]}`,
    `{"kind":"rows","changes":[{"list":"nothing","row":"${id(1)}","action":"remove"}]}`,
  ])
    expect(readCommand(JSON.parse(bad))).toMatchObject({ ok: false });
});
test('rows go out as CSV and come back; what a spreadsheet would take for a formula stays text', () => {
  const list = fc.constantFrom('parts' as const, 'obstacles' as const, 'holes' as const);
  fc.assert(
    fc.property(
      list.chain((l) =>
        fc.tuple(
          fc.constant(l),
          fc.array(fc.tuple(anyRow(l), anyCell(columnsOf(l).name as Column)), { minLength: 1, maxLength: 8 }),
        ),
      ),
      ([l, made]) => {
        // A leading apostrophe is how text is marked, so it alone does not come back.
        const all = made
          .map(([row, name]) => ({ ...row, name: typeof name === 'string' ? name : '' }))
          .filter((row) => Object.values(row).every((v) => !String(v).startsWith("'")));
        fc.pre(all.length > 0);
        const text = writeRowsCsv(l, all);
        // Read by cells: a comma within a quoted name is no border of one.
        expect(
          Papa.parse<string[]>(text)
            .data.flat()
            .filter((cell) => /^[=+@\t\r]/.test(cell)),
        ).toEqual([]);
        expect(readRowsCsv(l, text)).toEqual({ ok: true, rows: all });
      },
    ),
    { numRuns: sampleOf(60, 30) },
  );
  expect(readRowsCsv('parts', 'name,state\nfilter,lost\n')).toEqual({
    ok: false,
    errors: ['Line 2: Parts, state is lost; allowed is one of: present, missing, poor, replaced.'],
  });
  expect(readRowsCsv('parts', 'part;price\nx;1\n')).toMatchObject({ ok: false });
  expect(readRowsCsv('parts', '')).toMatchObject({ ok: false });
});
