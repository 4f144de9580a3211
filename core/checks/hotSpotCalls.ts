import { hotPlaces, type HotLook } from '../build/Build';
import { bearsC, hotFromMin, hotProof, hotSpareK, hotUntilMin, overK } from '../model/proving/hotProof';
import { hotText } from '../wording/hotText';
import { repairsOf } from '../model/proving/stale';
import { formatFixed } from '../units/formatNumber';
import type { Check } from './Finding';

const hottestOf = (looks: readonly HotLook[]): HotLook | undefined => [...looks].sort((a, b) => overK(b) - overK(a))[0];
/** Where only a hand is burnt, it wants a guard; where something softens or chars, it must not run. */
const levelOf = (looks: readonly HotLook[]): 'stop' | 'fix' => (looks.some(({ touches }) => touches !== 'bare') ? 'stop' : 'fix');
const toldOf = (look: HotLook): string =>
  `${hotText(look)}; at most ${formatFixed(bearsC[look.touches].maxC)} °C: ${bearsC[look.touches].harm}`;

/** That nothing near the running heater takes more heat than it bears. */
export const hotSpotChecks: readonly Check[] = [
  {
    id: 'start.hotspots',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'exhaust',
    answered: true,
    why: 'Timber that is warmed for years takes fire ever more easily, and rubber or plastic that softens lets fuel, gas or current out.',
    remedy: `Run it at full output for ${formatFixed(hotFromMin)} min, and read by thermometer: the floor or shelf under the heater, the mounting plate, and the body round the exhaust’s hole.`,
    source:
      'What each thing bears: handbooks, order of magnitude, and ISO 13732-1 for a hand (all from memory); its maker’s figure goes before it. Where to read, and when it counts: common practice and Lorbet’s own choice.',
    check(read) {
      const { start, stale, unanswered, answered, good, lacking } = hotProof(read.build);
      for (const look of read.build.hotLooks ?? [])
        read.note(hotText(look), new Date(look.at).toISOString(), '', { by: look.by, at: look.at });
      const worst = hottestOf(unanswered);
      if (worst)
        return {
          level: levelOf(unanswered),
          message: `${toldOf(worst)}.`,
          remedy:
            'Heater off by its button, and let it run out. Give it more room, a shield, a turret or a sleeve; record its cause and repair here. Then light it again and read every place anew.',
        };
      const was = hottestOf(answered);
      const wants = `${lacking.map((place) => hotPlaces[place]).join(', ')}; each after ${formatFixed(hotFromMin)} min or more at full output`;
      const waits: string | null =
        start === null
          ? 'a start in its place that reached full output, with surfaces read by thermometer'
          : stale
            ? 'a new start that reaches full output, with surfaces read by thermometer: heater or exhaust was worked on since the last'
            : lacking.length > 0
              ? `surfaces by thermometer in start ${start.number}: ${wants}`
              : null;
      if (was && waits !== null)
        return {
          level: levelOf(answered),
          message: `${toldOf(was)}; repaired since, and yet to be proven by ${waits}.`,
          remedy: `Light it, run it at full output for ${formatFixed(hotFromMin)} min, and read every place before it has been off for ${formatFixed(hotUntilMin)} min.`,
        };
      if (start === null || waits !== null) return read.missing(waits ?? '');
      const near = hottestOf(good);
      const cause = repairsOf(read.build, 'start.hotspots').at(-1);
      const history = was && cause ? ` ${hotText(was)} before; ${cause.repair} (${cause.by}).` : '';
      if (near && overK(near) > -hotSpareK)
        return {
          level: 'watch',
          message: `${hotText(near)}; at most ${formatFixed(bearsC[near.touches].maxC)} °C, and a warm day may do the rest.${history}`,
          remedy: 'Give it more room, a shield or a sleeve; then light it again and read every place anew.',
        };
      return {
        level: 'sound',
        message: `No hot spot in ${formatFixed(good.length)} readings; they rest on start ${start.number}.${history}`,
      };
    },
  },
];
