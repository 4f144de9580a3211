import { glowPlug, type GlowMoment } from '../../physics/wiring/glowPlug';
import type { Reader } from '../../reading/Reader';
import { toDo } from '../../reading/NotMeasured';
import { feedOhm } from './feed';

/** A plug glows some 900 K over the air, and is two thirds there in fifteen seconds. Lorbet’s own assumption, no source. */
const hot = { hotK: 900, warmsS: 15 } as const;
const forS = 90;
const everyS = 1;

/**
 * The first minute and a half of a glow: a cold plug draws more than a hot one, and the heater gets least then.
 * The current on the card is that of the hot plug; what the fan takes of it is left in it.
 */
export const plugWarms = (read: Reader): GlowMoment[] =>
  read.shared('plug warms', (shared) => {
    const { coldOhm, startA, openV, own } = shared.all({
      coldOhm: 'heater.glowColdOhm',
      startA: 'heater.startCurrentA',
      openV: 'wiring.batteryRestV',
      own: 'wiring.batteryMohm',
    });
    const ohm = feedOhm(shared) + own / 1000;
    const hotOhm = openV / startA - ohm;
    if (!(hotOhm > 0))
      return shared.missing(
        ...toDo('correct the current of a start, or what battery and feed resist: so much can’t flow through them'),
      );
    return glowPlug({ coldOhm, hotOhm, ...hot }, { openV, ohm }, forS, everyS);
  });
