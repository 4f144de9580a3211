import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { params, room } from './room';
import { date, dateAndTime, dayAndTime, timeOfDay, wholeDay } from './when';

const root = path.join(__dirname, '../..');
const rooms = readdirSync(path.join(__dirname, 'en')).map((file) => file.replace(/\.ts$/, ''));
const sources = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', 'ui', 'app'], { cwd: root })
  .toString()
  .split('\n')
  .filter((file) => /\.tsx?$/.test(file) && !file.startsWith('ui/texts/'))
  .flatMap((file) => {
    const text = readFileSync(path.join(root, file), 'utf8');
    return [...text.matchAll(/import \{ (\w+)(?: as (\w+))? \} from '[./\w]*\/texts\/en\/\w+'/g)].map(([, name = '', as]) => ({
      text,
      name,
      as: as ?? name,
    }));
  });
const keysOf = (name: string): string[] =>
  [...readFileSync(path.join(__dirname, `en/${name}.ts`), 'utf8').matchAll(/^ {2}'?([\w.]+)'?:/gm)].map(([, key = '']) => key);

test.each(rooms)('every text of %s is on some screen', (name) => {
  const readers = sources.filter((source) => source.name === name);
  // One that is read by ids is handed on whole.
  const whole = readers.some(({ text, as }) => new RegExp(`= ${as};`).test(text));
  const read = (key: string) =>
    readers.some(({ text, as }) =>
      new RegExp(`\\b${as}\\s*\\.${key}\\b|\\b${as}\\[[^]*'${key}'|'${key}'[^]*\\b${as}\\[`).test(text),
    );
  const unread = keysOf(name).filter((key) => !whole && !read(key));
  expect(keysOf(name).length).toBeGreaterThan(0);
  expect(unread).toEqual([]);
});

describe('words that are put into a text', () => {
  const texts = room('put in', { remove: params('Remove {name} of {place}'), plain: 'As it is' });
  test('stand as they are, whatever they are', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (name, place) => {
        expect(texts.remove({ name, place })).toBe(['Remove ', name, ' of ', place].join(''));
      }),
    );
    // What a replacement or another text could mistake for its own signs.
    expect(texts.remove({ name: '{place} $& $1', place: '{name}' })).toBe('Remove {place} $& $1 of {name}');
  });
  test('are counted as they come, a number too', () => {
    expect(texts.remove({ name: 0, place: 2.5 })).toBe('Remove 0 of 2.5');
    expect(texts.plain).toBe('As it is');
  });
});

// What people in Britain write, from memory: the day before the month, 24 hours.
test('an instant is written by the clock of the device, the day first', () => {
  const at = new Date(2026, 10, 6, 4, 5).getTime();
  expect([dayAndTime(at), dateAndTime(at), date(at), wholeDay(at), timeOfDay(new Date(at).toISOString())]).toEqual([
    '6 Nov, 04:05',
    '6 Nov 2026, 04:05',
    '6 Nov 2026',
    expect.stringMatching(/^Friday,? 6 November 2026$/) as string,
    '04:05',
  ]);
});
test('midnight is 00:00 of the new day', () => {
  expect(dayAndTime(new Date(2026, 11, 1).getTime())).toBe('1 Dec, 00:00');
});
