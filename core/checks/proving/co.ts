import { coPlaces } from '../../build/Build';
import { coProof, goodAfterRepair, guidelinePpm, placesOf, type RatedReading } from '../../model/proving/coProof';
import { alarmLacks, alarmProblem } from '../../model/proving/alarmProblem';
import { repairsOf } from '../../model/proving/stale';
import { toDo } from '../../reading/NotMeasured';
import { count, mm, name, person, rangeOf, several, shortPpm, term, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { worstOf } from '../worstOf';

const clearAir =
  'Everybody out, heater off by its button, doors open. Find the leak; record its cause and repair here. Then light it again and read the air at the pillow, at the same place and at one more.';
const readAgain =
  'Light it, let it reach full output, and read the air with the doors shut: at the pillow, where it was bad, and at one place more.';
const worstReading = (readings: readonly RatedReading[]): RatedReading | undefined =>
  [...readings].sort((a, b) => b.risePpm - a.risePpm || b.reading.ppm - a.reading.ppm)[0];
const levelOf = (readings: readonly RatedReading[]): 'stop' | 'fix' =>
  readings.some(({ reading }) => reading.ppm >= guidelinePpm) ? 'stop' : 'fix';

/** That nobody is poisoned. */
export const coChecks = [
  defineCheck({
    id: 'co.alarm',
    stage: 'proving',
    holdPoint: 'fire',
    part: 'cabin',
    why: 'Carbon monoxide has no smell and kills in sleep; the alarm is the last guard when all else has failed.',
    remedy: 'Fit an alarm made for this kind of space, site it by its own instructions, and press its test button.',
    source:
      'EN 50291-2 for leisure vehicles and boats, EN 50291-1 for buildings, UL 2034 in North America (from memory); always, by common practice.',
    messages: {
      none: 'There is no carbon monoxide alarm in the space.',
      silent: 'The carbon monoxide alarm did not sound on its test button, or was not tried.',
      misplaced: 'The carbon monoxide alarm is not where its instructions want it.',
      sounds: 'A carbon monoxide alarm is fitted, sited by its instructions, and sounded on its test button.',
      quiet: '{alarm} did not sound on its test button.',
      ended: 'The date of {alarm} ran out on {day}, before the heater was last lit: an old cell may sense nothing.',
      height: '{alarm} sits {at} above the floor; its manual wants {wants}.',
      near: '{alarm} sits {at} from the heater; its manual wants at least {wants}.',
      unmade: '{alarm} is made to no standard for carbon monoxide.',
      forHomes: '{alarm} is made for buildings; what shakes and freezes wants one for leisure vehicles and boats.',
      unnamed: 'alarm {n}',
    },
    remedies: {
      silent: 'Press its test button; replace an alarm that stays silent.',
      misplaced: 'Move it to where its own instructions say.',
      quiet: 'Replace an alarm that stays silent, and enter the new one in its place.',
      ended: 'Replace it, and enter the date of the new one; then light the heater with that one there.',
      height: 'Move it to the height that its manual wants.',
      near: 'Move it as far off as its manual wants.',
      unmade: 'Replace it by one made to EN 50291 or UL 2034.',
      forHomes: 'Replace it by one made to EN 50291-2.',
    },
    assess: (read, say) =>
      worstOf(
        () => (read.all({ fitted: 'proving.coAlarmFitted' }).fitted === 'no' ? say.stop('none') : null),
        () => (read.all({ tested: 'proving.coAlarmTested' }).tested === 'no' ? say.stop('silent') : null),
        () => (read.all({ sited: 'proving.coAlarmSited' }).sited === 'no' ? say.stop('misplaced') : null),
        ...read.rows('alarms').map((row, i) => () => {
          const alarm = row.name === undefined ? say.clause('unnamed', { n: count(i + 1) }) : name(row.name);
          const told = alarmProblem(read.build, row);
          if (told === null) {
            const lacking = alarmLacks(row);
            if (lacking.length === 0) return null;
            const which = row.name === undefined ? `alarm ${i + 1}` : `“${row.name}”`;
            return read.missing(...toDo(`enter of ${which}, under Alarms: ${lacking.join(', ')}`));
          }
          switch (told.problem) {
            case 'quiet':
              return say.stop('quiet', { alarm });
            case 'ended':
              return say.stop('ended', { alarm, day: term('day', told.day) });
            case 'height':
              return say.stop('height', { alarm, at: mm(told.atMm), wants: rangeOf(mm(told.fromMm), mm(told.toMm)) });
            case 'near':
              return say.stop('near', { alarm, at: mm(told.atMm), wants: mm(told.awayMm) });
            case 'unmade':
              return say.fix('unmade', { alarm });
            case 'forHomes':
              return say.fix('forHomes', { alarm });
          }
        }),
        () => say.sound('sounds'),
      ),
  }),
  defineCheck({
    id: 'co.reading',
    stage: 'proving',
    holdPoint: 'handover',
    part: 'cabin',
    answered: true,
    why: 'A heater that is sound adds nothing to the air inside; any rise over the air outside is a leak or gas coming back in.',
    remedy: clearAir,
    source:
      'WHO guideline of 10 mg/m³ over 8 h, 8.6 ppm at 20 °C (WHO 2010, from memory); one reading proves no average. What counts as proof is Lorbet’s own choice.',
    messages: {
      read: '{ppm} of carbon monoxide {n|was|were} read at the {place}{outside}',
      outside: ', {ppm} outside',
      badAir: '{reading}: the air itself is bad, whatever the heater does.',
      adds: '{reading}; a sound heater adds none.',
      addsUnzeroed: '{reading}; a sound heater adds none.',
      noStart: '{reading}; it was repaired, and no start has reached full output since.',
      stale: '{reading}; it was repaired, and it has to be lit and read anew.',
      few: '{reading}; repaired since, and {good} of {wanted} good readings were taken since start {start}{lacking}{pillow}.',
      lacking: ', none at the {places}',
      pillow: ', none at the pillow with the doors shut',
      none: 'No rise of carbon monoxide in {n} {n|reading|readings} inside; they rest on start {start}.{before}',
      before: ' {ppm} of carbon monoxide at the {place}{outside} before; {repair} ({person}).',
    },
    remedies: {
      addsUnzeroed: `${clearAir} Where the meter was not zeroed outdoors, read the air outside too: only the rise over it counts.`,
      noStart: readAgain,
      stale: readAgain,
      few: readAgain,
    },
    assess(read, say) {
      const { start, readings, unanswered, answered, good, pillow, stale } = coProof(read.build);
      const values = ({ reading, outsidePpm }: RatedReading) => ({
        ppm: shortPpm(reading.ppm, 1),
        place: term('coPlace', reading.place),
        outside: outsidePpm === null ? null : say.clause('outside', { ppm: shortPpm(outsidePpm, 1) }),
      });
      const told = (rated: RatedReading): Value => say.clause('read', { ...values(rated), n: count(rated.reading.ppm, 1) });
      const note = (rated: RatedReading) =>
        read.note(`Highest reading inside (${coPlaces[rated.reading.place]})`, rated.reading.ppm, 'ppm');
      const worst = worstReading(unanswered);
      if (worst) {
        note(worst);
        const [level, reading] = [levelOf(unanswered), told(worst)];
        if (worst.outsidePpm !== null && worst.risePpm < 1e-9) return say[level]('badAir', { reading });
        return worst.outsidePpm === null && worst.reading.ppm < guidelinePpm
          ? say[level]('addsUnzeroed', { reading })
          : say[level]('adds', { reading });
      }
      // A danger that was repaired stays one until it is proven gone.
      const was = worstReading(answered);
      const level = levelOf(answered);
      if (start === null) {
        if (was) return say[level]('noStart', { reading: told(was) });
        return read.missing(
          ...toDo('light it in its place, let it reach full output, and read the carbon monoxide during it or after'),
        );
      }
      if (stale) {
        if (was) return say[level]('stale', { reading: told(was) });
        return read.missing(
          ...toDo(
            'light it anew, let it reach full output, and read the carbon monoxide: the heater, its air or its exhaust was worked on since the last start',
          ),
        );
      }
      read.note(`Start ${start.number} reached full output at`, new Date(start.fullMs).toISOString(), '');
      const highest = worstReading(readings);
      if (highest) note(highest);
      if (was) {
        const lacking = placesOf(answered).filter((place) => !placesOf(good).includes(place));
        if (good.length < goodAfterRepair || lacking.length > 0 || pillow.length === 0)
          return say[level]('few', {
            reading: told(was),
            good: count(good.length),
            wanted: count(goodAfterRepair),
            start: count(start.number),
            lacking:
              lacking.length > 0
                ? say.clause('lacking', { places: several(lacking.map((place) => term('coPlace', place))) })
                : null,
            pillow: pillow.length === 0 ? say.clause('pillow') : null,
          });
      }
      if (pillow.length === 0)
        return read.missing(
          ...toDo(`read the carbon monoxide at the pillow, doors shut, once start ${start.number} has reached full output`),
        );
      const cause = repairsOf(read.build, 'co.reading').at(-1);
      return say.sound('none', {
        n: count(good.length),
        start: count(start.number),
        before:
          was && cause ? say.clause('before', { ...values(was), repair: name(cause.repair), person: person(cause.by) }) : null,
      });
    },
  }),
];
