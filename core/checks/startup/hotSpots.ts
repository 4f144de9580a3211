import type { HotLook } from '../../build/Build';
import { bearsC, hotFromMin, hotProof, hotSpareK, hotUntilMin, overK } from '../../model/proving/hotProof';
import { repairsOf } from '../../model/proving/stale';
import { toDo } from '../../reading/NotMeasured';
import { celsius, count, minutes, name, person, several, term, type Value } from '../../wording/Value';
import { hotText } from '../../wording/hotText';
import { termText } from '../../wording/terms';
import { defineCheck } from '../Check';

const hottestOf = (looks: readonly HotLook[]): HotLook | undefined => [...looks].sort((a, b) => overK(b) - overK(a))[0];
/** Where only a hand is burnt, it wants a guard; where something softens or chars, it must not run. */
const levelOf = (looks: readonly HotLook[]): 'stop' | 'fix' => (looks.some(({ touches }) => touches !== 'bare') ? 'stop' : 'fix');
const lightAgain = 'Light it, run it at full output for {from}, and read every place before it has been off for {until}.';

/** That nothing near the running heater takes more heat than it bears. */
export const hotSpotChecks = [
  defineCheck({
    id: 'start.hotspots',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'exhaust',
    answered: true,
    why: 'Timber that is warmed for years takes fire ever more easily, and rubber or plastic that softens lets fuel, gas or current out.',
    remedy: `Run it at full output for ${hotFromMin} min, and read by thermometer: the floor or shelf under the heater, the mounting plate, and the body round the exhaust’s hole.`,
    source:
      'What each thing bears: handbooks, order of magnitude, and ISO 13732-1 for a hand (all from memory); its maker’s figure goes before it. Where to read, and when it counts: common practice and Lorbet’s own choice.',
    messages: {
      at: '{surface} at the {place} ({taker})',
      other: '{surface} at {place} ({taker})',
      hot: '{look}; at most {max}: {harm}.',
      noStart:
        '{look}; at most {max}: {harm}; repaired since, and yet to be proven by a start in its place that reached full output, with surfaces read by thermometer.',
      stale:
        '{look}; at most {max}: {harm}; repaired since, and yet to be proven by a new start that reaches full output, with surfaces read by thermometer: heater or exhaust was worked on since the last.',
      unread:
        '{look}; at most {max}: {harm}; repaired since, and yet to be proven by surfaces by thermometer in start {start}: {places}; each after {from} or more at full output.',
      near: '{look}; at most {max}, and a warm day may do the rest.{before}',
      none: 'No hot spot in {n} {n|reading|readings}; they rest on start {start}.{before}',
      before: ' {look} before; {repair} ({person}).',
    },
    remedies: {
      hot: 'Heater off by its button, and let it run out. Give it more room, a shield, a turret or a sleeve; record its cause and repair here. Then light it again and read every place anew.',
      noStart: lightAgain,
      stale: lightAgain,
      unread: 'Light it, run it at full output, and read every place before it has been off for {until}.',
      near: 'Give it more room, a shield or a sleeve; then light it again and read every place anew.',
    },
    assess(read, say) {
      const { start, stale, unanswered, answered, good, lacking } = hotProof(read.build);
      for (const look of read.build.hotLooks ?? [])
        read.note(hotText(look), new Date(look.at).toISOString(), '', { by: look.by, at: look.at });
      const tell = ({ place, touches, surfaceC }: HotLook): Value =>
        say.clause(place === 'other' ? 'other' : 'at', {
          surface: celsius(surfaceC),
          place: term('hotPlace', place),
          taker: term('taker', touches),
        });
      const told = (look: HotLook) => ({
        look: tell(look),
        max: celsius(bearsC[look.touches]),
        harm: term('harm', look.touches),
      });
      const worst = hottestOf(unanswered);
      if (worst) return say[levelOf(unanswered)]('hot', told(worst));
      const was = hottestOf(answered);
      const [from, until] = [minutes(hotFromMin), minutes(hotUntilMin)];
      if (start === null) {
        if (was) return say[levelOf(answered)]('noStart', { ...told(was), from, until });
        return read.missing(...toDo('light it in its place, let it reach full output, and read the surfaces by thermometer'));
      }
      if (stale) {
        if (was) return say[levelOf(answered)]('stale', { ...told(was), from, until });
        return read.missing(
          ...toDo(
            'light it anew, let it reach full output, and read the surfaces by thermometer: heater or exhaust was worked on since the last start',
          ),
        );
      }
      if (lacking.length > 0) {
        if (was)
          return say[levelOf(answered)]('unread', {
            ...told(was),
            start: count(start.number),
            places: several(lacking.map((place) => term('hotPlace', place))),
            from,
            until,
          });
        const places = lacking.map((place) => termText(`hotPlace/${place}`)).join(', ');
        return read.missing(
          ...toDo(`read by thermometer in start ${start.number}, after ${hotFromMin} min or more at full output: ${places}`),
        );
      }
      const near = hottestOf(good);
      const cause = repairsOf(read.build, 'start.hotspots').at(-1);
      const before: Value =
        was && cause ? say.clause('before', { look: tell(was), repair: name(cause.repair), person: person(cause.by) }) : null;
      return near && overK(near) > -hotSpareK
        ? say.watch('near', { look: tell(near), max: celsius(bearsC[near.touches]), before })
        : say.sound('none', { n: count(good.length), start: count(start.number), before });
    },
  }),
];
