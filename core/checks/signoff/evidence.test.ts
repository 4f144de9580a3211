import fc from 'fast-check';
import { soundBuild } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import type { ListValues } from '../../build/lists';
import type { Proof, RuleAnswer, RulePack } from '../../build/pack/RulePack';
import type { LicensedTrade } from '../../people/licences';
import { applyCommand } from '../../commands/applyCommand';
import type { Command } from '../../commands/allCommands';
import type { Author } from '../../commands/define';
import { copyOfPack, shippedPacks } from '../../usual/packs';
import { assess } from '../assess';
import { levels, type Finding, type Level } from '../Finding';
import { messageOf } from '../findingText';
import { signState } from '../progress';
import { evidenceOf } from './evidence';

const packNamed = (name: string): RulePack => {
  const pack = shippedPacks.find((one) => one.name === name);
  if (!pack) throw new Error(`no pack ${name}`);
  return pack;
};
const road = packNamed('Road vehicle');
const outbuilding = packNamed('Outbuilding');
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const at = '2026-11-21T10:00:00.000Z';
const lead: Author = { name: 'Test Lead', role: 'lead', at };
const fitter: Author = { name: 'Test Fitter', role: 'fitter', at };
const under = (pack: RulePack, build: Build = soundBuild()): Build => ({ ...build, packs: [pack] });
const withRows = (build: Build, lists: ListValues): Build => ({ ...build, lists: { ...build.lists, ...lists } });
const apply = (build: Build, command: Command, author: Author = lead): Build => {
  const done = applyCommand(build, command, author);
  if (!done.ok) throw new Error(done.errors.join(' '));
  return done.build;
};
const refused = (build: Build, command: Command, author: Author = lead): string => {
  const done = applyCommand(build, command, author);
  return done.ok ? 'done' : done.errors.join(' ');
};
const found = (build: Build, check: string): Finding => {
  const finding = assess(build).find((one) => one.id === check);
  if (!finding) throw new Error(`no finding ${check}`);
  return finding;
};
const told = (build: Build, check: string): string => {
  const finding = found(build, check);
  return `${finding.level}: ${messageOf(finding)}`;
};
const answering = (rule: string, answer: RuleAnswer['answer'] = 'seen', pack = road): Command => ({
  kind: 'ruleAnswer',
  id: id(700 + Number(rule)),
  packId: pack.id,
  rule,
  answer,
  why: 'seen with a torch',
});
const sign = (author: Author): Command => ({
  kind: 'sign',
  typedName: author.name,
  drawn: 'M10,10L60,120L110,20L160,120',
});

describe('evidence', () => {
  const sound = assess(soundBuild());
  const asAnswered = ({ rules, id: pack }: RulePack): RuleAnswer[] =>
    rules.map(({ number, says }) => ({ id: id(800), at, by: 'x', pack, rule: number, says, answer: 'seen', why: 'seen' }));

  test('whatever the checks say: a rule is against while one of its own is at stop or fix, and no answer hides it or a gap in what is measured', () => {
    const some = fc.array(fc.constantFrom<Level>(...levels), { minLength: sound.length, maxLength: sound.length });
    fc.assert(
      fc.property(some, fc.constantFrom(...shippedPacks), fc.boolean(), (told, pack, answered) => {
        const others = sound.map((finding, i): Finding => ({ ...finding, level: told[i] ?? 'sound' }));
        const build = { ...under(pack), ...(answered ? { ruleAnswers: asAnswered(pack) } : {}) };
        for (const { rule, state } of evidenceOf(build, others)) {
          if (state === 'notCalled') continue;
          const own = others.filter(({ id: check }) =>
            rule.proof.some((proof) => 'check' in proof && (check === proof.check || check.startsWith(`${proof.check}.`))),
          );
          const bad = own.some(({ level }) => level === 'stop' || level === 'fix');
          const open = own.some(({ level }) => level === 'open');
          expect(state === 'against').toBe(bad);
          if (!bad && open) expect(state).toBe('gap');
          if (!bad && !open && answered) expect(['answered', 'there']).toContain(state);
        }
      }),
      { numRuns: 60 },
    );
  });

  test('each thing that is missing clears its own rule, and nothing else does', () => {
    const rows: Record<'photo' | 'paper' | 'licensed', (of: string) => ListValues> = {
      photo: (about) => ({ photos: [{ id: id(1), sha256: 'a'.repeat(64), widthPx: 1, heightPx: 1, about: about as 'plate' }] }),
      paper: (kind) => ({ papers: [{ id: id(1), kind: kind as 'tank', number: '7' }] }),
      licensed: (trade) => ({ licensed: [{ id: id(1), trade: trade as LicensedTrade, name: 'A', number: '7' }] }),
    };
    for (const pack of shippedPacks)
      for (const { number, proof, only } of pack.rules)
        for (const one of proof) {
          const kind = (['photo', 'paper', 'licensed'] as const).find((known) => known in one);
          if (!kind || only) continue;
          const alone = {
            ...pack,
            rules: pack.rules.filter((rule) => rule.number === number).map((rule) => ({ ...rule, proof: [one] })),
          };
          const stateWith = (build: Build) => evidenceOf(under(alone, build), sound).map(({ state }) => state);
          expect(stateWith(soundBuild())).toEqual(['gap']);
          for (const other of ['photo', 'paper', 'licensed'] as const) {
            const wanted = (one as Record<string, string>)[kind] ?? '';
            expect(stateWith(withRows(soundBuild(), rows[other](wanted)))).toEqual([other === kind ? 'there' : 'gap']);
          }
        }
  });

  test('a figure that says otherwise speaks against its rule; one that is empty is missing', () => {
    const rule = { number: '1', code: 'Ours', says: 'The feed comes from the mains.', fromMemory: false, signs: 'lead' as const };
    const pack = { ...road, rules: [{ ...rule, proof: [{ figure: 'wiring.feedSource' as const, is: ['mains'] }] }] };
    const stateOf = (feedSource: 'mains' | 'leisure' | null) =>
      evidenceOf(under(pack, soundBuild({ 'wiring.feedSource': feedSource })), sound).map(({ state }) => state);
    expect([stateOf('mains'), stateOf('leisure'), stateOf(null)]).toEqual([['there'], ['against'], ['gap']]);
  });

  test('an answer stands for the words of the rule as they were read: a later edition that says more is not answered by it', () => {
    const build = apply(under(road), answering('11'));
    const stateIn = (pack: RulePack) =>
      evidenceOf({ ...build, packs: [pack] }, sound).find(({ rule }) => rule.number === '11')?.state;
    const reworded = {
      ...road,
      edition: 2,
      rules: road.rules.map((r) => (r.number === '11' ? { ...r, says: `${r.says} And it is new.` } : r)),
    };
    expect([stateIn({ ...road, edition: 2 }), stateIn(reworded)]).toEqual(['answered', 'gap']);
  });

  test('a lead’s rule is not a fitter’s to answer for', () => {
    expect(refused(under(road), answering('4'), fitter)).toBe(
      'Rule 4 is a lead’s to answer for; Test Fitter signs in as fitter.',
    );
    expect(refused(under(road), answering('4'))).toBe('done');
  });

  test('what a check speaks against, and what is not measured, nobody answers for', () => {
    const inside = soundBuild({ 'air.intakeFrom': 'cabin' });
    expect(refused(under(road, inside), answering('10'))).toContain('A check speaks against rule 10');
    const unread = { ...soundBuild(), coReadings: [] };
    expect(refused(under(road, unread), answering('9'))).toContain('A check of rule 9 is not measured yet');
    expect(refused(under(road), answering('10'))).toContain('lacks nothing');
  });

  test('no pack is not measured; gaps and open remarks have to be mended, and mending clears them', () => {
    const { packs: _packs, ...bare } = soundBuild();
    expect(found(bare, 'signoff.evidence').level).toBe('open');
    const own = { ...road, rules: road.rules.filter(({ number }) => ['10', '11'].includes(number)) };
    expect(told(under(own), 'signoff.evidence')).toBe('fix: Before an inspector: evidence is missing at 1 of 2 rules, 11.');
    const answered = apply(under(own), answering('11'));
    expect(found(answered, 'signoff.evidence').level).toBe('watch');
    const remark = { id: id(5), by: 'I', remark: 'Shelf hides it.' };
    expect(told(withRows(answered, { remarks: [{ id: id(5), by: 'I' }] }), 'signoff.evidence')).toContain('1 remark not settled');
    expect(told(withRows(answered, { remarks: [remark] }), 'signoff.evidence')).toContain(
      'fix: Before an inspector: 1 remark not settled',
    );
    expect(found(withRows(answered, { remarks: [{ ...remark, state: 'settled' }] }), 'signoff.evidence').level).toBe('watch');
  });
});

describe('who may', () => {
  const mains = { ...soundBuild({ 'wiring.feedSource': 'mains' }), packs: soundBuild().packs ?? [] };
  const licensed = (row: object): Build => withRows(mains, { licensed: [{ id: id(1), trade: 'electrical', ...row }] });

  test.each<[string, Build, RegExp]>([
    ['nobody is named for work on the mains', mains, /^fix: Electrical work on the mains: nobody who is licensed/i],
    ['a name stands without a number', licensed({ name: 'Ada' }), /^fix: .*Ada is named without a licence number/],
    ['a number stands without a name', licensed({ number: '7' }), /^fix: .*number stands without a name/],
    [
      'the licence ended before the heater was lit',
      licensed({ name: 'Ada', number: '7', until: '2026-11-01T00:00:00.000Z' }),
      /^fix: .*licence of Ada ended on 2026-11-01/,
    ],
    [
      'it holds',
      licensed({ name: 'Ada', number: '7', until: '2027-11-01T00:00:00.000Z' }),
      /^sound: Left to licensed people: 1 person/,
    ],
    ['nothing is left to anybody', soundBuild(), /^sound: Nothing here is left/],
  ])('where %s, it is told', (_what, build, says) => {
    expect(told(build, 'signoff.competence')).toMatch(says);
  });

  test('where the code wants a competent person, naming one clears it', () => {
    const rules = outbuilding.rules.filter(({ number }) => number === '1');
    const build = under({ ...outbuilding, rules });
    expect(told(build, 'signoff.competence')).toMatch(/^fix: Building and fire safety: nobody/i);
    const named = (more: object) =>
      withRows(build, { licensed: [{ id: id(1), trade: 'building', name: 'Ada', number: '7', ...more }] });
    expect(told(named({}), 'signoff.competence')).toMatch(/^open: .*how long the licence of Ada holds/);
    expect(found(named({ endless: 'yes' }), 'signoff.competence').level).toBe('sound');
  });

  test('no bad licence gets sound by leaving a cell out', () => {
    const cells = { trade: 'electrical', name: 'Ada', number: '7', until: '2026-11-01T00:00:00.000Z' } as const;
    for (const left of Object.keys(cells)) {
      const row = { id: id(1), ...Object.fromEntries(Object.entries(cells).filter(([cell]) => cell !== left)) };
      expect([left, found(withRows(mains, { licensed: [row] }), 'signoff.competence').level]).not.toEqual([left, 'sound']);
    }
  });

  const proof: Proof[] = [{ check: 'leak' }];
  const rules: RulePack['rules'] = [
    { number: '1', code: 'Ours', says: 'No fuel comes out of it.', fromMemory: false, proof, signs: 'fitter' },
  ];
  const two = { ...copyOfPack(road, id(90), 'Ours'), rules, signatures: 2 as const };

  test('where a pack wants two people, one alone signs nothing, twice neither; the second does, and a change undoes both', () => {
    const once = apply(under(two), sign(fitter), fitter);
    expect([signState(once), refused(once, sign(fitter), fitter)]).toEqual([
      'unsigned',
      'Test Fitter has signed; its rule pack asks for a second person, who signs next.',
    ]);
    const twice = apply(once, sign(lead));
    expect(signState(twice)).toBe('signed');
    const changed = apply(twice, {
      kind: 'identity',
      changes: [{ key: 'place', from: '', to: 'Elsewhere' }],
      reason: 'it was moved since',
    });
    expect(signState(changed)).toBe('corrected');
  });

  test('whoever signs under a pack that asks for a licence holds one on that day, and the signature says which', () => {
    const strict = { ...two, signatures: 1 as const, signers: ['heater' as const] };
    const holding = (until: string): Author => ({
      ...lead,
      licences: [{ trade: 'heater', number: 'H-7', from: 'a school', until }],
    });
    expect(refused(under(strict), sign(lead))).toContain('none is kept that holds today');
    expect(refused(under(strict), sign(lead), holding('2026-11-20'))).toContain('none is kept that holds today');
    const signed = apply(under(strict), sign(lead), holding('2026-11-21'));
    expect(signed.signatures.map(({ licences }) => licences?.map(({ number }) => number))).toEqual([['H-7']]);
  });
});
