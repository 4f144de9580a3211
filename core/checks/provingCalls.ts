import { coPlaces } from '../build/Build';
import { coProof, goodAfterRepair, guidelinePpm, placesOf, type RatedReading } from '../model/proving/coProof';
import { repairsOf } from '../model/proving/stale';
import { formatShort } from '../units/formatNumber';
import type { Check, Verdict } from './Finding';
import { worstOf } from './worstOf';

const clearAir =
  'Everybody out, heater off by its button, doors open. Find the leak; record its cause and repair here. Then light it again and read the air at the pillow, at the same place and at one more.';
const worstReading = (readings: readonly RatedReading[]): RatedReading | undefined =>
  [...readings].sort((a, b) => b.risePpm - a.risePpm || b.reading.ppm - a.reading.ppm)[0];
const readAt = ({ reading, outsidePpm }: RatedReading): string =>
  `${formatShort(reading.ppm, 1)} ppm of carbon monoxide ${reading.ppm === 1 ? 'was' : 'were'} read at the ${coPlaces[reading.place]}${outsidePpm === null ? '' : `, ${formatShort(outsidePpm, 1)} ppm outside`}`;
const levelOf = (readings: readonly RatedReading[]): 'stop' | 'fix' =>
  readings.some(({ reading }) => reading.ppm >= guidelinePpm) ? 'stop' : 'fix';

/** That nobody is poisoned. */
export const provingChecks: readonly Check[] = [
  {
    id: 'co.alarm',
    stage: 'proving',
    holdPoint: 'fire',
    part: 'cabin',
    why: 'Carbon monoxide has no smell and kills in sleep; the alarm is the last guard when all else has failed.',
    remedy: 'Fit an alarm made for this kind of space, site it by its own instructions, and press its test button.',
    source:
      'EN 50291-2 for leisure vehicles and boats, EN 50291-1 for buildings, UL 2034 in North America (from memory); always, by common practice.',
    check: (read) =>
      worstOf(
        read,
        () =>
          read.all({ fitted: 'proving.coAlarmFitted' }).fitted === 'no'
            ? { level: 'stop', message: 'There is no carbon monoxide alarm in the space.' }
            : null,
        () =>
          read.all({ tested: 'proving.coAlarmTested' }).tested === 'no'
            ? {
                level: 'stop',
                message: 'The carbon monoxide alarm did not sound on its test button, or was not tried.',
                remedy: 'Press its test button; replace an alarm that stays silent.',
              }
            : null,
        () =>
          read.all({ sited: 'proving.coAlarmSited' }).sited === 'no'
            ? {
                level: 'stop',
                message: 'The carbon monoxide alarm is not where its instructions want it.',
                remedy: 'Move it to where its own instructions say.',
              }
            : null,
        () => ({
          level: 'sound',
          message: 'A carbon monoxide alarm is fitted, sited by its instructions, and sounded on its test button.',
        }),
      ),
  },
  {
    id: 'co.reading',
    stage: 'proving',
    holdPoint: 'handover',
    part: 'cabin',
    answered: true,
    why: 'A heater that is sound adds nothing to the air inside; any rise over the air outside is a leak or gas coming back in.',
    remedy: clearAir,
    source:
      'WHO guideline of 10 mg/m³ over 8 h, 8.6 ppm at 20 °C (WHO 2010, from memory); one reading proves no average. What counts as proof is Lorbet’s own choice.',
    check(read) {
      const { start, readings, unanswered, answered, good, pillow, stale } = coProof(read.build);
      const worst = worstReading(unanswered);
      if (worst) {
        read.note(`Highest reading inside (${coPlaces[worst.reading.place]})`, worst.reading.ppm, 'ppm');
        const rise = worst.outsidePpm !== null && worst.risePpm < 1e-9;
        return {
          level: levelOf(unanswered),
          message: rise
            ? `${readAt(worst)}: the air itself is bad, whatever the heater does.`
            : `${readAt(worst)}; a sound heater adds none.`,
          ...(worst.outsidePpm === null && worst.reading.ppm < guidelinePpm
            ? {
                remedy: `${clearAir} Where the meter was not zeroed outdoors, read the air outside too: only the rise over it counts.`,
              }
            : {}),
        };
      }
      const was = worstReading(answered);
      const cause = repairsOf(read.build, 'co.reading').at(-1);
      const history =
        was && cause ? ` ${readAt(was).replace(/ (was|were) read/, '')} before; ${cause.repair} (${cause.by}).` : '';
      if (start === null) {
        if (was) return unproven(answered, `${readAt(was)}; it was repaired, and no start has reached full output since`);
        return read.missing('a start in its place that reached full output, with readings of carbon monoxide during or after it');
      }
      if (stale) {
        const again =
          'a new start that reaches full output, with readings: the heater, its air or its exhaust was worked on since the last';
        return was
          ? unproven(answered, `${readAt(was)}; it was repaired, and it has to be lit and read anew`)
          : read.missing(again);
      }
      read.note(`Start ${start.number} reached full output at`, new Date(start.fullMs).toISOString(), '');
      const highest = worstReading(readings);
      if (highest) read.note(`Highest reading inside (${coPlaces[highest.reading.place]})`, highest.reading.ppm, 'ppm');
      if (was) {
        const lacking = placesOf(answered).filter((place) => !placesOf(good).includes(place));
        if (good.length < goodAfterRepair || lacking.length > 0 || pillow.length === 0)
          return unproven(
            answered,
            `${readAt(was)}; repaired since, and ${good.length} of ${goodAfterRepair} good readings were taken since start ${start.number}${lacking.length > 0 ? `, none at the ${lacking.join(', ')}` : ''}${pillow.length === 0 ? ', none at the pillow with the doors shut' : ''}`,
          );
      }
      if (pillow.length === 0)
        return read.missing(
          `a carbon monoxide reading at the pillow, doors shut, once start ${start.number} had reached full output`,
        );
      return {
        level: 'sound',
        message: `No rise of carbon monoxide in ${good.length} reading${good.length === 1 ? '' : 's'} inside; they rest on start ${start.number}.${history}`,
      };
    },
  },
];

/** A danger that was repaired stays one until it is proven gone. */
const unproven = (answered: readonly RatedReading[], message: string): Verdict => ({
  level: levelOf(answered),
  message: `${message}.`,
  remedy:
    'Light it, let it reach full output, and read the air with the doors shut: at the pillow, where it was bad, and at one place more.',
});
