import { compareVisit } from '../../model/service/compareVisits';
import { count, name, person, quantity, several, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';

/** What the last visit after hand-over found. */
export const serviceChecks = [
  defineCheck({
    id: 'service.visit',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'What was sound on the first day soots up, works loose and drops its volts; a visit says so while it is small.',
    remedy: 'Mend it, and keep the visit at which it was found sound (Sign-off, Service).',
    source: `${trade} How much worse is worth a look is Lorbet’s own choice.`,
    messages: {
      none: 'No visit is kept; none is due before hand-over.',
      bad: 'The last visit found something to be mended: {note} ({person})',
      soot: 'The last visit found thick soot: too little air, a worn burner or months of low running.',
      worse: 'Since the first start: {what}.',
      volts: 'volts under glow fell from {first} to {now}',
      amps: 'amps at full rose from {first} to {now}',
      outlet: 'warm air at full went from {first} to {now}',
      watch: 'The last visit left something to be watched: {note} ({person})',
      sound: 'All was sound at the last of {n} {n|visit|visits}.',
    },
    remedies: {
      soot: 'Clean burner, screen and exhaust, look for what chokes the air, and burn it at full for half an hour. Then keep the visit at which it was clean.',
      worse:
        'Look at joints, fuse holder and battery for the volts, at soot and air for the rest; read again, and keep that visit.',
      watch: 'Look at it at the next visit.',
      none: 'Keep each visit here once it is handed over.',
      sound: 'Keep the next visit here too.',
    },
    assess(read, say) {
      const visits = read.build.visits ?? [];
      const last = visits.at(-1);
      if (!last) return say.sound('none');
      read.note('Last visit', last.at, '', { by: last.by, at: last.at });
      if (last.found === 'bad') return say.fix('bad', { note: name(last.note), person: person(last.by) });
      if (last.soot === 'heavy') return say.fix('soot');
      const told = { glowV: 'volts', runA: 'amps', outletC: 'outlet' } as const;
      const worse = compareVisit(read.build, last).flatMap(
        ({ quantity: of, first, now, unit, decimals, worse: isWorse }): Value[] =>
          isWorse && first !== null
            ? [say.clause(told[of], { first: quantity(unit, first, decimals), now: quantity(unit, now, decimals) })]
            : [],
      );
      if (worse.length > 0) return say.watch('worse', { what: several(worse) });
      if (last.found === 'watch') return say.watch('watch', { note: name(last.note), person: person(last.by) });
      return say.sound('sound', { n: count(visits.length) });
    },
  }),
];
