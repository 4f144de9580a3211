import { compareLast, unansweredVisit } from '../../model/service/compareVisits';
import { count, name, person, quantity, several, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';

/** What visits after hand-over found, as long as no later one answers it. */
export const serviceChecks = [
  defineCheck({
    id: 'service.visit',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'What was sound on the first day soots up, works loose and drops its volts; a visit says so while it is small.',
    remedy:
      'Mend it, do the same work again, and keep the visit that finds it sound (Sign-off, Service). A visit that did other work does not answer it.',
    source: `${trade} Worth a look: 0.5 V less under glow, 30 % and 0.2 A more at full, 15 K warmer or cooler at the outlet. Lorbet’s own choice.`,
    messages: {
      none: 'No visit is kept.',
      bad: 'A visit found something to be mended: {note} ({person})',
      soot: 'Thick soot when it was last looked at: too little air, a worn burner or months of low running.',
      worse: 'Since the first start: {what}.',
      volts: 'volts under glow fell from {first} to {now}',
      amps: 'amps at full rose from {first} to {now}',
      outlet: 'warm air at full went from {first} to {now}',
      watch: 'A visit left something to be watched: {note} ({person})',
      sound: 'Nothing is left open by {n} {n|visit|visits}.',
    },
    remedies: {
      soot: 'Clean burner, screen and exhaust, look for what chokes the air, and burn it at full for half an hour. Then keep a visit with how much soot is left.',
      worse:
        'Look at joints, fuse holder and battery for the volts, at soot and air for the rest; read the same again, and keep that visit.',
      watch: 'Look at it at the next visit, with the same work; it is answered once that finds it sound.',
      none: 'Keep each visit here once it is handed over.',
      sound: 'Keep the next visit here too.',
    },
    assess(read, say) {
      const visits = read.build.visits ?? [];
      const last = visits.at(-1);
      if (!last) return say.sound('none');
      read.note('Last visit', last.at, '', { by: last.by, at: last.at });
      const bad = unansweredVisit(visits, 'bad');
      if (bad) return say.fix('bad', { note: name(bad.note), person: person(bad.by) });
      // Whoever did not look has not seen that it is gone.
      if (visits.findLast(({ soot }) => soot !== undefined)?.soot === 'heavy') return say.fix('soot');
      const told = { glowV: 'volts', runA: 'amps', outletC: 'outlet' } as const;
      const worse = compareLast(read.build).flatMap(({ quantity: of, first, now, unit, decimals, worse: isWorse }): Value[] =>
        isWorse && first !== null
          ? [say.clause(told[of], { first: quantity(unit, first, decimals), now: quantity(unit, now, decimals) })]
          : [],
      );
      if (worse.length > 0) return say.watch('worse', { what: several(worse) });
      const watched = unansweredVisit(visits, 'watch');
      if (watched) return say.watch('watch', { note: name(watched.note), person: person(watched.by) });
      return say.sound('sound', { n: count(visits.length) });
    },
  }),
];
