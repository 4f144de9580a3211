import { demoCard } from '../demo/unitCards';
import { id, soundBuild, withValues } from '../tests/soundBuild';
import type { Build } from '../core/build/Build';
import { applyCommand } from '../core/commands/applyCommand';
import { readCardCsv, writeCardCsv } from './unitCardCsv';
import { readSettingsCsv, writeSettingsCsv } from './settingsCsv';

const author = { name: 'Test Fitter', role: 'fitter', at: '2026-11-20T10:00:00Z' } as const;
const unit = (serial: string): Build => {
  const build = soundBuild();
  return { ...build, unitCard: demoCard, identity: { ...build.identity, heaterSerial: serial } };
};
const set = withValues(unit('T-1'), {
  'found.mode': 'fixed',
  'controller.mode': 'target',
  'found.runForH': 3,
  'controller.runForH': 0,
  'controller.targetC': 19,
});
const noted: Build = {
  ...set,
  lists: {
    ...set.lists,
    settings: [
      { id: id(1), setting: 'runForH', why: '=it ended at one, “in the night”' },
      { id: id(2), setting: 'other', name: 'software', found: '2.4', left: '2.5' },
    ],
  },
};

test('settings go out and come back into a build of the same unit as they were, with why and what only this controller has', () => {
  const read = readSettingsCsv(unit('T-1'), writeSettingsCsv(noted));
  if (!read.ok) throw new Error(read.errors.join(' '));
  const figures = applyCommand(unit('T-1'), { kind: 'figures', changes: read.changes }, author);
  if (!figures.ok) throw new Error(figures.errors.join(' '));
  const rows = applyCommand(
    figures.build,
    { kind: 'rows', changes: read.rows.map((row, i) => ({ ...row, row: id(50 + i) })) },
    author,
  );
  if (!rows.ok) throw new Error(rows.errors.join(' '));
  expect(writeSettingsCsv(rows.build)).toBe(writeSettingsCsv(noted));
});
test('read into the build that it came from it changes nothing', () => {
  expect(readSettingsCsv(noted, writeSettingsCsv(noted))).toEqual({ ok: true, changes: [], rows: [] });
});
test('codes of the unit card stand beside what was read', () =>
  expect(writeSettingsCsv(noted)).toMatch(/^"INV-22, invented, T-1",mode,P1,,a fixed rate,temperature,/m));
test('settings of another unit are refused in one sentence, and nothing is taken', () => {
  expect(readSettingsCsv(unit('T-2'), writeSettingsCsv(noted))).toEqual({
    ok: false,
    errors: [
      'The file is of the unit “INV-22, invented, T-1”; this build has “INV-22, invented, T-2”. Settings of another unit are not taken.',
    ],
  });
});
const name = '"INV-22, invented, T-1"';
test.each([
  ['nothing', '', /names nothing; it must name unit and setting/],
  ['a strange column', 'unit,setting,value\n', /names unit, setting, value/],
  [
    'a number out of bounds',
    `unit,setting,left\n${name},targetC,90\n`,
    /Line 2: Temperature set is 90 °C; allowed is 5 to 40 °C/,
  ],
  [
    'words for a number',
    `unit,setting,left\n${name},pumpMaxHz,fast\n`,
    /Line 2: Pump, highest: “fast” is not a number; allowed is 0\.5 to 15 Hz/,
  ],
  [
    'an answer that is none',
    `unit,setting,found\n${name},supply,48 V\n`,
    /Line 2: Set for, as found is 48 V; allowed is one of: 12 V, 24 V/,
  ],
  ['a unit that does not fit', `unit,setting,left\n${name},targetC,19 Hz\n`, /Line 2: .*Hz, which does not fit a figure in °C/],
])('%s is refused, with its line', (_what, text, words) => {
  const read = readSettingsCsv(unit('T-1'), text);
  expect(read.ok ? [] : read.errors).toEqual([expect.stringMatching(words)]);
});
test('a card keeps its settings through CSV', () => {
  const read = readCardCsv(writeCardCsv(demoCard));
  expect(read.ok && read.value.settings).toEqual(demoCard.settings);
});
