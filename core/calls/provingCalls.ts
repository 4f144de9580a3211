import { coPlaces } from '../build/Build';
import { show } from '../units/show';
import type { Judge } from './Call';

/** Proof that nobody is poisoned. */
export const provingCalls: readonly Judge[] = [
  {
    id: 'co.alarm',
    stage: 'proving',
    moment: 'fire',
    part: 'cabin',
    why: 'Carbon monoxide has no smell and kills in sleep; the alarm is the last guard when all else has failed.',
    todo: 'Fit an alarm made for this kind of space, site it by its own instructions, and press its test button.',
    source:
      'EN 50291-2 for leisure vehicles and boats, EN 50291-1 for buildings, UL 2034 in North America (from memory); always, by common practice.',
    judge(read) {
      const { fitted } = read.all({ fitted: 'proving.coAlarmFitted' });
      if (fitted === 'no') return { level: 'stop', says: 'There is no carbon monoxide alarm in the space.' };
      const { tested, sited } = read.all({ tested: 'proving.coAlarmTested', sited: 'proving.coAlarmSited' });
      if (tested === 'no')
        return {
          level: 'stop',
          says: 'The carbon monoxide alarm did not sound on its test button, or was not tried.',
          todo: 'Press its test button; replace an alarm that stays silent.',
        };
      if (sited === 'no')
        return {
          level: 'stop',
          says: 'The carbon monoxide alarm is not where its instructions want it.',
          todo: 'Move it to where its own instructions say.',
        };
      return {
        level: 'sound',
        says: 'A carbon monoxide alarm is fitted, sited by its instructions, and sounded on its test button.',
      };
    },
  },
  {
    id: 'co.reading',
    stage: 'proving',
    moment: 'handover',
    part: 'cabin',
    why: 'A heater that is sound adds nothing to the air inside; any rise is a leak or gas coming back in.',
    todo: 'Everybody out, heater off by its button, doors open. Find the leak before it is lit again.',
    source: 'WHO guideline of 10 mg/m³ over 8 h, 8.6 ppm at 20 °C (WHO 2010, from memory); one reading proves no average.',
    judge(read) {
      const inside = read.build.coReadings.filter((r) => r.place !== 'outside');
      const worst = inside.reduce<(typeof inside)[number] | null>(
        (most, r) => (most === null || r.ppm > most.ppm ? r : most),
        null,
      );
      if (!worst || !inside.some((r) => r.place === 'pillow'))
        return read.missing('a carbon monoxide reading at the pillow, with the heater running');
      read.note(`Highest reading inside (${coPlaces[worst.place]})`, worst.ppm, 'ppm');
      // 10 mg/m³ ÷ 1.164
      if (worst.ppm >= 8.6)
        return { level: 'stop', says: `${show(worst.ppm, 1)} ppm of carbon monoxide was read at the ${coPlaces[worst.place]}.` };
      if (worst.ppm > 0)
        return {
          level: 'fix',
          says: `${show(worst.ppm, 1)} ppm of carbon monoxide was read at the ${coPlaces[worst.place]}; none should be.`,
        };
      return { level: 'sound', says: `No carbon monoxide in ${inside.length} reading${inside.length === 1 ? '' : 's'} inside.` };
    },
  },
];
