import fc from 'fast-check';
import { id, soundBuild, soundStart } from '../../tests/soundBuild';
import type { Build } from '../build/Build';
import { applyCommand } from '../commands/applyCommand';
import { parseEntry } from './parseEntry';
import type { Entry } from './Entry';

const nowMs = Date.parse('2026-11-20T09:00:42Z');
/** Its line known by two lengths only, so that these may be entered. */
const live: Build = { ...soundBuild(), lists: {}, starts: [soundStart({ events: [{ atS: 0, event: 'on' }] })] };
const enter = (line: string, build: Build = live): Entry => parseEntry(line, { build, nowMs, newId: () => id(77) });
const figure = (path: string, to: number, slot = 'fitted') => ({
  kind: 'command',
  command: { kind: 'figures', changes: [expect.objectContaining({ path, slot, to })] },
});
const reading = (quantity: string, value: number) => ({
  kind: 'command',
  command: { kind: 'readings', readings: [{ atS: 42, quantity, value }] },
});

test.each<[string, object]>([
  ['pump 24 deg', figure('fuel.pumpAngleDeg', 24)],
  ['pump 24', figure('fuel.pumpAngleDeg', 24)],
  ['24 deg pump', figure('fuel.pumpAngleDeg', 24)],
  ['planned pump 30°', figure('fuel.pumpAngleDeg', 30, 'planned')],
  ['suction 62 cm', figure('fuel.suctionLengthM', 0.62)],
  ['suction 0,62 m', figure('fuel.suctionLengthM', 0.62)],
  ['battery 12.6 V', figure('wiring.batteryRestV', 12.6)],
  ['12.6 V at rest', figure('wiring.batteryRestV', 12.6)],
  ['cable 12 AWG', { kind: 'command', reads: expect.stringMatching(/^Cable 3\.3087/) }],
  ['fuse 15', figure('wiring.fuseA', 15)],
  ['dose 0.022 ml', figure('heater.strokeVolumeMl', 0.022, 'planned')],
  ['pickup 31mm', figure('fuel.pickupClearanceMm', 31)],
  ['12.4 V under glow', reading('volts', 12.4)],
  ['amps 9,8', reading('amps', 9.8)],
  ['1.4 A running', reading('amps', 1.4)],
  ['outlet 84 C', reading('outletC', 84)],
  ['hz 1.6', reading('hertz', 1.6)],
  ['flame', { kind: 'command', command: { kind: 'readings', events: [{ atS: 42, event: 'flame' }] } }],
  ['White smoke', { kind: 'command', command: { kind: 'sight', look: { id: id(77), sees: 'white' } } }],
  ['no bubbles', { kind: 'command', command: { kind: 'sight', look: { sees: 'noBubbles' } } }],
  ['line that can’t be seen through', { kind: 'command', command: { kind: 'sight', look: { sees: 'unseen' } } }],
  ['case 74 C', reading('caseC', 74)],
  ['note: wiped every joint', { kind: 'command', command: { kind: 'note', text: 'wiped every joint' } }],
  ['CO 0 ppm pillow', { kind: 'command', command: { kind: 'co', reading: { id: id(77), ppm: 0, place: 'pillow' } } }],
  [
    'prime 140 strokes more stopped',
    {
      kind: 'command',
      command: { kind: 'priming', run: { strokes: 140, frequencyHz: 4, fromEmpty: false, outcome: 'stopped' } },
    },
  ],
])('%j is understood', (line, entry) => expect(enter(line)).toMatchObject(entry));

test('a rough length is not taken where the line is known segment by segment: it would count for nothing', () => {
  expect(enter('suction 62 cm', soundBuild())).toEqual({
    kind: 'refused',
    sentence: 'Suction line, tank to pump counts no longer: the line is known segment by segment; change it there.',
  });
});
test.each<[string, RegExp, string]>([
  ['12.4 V', /Which is/, 'battery 12.4 v'],
  ['bore 2 mm', /Which is/, 'suction bore 2 mm'],
  ['24 deg', /Which is/, 'pump 24 deg'],
  ['prime 140 strokes', /how did it end/, 'prime 140 strokes reached'],
  ['prime 140 reached', /empty before/, 'prime 140 strokes empty reached'],
  ['bubbles', /Which bubbles/, 'bubbles that keep coming'],
  ['smoke', /Which smoke/, 'black smoke'],
  ['CO 5', /Where was/, 'co 5 ppm pillow'],
  ['wiped the joint', /No figure/, 'note wiped the joint'],
  ['hello 5 kg', /no figure/, 'note hello 5 kg'],
])('%j is asked back', (line, question, option) => {
  const entry = enter(line);
  expect(entry.kind === 'ask' && entry.question).toMatch(question);
  expect(entry.kind === 'ask' && entry.options.map((o) => o.line)).toContain(option);
});

test.each<[string, RegExp]>([
  ['', /empty/],
  ['pump 240 deg', /240 deg; allowed is -90 to 90 deg/],
  ['pump 24 V', /does not fit/],
  ['planned level 80 mm', /measured or looked at, not planned/],
  ['fuse 900 A', /allowed is 0 to 100 A/],
  ['outlet 900 C', /allowed is -40 to 250/],
  ['CO2 400 ppm', /carbon dioxide/],
  ['prime strokes', /no count/],
  ['CO 9000 ppm pillow', /0 to 2000/],
  ['cable 1,250', /two ways/],
])('%j is refused with a reason', (line, sentence) => {
  const entry = enter(line);
  expect(entry.kind === 'refused' && entry.sentence).toMatch(sentence);
});

test('a reading without a start under way is refused, not put anywhere', () =>
  expect(enter('12.4 V under glow', soundBuild())).toMatchObject({
    kind: 'refused',
    sentence: expect.stringMatching(/No start is being logged/),
  }));

test('any line is understood, asked back or refused; what is understood can be applied; every option leads on', () => {
  const words = fc.constantFrom(
    'pump',
    'bore',
    'prime',
    'co',
    '12.4',
    '7',
    'V',
    'deg',
    'mm',
    'strokes',
    'under glow',
    'note',
    'outlet',
    'planned',
    ',',
    '-',
    '5 kg',
    'flame',
  );
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string({ maxLength: 60 }),
        fc.array(words, { maxLength: 6 }).map((w) => w.join(' ')),
      ),
      (line) => {
        const entry = enter(line);
        if (entry.kind === 'command') {
          const applied = applyCommand(live, entry.command, { name: 'A', role: 'lead', at: '2026-11-20T09:00:42.000Z' });
          return applied.ok;
        }
        return entry.kind === 'refused'
          ? entry.sentence.length > 10
          : entry.options.every(
              (o) => enter(o.line).kind !== 'refused' || /two ways|allowed/.test(JSON.stringify(enter(o.line))),
            );
      },
    ),
    { numRuns: 1500, seed: 5 },
  );
});
