import type { LicensedTrade } from '../../people/licences';
import { fittedStarts } from '../../model/startup/fittedStarts';
import { toDo } from '../../reading/NotMeasured';
import { count, person, several, term, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import type { Verdict } from '../Finding';
import { trade } from '../sources';
import { worstOf } from '../worstOf';
import { evidenceOf } from './evidence';

const inspector =
  'The rule packs that this build goes by, paraphrased; most of it from memory. What is allowed, the inspector and the local code say.';

/** What an inspector of this kind of conversion asks for, and who may do what. */
export const evidenceChecks = [
  defineCheck({
    id: 'signoff.evidence',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'What the inspector asks for is easy to show while it can still be seen, and hard once it is closed up.',
    remedy:
      'Sign-off, Evidence: give what each rule still lacks, or answer for it (looked at and it is so, not called for here, left to the inspector); mend what a check says against one; answer a remark, and set it settled once the inspector agrees.',
    source: inspector,
    messages: {
      stand: 'Before an inspector: {what}.',
      against: 'a check speaks against {rules}',
      gaps: 'evidence is missing at {n} of {all} rules, {rules}',
      remarks: '{n} {n|remark|remarks} not settled',
      answered: 'All {all} rules have evidence, or somebody answered for them: {n} by an answer, {waived} on a waiver.',
      there: 'All {all} rules have their evidence.',
    },
    remedies: {
      answered: 'The certificate shows each answer with its reason and who gave it.',
      there: 'Lay certificate and papers before the inspector.',
    },
    assess(read, say, others) {
      const packs = read.build.packs ?? [];
      for (const pack of packs) read.note('Rule pack', `${pack.name}, edition ${pack.edition}`, '');
      const called = evidenceOf(read.build, others).filter(({ state }) => state !== 'notCalled');
      const of = (state: (typeof called)[number]['state']) => called.filter((one) => one.state === state);
      const told = (rules: typeof called) =>
        several(
          rules.map(({ pack, rule }) => term('rule', packs.length > 1 ? `${rule.number} of ${pack.name}` : rule.number)),
          4,
        );
      const [against, gaps] = [of('against'), of('gap')];
      const remarks = read.rows('remarks').filter(({ state }) => state !== 'settled').length;
      const what: Value[] = [
        ...(against.length > 0 ? [say.clause('against', { rules: told(against) })] : []),
        ...(gaps.length > 0 ? [say.clause('gaps', { n: count(gaps.length), all: count(called.length), rules: told(gaps) })] : []),
        ...(remarks > 0 ? [say.clause('remarks', { n: count(remarks) })] : []),
      ];
      if (what.length > 0) return say.fix('stand', { what: several(what) });
      if (packs.length === 0) return read.missing(...toDo('choose the rule pack that this build goes by (Sign-off, Evidence)'));
      const [answered, waived] = [of('answered').length, of('waived').length];
      return answered + waived > 0
        ? say.watch('answered', { all: count(called.length), n: count(answered), waived: count(waived) })
        : say.sound('there', { all: count(called.length) });
    },
  }),
  defineCheck({
    id: 'signoff.competence',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'Mains, gas and structure kill where somebody guesses; such work is left to people who are licensed for it, and the record says to whom.',
    remedy: 'Sign-off, Evidence, Left to licensed people: name who did it, with the number of the licence.',
    source: `${trade} What needs a licence, the local code says; that work on the mains does in most places is from memory.`,
    messages: {
      nobody: '{trade}: nobody who is licensed for it is named.',
      unnumbered: '{trade}: {person} is named without a licence number.',
      unnamed: '{trade}: a licence number stands without a name.',
      ended: '{trade}: the licence of {person} ended on {day}, before the heater was last lit here.',
      work: 'licensed work',
      none: 'Nothing here is left to a licensed trade.',
      named: 'Left to licensed people: {n} {n|person|people}, by name and number.',
    },
    remedies: {
      unnumbered: 'Enter the number of the licence (Sign-off, Evidence, Left to licensed people).',
      unnamed: 'Enter whose number it is (Sign-off, Evidence, Left to licensed people).',
      ended: 'Have the work looked over by somebody whose licence holds, and name them; or enter how long this one holds now.',
      named: 'Keep a copy of each licence with the build’s papers.',
      none: 'Name them where a licensed person did some of it.',
    },
    assess(read, say, others) {
      const rows = read.rows('licensed');
      const wanted = new Set<LicensedTrade>(
        evidenceOf(read.build, others)
          .filter(({ state, answer }) => state !== 'notCalled' && answer?.answer !== 'notHere')
          .flatMap(({ rule }) => rule.proof.flatMap((proof) => ('licensed' in proof ? [proof.licensed] : []))),
      );
      if (read.maybe('wiring.feedSource') === 'mains') wanted.add('electrical');
      const litAt = fittedStarts(read.build).at(-1)?.at;
      const hasEnded = ({ until, endless }: (typeof rows)[number]) =>
        endless !== 'yes' && until !== undefined && litAt !== undefined && Date.parse(until) < Date.parse(litAt);
      const ofTrade = (row: (typeof rows)[number]) => ({ trade: row.trade ? term('trade', row.trade) : say.clause('work') });
      return worstOf(
        ...rows.map((row) => (): Verdict | null => {
          if (row.name !== undefined && row.number === undefined)
            return say.fix('unnumbered', { ...ofTrade(row), person: person(row.name) });
          if (row.name === undefined && row.number !== undefined) return say.fix('unnamed', ofTrade(row));
          if (row.trade === undefined) return read.missing(...toDo('say which work the licensed person is named for'));
          return null;
        }),
        ...[...wanted].map((one) => (): Verdict | null => {
          const work = { trade: term('trade', one) };
          const there = rows.filter((row) => row.trade === one && row.name !== undefined);
          const [first] = there;
          if (first?.name === undefined) return say.fix('nobody', work);
          const holding = there.find((row) => !hasEnded(row));
          if (!holding)
            return say.fix('ended', { ...work, person: person(first.name), day: term('day', first.until?.slice(0, 10) ?? '') });
          // How long it holds has to be known, or that it has no end: what is left out is no better than what has ended.
          return there.some((row) => !hasEnded(row) && (row.until !== undefined || row.endless === 'yes'))
            ? null
            : read.missing(...toDo(`enter how long the licence of ${holding.name ?? ''} holds, or that it has no end`));
        }),
        () => {
          read.all({ source: 'wiring.feedSource' });
          const named = rows.filter(({ name: of }) => of !== undefined).length;
          return named > 0 ? say.sound('named', { n: count(named) }) : say.sound('none');
        },
      );
    },
  }),
];
