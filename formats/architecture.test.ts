import { compileFunction } from 'node:vm';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { soundBuild } from '../tests/soundBuild';
import { cellSchema, text } from '../core/build/schemaParts';
import type { Column } from '../core/build/field';
import { readBuild, validate } from '../core/build/readBuild';
import { defineCheck, type Check } from '../core/checks/Check';
import { definitionOf, commandKinds, type Command } from '../core/commands/allCommands';
import { defineCommand, shape, type CommandDefinition } from '../core/commands/define';
import { computeOrMissing } from '../core/reading/NotMeasured';
import { readerOf } from '../core/figures/readerOf';
import { routeOf } from '../core/model/fuel/routeOf';
import { lineVolumeMl } from '../core/physics/fuel/lineVolumeMl';
import type { Derived, Trail } from '../core/reading/Reader';
import { render } from '../core/wording/render';
import { shortDeg } from '../core/wording/Value';
import type { CertificatePage } from './certificate/CertificatePage';
import type { Section, SectionFacts } from './certificate/Section';
import { sections } from './certificate/writeCertificate';

/** The worked examples of docs/architecture.md, run as they stand there. */
const page = readFileSync(path.join(__dirname, '../docs/architecture.md'), 'utf8');
const scope = { defineCheck, defineCommand, lineVolumeMl, routeOf, shape, shortDeg, text };
function example<T>(name: string): T {
  const code = new RegExp(`\`\`\`ts ${name}\\n([\\s\\S]*?)\`\`\``).exec(page)?.[1] ?? '';
  // Our own page, written beside the code that it tells of.
  const run = compileFunction(`return (${code.trim()});`, Object.keys(scope)) as (...values: unknown[]) => T;
  return run(...Object.values(scope));
}

test('a computed figure is one entry: its value, and what it rests on', () => {
  const [figure] = Object.values(example<Record<string, Derived>>('figure'));
  const trail: Trail = { inputs: [], rules: [] };
  const build = soundBuild({ 'fuel.suctionLengthM': 1, 'fuel.pressureLengthM': 3 });
  build.lists = {};
  // 4 m of 2 mm bore: 3.1416 mL a metre.
  expect(figure?.compute(readerOf(build, trail))).toBeCloseTo(4 * 3.1416, 3);
  expect(trail.inputs.map((input) => input.path)).toEqual(expect.arrayContaining(['fuel.suctionLengthM', 'fuel.pressureBoreMm']));
});

test('a list is one entry: its cells know what they may hold', () => {
  const { columns } = example<{ columns: Record<string, Column> }>('list');
  const holds = (name: string, value: unknown) => cellSchema(columns[name] as Column).isValidSync(value, { strict: true });
  expect([
    holds('pieces', 3),
    holds('pieces', 3.5),
    holds('pieces', 100),
    holds('keptIn', 'shed'),
    holds('keptIn', 'van'),
  ]).toEqual([true, false, false, true, false]);
});

test('a check is one entry: its verdict, its sentence, and what is missing for it', () => {
  const check = example<Check>('check');
  const tied = check.assess(readerOf(soundBuild({ 'line.pumpMount': 'tie', 'fuel.pumpAngleDeg': 4 })), []);
  expect([tied.level, render(check.messages[tied.code] ?? '', tied.values)]).toEqual([
    'fix',
    'Pump hangs by a cable tie at 4°: its angle wanders.',
  ]);
  const lacking = computeOrMissing(() => check.assess(readerOf(soundBuild({ 'fuel.pumpAngleDeg': null })), []));
  expect('missing' in lacking && lacking.missing.labels).toEqual(['Pump angle, outlet up']);
});

test('a command is one file: its form, what it does, and its line in the ledger', () => {
  const { schema, apply, describe } = example<CommandDefinition<{ kind: 'flag'; text: string }>>('command');
  expect(validate(schema(), { kind: 'flag', text: 'ask the owner' }).ok).toBe(true);
  expect(validate(schema(), { kind: 'flag', text: '' }).ok).toBe(false);
  const step = apply(
    soundBuild(),
    { kind: 'flag', text: 'ask the owner' },
    { name: 'A', role: 'fitter', at: '2026-11-26T10:00:00Z' },
  );
  expect(step.ok && [readBuild(step.build).ok, describe(step.body)]).toEqual([true, 'flagged: ask the owner']);
});
test('every command that there is has all of its parts', () => {
  for (const kind of commandKinds) {
    const definition: CommandDefinition<Command> = definitionOf(kind);
    expect([definition.kind, typeof definition.apply, typeof definition.describe]).toEqual([kind, 'function', 'function']);
  }
});

test('a part of the certificate is one function, and writes nothing where there is nothing to tell', () => {
  const section = example<Section>('section');
  const written = (place: string): string[] => {
    const lines: string[] = [];
    const fake = { heading: (line: string) => lines.push(line), paragraph: (line: string) => lines.push(line) };
    const build = soundBuild();
    const facts = { build: { ...build, identity: { ...build.identity, place } } } as SectionFacts;
    section(fake as unknown as CertificatePage, facts);
    return lines;
  };
  expect([written(''), written('Long Lock')]).toEqual([[], ['Where it stands', 'Long Lock']]);
  expect(sections.length).toBeGreaterThan(10);
});
