import { readStartCsv } from '../../formats/startCsv';
import { readRowsCsv } from '../../formats/rowsCsv';
import { soundBuild } from '../../tests/soundBuild';
import { parseEntry } from '../entry/parseEntry';
import { parseQuantity } from './parseQuantity';
import { readNumber } from './readNumber';

/** One number, as each door reads it: a cell, a table of rows, a log, the quick-entry line. */
function doors(typed: string): (number | null)[] {
  const cell = parseQuantity(typed, 'mm');
  const rows = readRowsCsv('stack', `name,thicknessMm\nply,"${typed}"\n`);
  const log = readStartCsv(`seconds,amps\n1,"${typed}"\n`);
  const entry = parseEntry(`fuse ${typed}`, { build: soundBuild(), nowMs: 0, newId: () => '' });
  const entered =
    entry.kind === 'command' && entry.command.kind === 'figures' ? Number(entry.command.changes[0]?.to ?? Number.NaN) : null;
  return [
    cell.ok ? cell.value : null,
    rows.ok ? Number(rows.rows[0]?.thicknessMm) : null,
    log.ok ? (log.readings[0]?.value ?? null) : null,
    entered,
  ];
}
test.each([
  ['7', 7],
  ['7.5', 7.5],
  ['7,5', 7.5],
  ['12,25', 12.25],
  ['１２', 12],
])('%s is the same number at every door', (typed, value) => expect(doors(typed)).toEqual([value, value, value, value]));
test.each(['1,250', '1.250,5', '0x20', '1e1', '0b11', '--5', '5-', '1..5', 'Infinity', 'NaN'])(
  '%s is no number at any door',
  (typed) => expect(doors(typed)).toEqual([null, null, null, null]),
);
test('a thousand that could be a decimal is asked back with both ways of writing it', () => {
  expect(readNumber('1,250')).toEqual({ ok: false, reason: expect.stringMatching(/write 1250 or 1\.250/) });
});
