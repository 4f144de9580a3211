import { readCoLog } from './coLogCsv';

const read = (text: string) => readCoLog(text);
test.each<[string, string]>([
  ['seconds', 'seconds,CO ppm\n0,0\n60,1.5\n120,2\n'],
  ['minutes', 'min;CO [ppm]\n0;0\n1;1,5\n2;2\n'],
  ['a clock past midnight', 'Time\tCO\n23:59:00\t0\n0:00:00\t1.5\n0:01:00\t2\n'],
  [
    'a day and a clock, lines before the names',
    'meter 2\nserial 7\ndate,ppm\n2026-11-20 22:00:00,0\n2026-11-20 22:01:00,1.5\n2026-11-20 22:02:00,2\n',
  ],
  ['columns the other way round', 'CO ppm,time s\n0,0\n1.5,60\n2,120\n'],
])('times as %s are minutes since the first', (_what, text) => {
  const found = read(text);
  expect(found.ok ? found.readings.map(({ min }) => min) : found.errors).toEqual([0, 1, 2]);
  expect(found.ok && found.readings.map(({ ppm }) => ppm)).toEqual([0, 1.5, 2]);
});
test.each([
  ['s,ppm\n0,0\n60,1\n30,2\n', 'Row 3: time is “30”, not after the row before it; readings must be in order of time.'],
  ['s,ppm\n0,0\n30,0\n60,lots\n90,1\n', 'Row 3: carbon monoxide is “lots”; allowed is 0 to 2000 ppm.'],
  [
    's,ppm\n0,0\n60,lots\n90,1\n',
    'The row before the first two readings holds “60, lots”; allowed is the names of the columns, or a time and 0 to 2000 ppm.',
  ],
  ['s,ppm\n0,0\n60,2001\n', 'Row 2: carbon monoxide is “2001”; allowed is 0 to 2000 ppm.'],
  [
    'time,ppm\n22:00,0\n22:01,1\n',
    'Row 1: time is “22:00”, which can be read two ways; allowed is a number, or a clock with its seconds.',
  ],
  ['h,ppm\n0,0\n49,0\n', 'The file covers 49 h; a log may last 48 h at most.'],
  ['hello', 'The file holds no table: two columns at least are wanted, parted by comma, semicolon or tab.'],
])('%j is refused in a sentence', (text, sentence) => {
  const found = read(text);
  expect(found.ok ? '' : found.errors[0]).toBe(sentence);
});
test('a log of 20,000 readings is thinned to what a build holds, and its peak is kept', () => {
  const rows = Array.from({ length: 20_000 }, (_, i) => `${i},${i === 12_345 ? 77 : 1}`).join('\n');
  const found = read(`s,ppm\n${rows}\n`);
  expect(found.ok && found.readings.length).toBeLessThanOrEqual(1500);
  expect(found.ok && Math.max(...found.readings.map(({ ppm }) => ppm))).toBe(77);
  expect(found.ok && found.of).toBe(20_000);
});
