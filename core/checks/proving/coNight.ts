import {
  bloodLimitPercent,
  coNights,
  driftPpm,
  nightH,
  risePpm,
  worstLog,
  type CoNights,
  type RatedLog,
} from '../../model/proving/coNight';
import { hours, percent, shortPpm, shortQuantity, term } from '../../wording/Value';
import { defineCheck } from '../Check';
import type { Reader } from '../../reading/Reader';

const clearAir =
  'Everybody out, heater off by its button, doors open. Find the leak; record its cause and repair here. Then light it again, and log a night at the same place with nobody asleep there.';
const logAgain = 'Light it anew, and log a night at the same place with nobody asleep there, doors shut.';
const logOne =
  'Leave a meter that logs at the pillow for eight hours, heater running, doors shut, with nobody asleep there; read its zero outside before and after, and take its file in here.';
const asleep = (read: Reader): number => read.all({ n: 'people.asleep' }).n;
/** A log that rises by less in all is level; a slope of less is none, ppm an hour. Lorbet’s own choice, no source. */
const leastSlope = 0.2;
const rises = ({ slopePpmH, hours: h }: RatedLog): boolean => slopePpmH >= leastSlope && (slopePpmH * h) / 2 >= risePpm;
const zeroed = ({ log }: RatedLog): boolean => log.zeroBeforePpm !== undefined || log.zeroAfterPpm !== undefined;
const minutesText = (spanMin: number) => shortQuantity(spanMin < 60 ? 'min' : 'h', spanMin < 60 ? spanMin : spanMin / 60, 0);
/** What was bad was repaired, and nothing good was logged since at its place. */
const notYetGood = ({ answered, good }: CoNights): RatedLog | undefined =>
  worstLog(answered.filter(({ log }) => !good.some((one) => one.log.place === log.place)));

/** What a night with the heater does to who sleeps there. */
export const coNightChecks = [
  defineCheck({
    id: 'co.exposure',
    stage: 'proving',
    holdPoint: 'handover',
    part: 'cabin',
    answered: true,
    why: 'What is breathed for hours adds up in the blood; a strength that no alarm sounds at can still harm by morning.',
    remedy: clearAir,
    source:
      'WHO guidelines over 15 min, 1 h, 8 h and 24 h (2010 and 2021, from memory); carboxyhaemoglobin after Coburn, Forster and Kane 1965, 10 % as UL 2034 has it (from memory). What counts as a rise, a drift and a night is Lorbet’s own choice.',
    messages: {
      over: 'Over {span} the air at the {place} stood at {ppm} of carbon monoxide; {limit} is the most by WHO. {blood}',
      bound: 'The air at the {place} would bind {work} of the blood of one at work there, and {asleep} of one asleep.',
      blood: 'It binds {work} of the blood of one at work there, {asleep} of one asleep.',
      adds: 'The air at the {place} stood at up to {ppm} of carbon monoxide for a quarter of an hour; a sound heater adds none. {blood}',
      addsUnzeroed:
        'The air at the {place} stood at up to {ppm} of carbon monoxide for a quarter of an hour by a meter whose zero nobody read; a sound heater adds none. {blood}',
      again: 'Over a log the air at the {place} stood at up to {ppm}; it was repaired, and no good log was taken there since.',
      drifts: 'The meter that was left at the {place} had moved its zero by {moved}: what it read can’t be told from that.',
      short: 'Nothing was found at the {place} in {hours}; a night is {night}.',
      none: 'No night was logged: readings one by one prove no average.',
      clean: 'No carbon monoxide at the {place} in {hours}: {ppm} at most.',
      nobody: 'Nobody sleeps inside: no night is logged.',
    },
    remedies: {
      addsUnzeroed: `${clearAir} Where the meter itself was off, that is the cause: read its zero outside before and after.`,
      again: logAgain,
      drifts: 'Have the meter set, or take another; then log again.',
      short: logOne,
      none: logOne,
    },
    assess(read, say) {
      const nights = coNights(read.build);
      const { unanswered, good } = nights;
      const values = (rated: RatedLog) => ({
        place: term('coPlace', rated.log.place),
        ppm: shortPpm(rated.quarterPpm, 1),
        blood: say.clause('blood', { work: percent(rated.bloodWork, 1), asleep: percent(rated.bloodAsleep, 1) }),
      });
      const note = (rated: RatedLog) => read.note(`Highest in a log at the ${rated.log.place}`, rated.peakPpm, 'ppm');
      const bad = worstLog(unanswered);
      if (bad) {
        note(bad);
        const { worst } = bad;
        if (worst)
          return say.stop('over', {
            ...values(bad),
            span: minutesText(worst.spanMin),
            ppm: shortPpm(worst.ppm, 1),
            limit: shortPpm(worst.limitPpm, 1),
          });
        return bad.bloodWork >= bloodLimitPercent
          ? say.stop('bound', { ...values(bad), work: percent(bad.bloodWork, 1), asleep: percent(bad.bloodAsleep, 1) })
          : say.fix(zeroed(bad) ? 'adds' : 'addsUnzeroed', values(bad));
      }
      const was = notYetGood(nights);
      if (was) return say[was.worst ? 'stop' : 'fix']('again', values(was));
      const moved = good.find(({ movedPpm }) => (movedPpm ?? 0) > driftPpm);
      const straight = good.filter(({ movedPpm }) => (movedPpm ?? 0) <= driftPpm);
      const longest = [...straight].sort((a, b) => b.hours - a.hours)[0];
      if (longest) {
        note(longest);
        const told = { ...values(longest), hours: hours(longest.hours, 1), ppm: shortPpm(longest.quarterPpm, 1) };
        if (longest.hours >= nightH - 0.02) return say.sound('clean', told);
        return asleep(read) === 0 ? say.sound('clean', told) : say.watch('short', { ...told, night: hours(nightH) });
      }
      if (moved) return say.fix('drifts', { ...values(moved), moved: shortPpm(moved.movedPpm ?? 0, 1) });
      return asleep(read) === 0 ? say.sound('nobody') : say.watch('none');
    },
  }),
  defineCheck({
    id: 'co.trend',
    stage: 'proving',
    holdPoint: 'handover',
    part: 'cabin',
    answered: true,
    why: 'A leak that is small now fills a shut space through the night; what still rises has not shown yet what it comes to.',
    remedy: clearAir,
    source: 'Least squares over a log; what counts as rising is Lorbet’s own choice, no source.',
    messages: {
      rises:
        'At the {place} it still rose by {slope} an hour at the end of {hours}, and would stand at {then} after a night of {night}.',
      again: 'At the {place} it still rose at the end of a log; it was repaired, and no log has shown since that it does not.',
      level: 'At the end of {hours} at the {place} it rose no more.',
      nothing: 'No log shows whether it rises.',
      nobody: 'Nobody sleeps inside: nothing was logged through a night.',
    },
    remedies: { again: logAgain, nothing: logOne },
    assess(read, say) {
      const { logs, fromMs, proof } = coNights(read.build);
      const steepest = (some: readonly RatedLog[]) => [...some].sort((a, b) => b.slopePpmH - a.slopePpmH)[0];
      const rising = logs.filter(rises);
      const now = steepest(rising.filter(({ beganMs }) => beganMs >= proof.repaired));
      const place = (rated: RatedLog) => term('coPlace', rated.log.place);
      if (now) {
        const last = now.air.at(-1)?.ppm ?? 0;
        const then = last + now.slopePpmH * Math.max(0, nightH - now.hours);
        const values = {
          place: place(now),
          slope: shortPpm(now.slopePpmH, 1),
          hours: hours(now.hours, 1),
          then: shortPpm(then, 1),
          night: hours(nightH),
        };
        return say[now.worst ? 'stop' : 'fix']('rises', values);
      }
      const was = steepest(rising);
      const since = logs.filter((one) => !rises(one) && one.beganMs >= Math.max(fromMs, proof.repaired));
      if (was && !since.some(({ log }) => log.place === was.log.place))
        return say[was.worst ? 'stop' : 'fix']('again', { place: place(was) });
      const level = steepest(since);
      if (level) return say.sound('level', { place: place(level), hours: hours(level.hours, 1) });
      return asleep(read) === 0 ? say.sound('nobody') : say.watch('nothing');
    },
  }),
];
