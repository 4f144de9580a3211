import fc from 'fast-check';
import { guessColumns, readLogger, readLoggerTable, type LoggerTable } from './loggerCsv';

/** The same readings as loggers of several kinds would write them. */
const rows = Array.from({ length: 60 }, (_, i) => ({ s: i * 2, volts: 12.6 - i / 100, amps: 1 + i / 7, outletC: 5 + i / 3 }));
const two = (n: number) => String(n).padStart(2, '0');
const clock = (s: number) => `${two(Math.floor(s / 3600) % 24)}:${two(Math.floor(s / 60) % 60)}:${two(s % 60)}`;
const dialects = fc.record({
  delimiter: fc.constantFrom(';', ',', '\t', '|'),
  comma: fc.boolean(),
  time: fc.constantFrom('seconds', 'ms', 'clock', 'iso', 'german', 'offset'),
  preamble: fc.constantFrom('', 'Logger 3\nSerial 99\n\n', '# made by hand\n'),
  ending: fc.constantFrom('\n', '\r\n'),
  bom: fc.boolean(),
  quoted: fc.boolean(),
  named: fc.boolean(),
  fahrenheit: fc.boolean(),
});
type Dialect = typeof dialects extends fc.Arbitrary<infer T> ? T : never;
function written({ delimiter, comma, time, preamble, ending, bom, quoted, named, fahrenheit }: Dialect): string {
  const number = (n: number, digits: number) =>
    comma && delimiter !== ',' ? n.toFixed(digits).replace('.', ',') : n.toFixed(digits);
  const began = 23 * 3600 + 59 * 60 + 10;
  const when = (s: number) =>
    time === 'seconds'
      ? number(s, 1)
      : time === 'ms'
        ? String(s * 1000)
        : time === 'clock'
          ? clock(began + s)
          : time === 'german'
            ? `${s + began >= 86400 ? '02' : '01'}.12.2026 ${clock(began + s)}`
            : `2026-12-${s + began >= 86400 ? '02' : '01'}T${clock(began + s)}${time === 'offset' ? '+01:00' : ''}`;
  const cell = (text: string) => (quoted || text.includes(delimiter) ? `"${text}"` : text);
  const head = [
    time === 'ms' ? 'Time (ms)' : 'Time',
    'Supply voltage',
    'Current (A)',
    fahrenheit ? 'Outlet temp °F' : 'Outlet temp °C',
  ];
  const lines = rows.map(({ s, volts, amps, outletC }) => [
    when(s),
    number(volts, 2),
    number(amps, 3),
    number(fahrenheit ? (outletC * 9) / 5 + 32 : outletC, 2),
  ]);
  return `${bom ? '\uFEFF' : ''}${preamble}${(named || fahrenheit || time === 'ms' ? [head, ...lines] : lines).map((line) => line.map(cell).join(delimiter)).join(ending)}${ending}`;
}

test('whatever signs, commas, clocks and heads a logger writes with, the same is read', () => {
  fc.assert(
    fc.property(dialects, (dialect) => {
      const table = readLoggerTable(written(dialect));
      if (!table.ok) throw new Error(table.errors.join(' '));
      const { header } = table.value;
      const named = dialect.named || dialect.fahrenheit || dialect.time === 'ms';
      const columns = named
        ? guessColumns(header)
        : {
            [header[0] ?? '']: 'time' as const,
            [header[1] ?? '']: 'volts' as const,
            [header[2] ?? '']: 'amps' as const,
            [header[3] ?? '']: 'outletC' as const,
          };
      const read = readLogger(table.value, columns);
      if (!read.ok) throw new Error(read.errors.join(' '));
      const { series } = read.value.heard;
      expect(read.value.leftOut).toBe(0);
      for (const [quantity, digits] of [
        ['volts', 2],
        ['amps', 3],
        ['outletC', 1],
      ] as const) {
        expect(series[quantity]?.s).toEqual(rows.map(({ s }) => s));
        const off = rows.map((row, i) => Math.abs((series[quantity]?.value[i] ?? NaN) - row[quantity]));
        expect(Math.max(...off)).toBeLessThan(0.6 * 10 ** -digits);
      }
    }),
    { numRuns: 150 },
  );
});
test('no text whatever is thrown at anybody, and nothing out of range is taken', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc
          .array(fc.array(fc.oneof(fc.string(), fc.double().map(String)), { maxLength: 6 }).map((row) => row.join(';')))
          .map((all) => all.join('\n')),
      ),
      (text) => {
        const table = readLoggerTable(text);
        if (!table.ok) return expect(table.errors[0]).toMatch(/\.$/);
        const [time = '', volts = ''] = table.value.header;
        const read = readLogger(table.value, { [time]: 'time', [volts]: 'volts' });
        if (read.ok) for (const value of read.value.heard.series.volts?.value ?? []) expect(value >= 0 && value <= 40).toBe(true);
        return undefined;
      },
    ),
    { numRuns: 500 },
  );
});
const table = (rowsOf: string[][]): LoggerTable => ({ header: ['t', 'mV'], rows: rowsOf, decimal: '.' });
test.each([
  [
    'gaps are gaps',
    [
      ['0', '12000'],
      ['1', ''],
      ['2', '11900'],
    ],
    { s: [0, 2], value: [12, 11.9] },
    0,
  ],
  [
    'a time that goes back is left out',
    [
      ['5', '12000'],
      ['3', '11000'],
      ['6', '12000'],
    ],
    { s: [0, 1], value: [12, 12] },
    1,
  ],
  [
    'what lies out of range is left out',
    [
      ['0', '12000'],
      ['1', '99999'],
      ['2', '12000'],
    ],
    { s: [0, 2], value: [12, 12] },
    1,
  ],
])('%s', (_, rowsOf, volts, leftOut) =>
  expect(readLogger(table(rowsOf), { t: 'time', mV: 'volts' })).toMatchObject({
    ok: true,
    value: { heard: { series: { volts } }, leftOut },
  }),
);
test.each([
  [{}, 'Say which column is the time.'],
  [{ t: 'time' as const }, 'Say of one column at least what was read in it.'],
])('columns %j are asked back', (columns, error) =>
  expect(readLogger(table([['0', '1']]), columns)).toEqual({ ok: false, errors: [error] }),
);
