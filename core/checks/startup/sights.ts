import { bubbleProof, smokeProof, type SeenAt } from '../../model/startup/sightProof';
import { toDo } from '../../reading/NotMeasured';
import { count, minutes, person, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';

/** What the exhaust and the clear line show while it runs. */
export const sightChecks = [
  defineCheck({
    id: 'start.smoke',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'exhaust',
    why: 'White smoke is fuel that did not burn, black smoke is too little air, and both bring carbon monoxide and soot.',
    remedy:
      'Doors open; run it on at full output, and look again. Where it does not clear, set it off by its button and wait for the fan; once it is cold, look through intake and exhaust and measure the dose. Then light it anew and look at the exhaust at full output.',
    source: `${trade} New paint and wrap smoke for five or six minutes; white after an over-prime clears with a long run.`,
    messages: {
      white: 'White smoke {when}: fuel that does not burn.',
      black: 'Black smoke {when}: too little air, or too much fuel.',
      blue: 'Blue smoke {when}: oil or half-burnt fuel.',
      after: '{min} after the flame',
      noFlame: 'with no flame logged',
      clear: 'The exhaust was clear {when}.{before}',
      steam: 'Nothing but steam {when}.{before}',
      before: ' Smoke before that ({person}).',
    },
    remedies: {
      black:
        'Set it off by its button and wait for the fan. Once it is cold, look through intake and exhaust, and measure the dose; mend what is wrong. Then light it anew and look at the exhaust at full output.',
    },
    assess(read, say) {
      const harmless = read.limit('smokeMaxMin').value;
      const { start, stale, bad, clear, smoked } = smokeProof(read.build, harmless);
      const when = ({ afterFlameMin }: SeenAt): Value =>
        afterFlameMin === null ? say.clause('noFlame') : say.clause('after', { min: minutes(Math.floor(afterFlameMin)) });
      if (bad) {
        read.note('Smoke seen', new Date(bad.atMs).toISOString(), '', bad.sight);
        const { sees } = bad.sight;
        return say.fix(sees === 'black' || sees === 'blue' ? sees : 'white', { when: when(bad) });
      }
      if (start === null)
        return read.missing(...toDo('light it in its place, let it reach full output, and look at the exhaust'));
      if (stale)
        return read.missing(
          ...toDo(
            'light it anew, and look at the exhaust at full output: heater, pump or pipes were worked on since the last start',
          ),
        );
      if (!clear) return read.missing(...toDo(`look at the exhaust at full output, ${harmless} min or more after the flame`));
      read.note('Exhaust looked at', new Date(clear.atMs).toISOString(), '', clear.sight);
      return say.sound(clear.sight.sees === 'steam' ? 'steam' : 'clear', {
        when: when(clear),
        before: smoked ? say.clause('before', { person: person(smoked.sight.by) }) : null,
      });
    },
  }),
  defineCheck({
    id: 'start.bubbles',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'suction',
    why: 'A pump that draws air gives less than its dose: the flame thins, goes out, and comes back with a bang of smoke.',
    remedy:
      'Set it off by its button and wait for the fan. Look at the fuel’s level, the pickup and every joint before the pump; mend what draws air. Then light it anew and look at the line at full output.',
    source: trade,
    messages: {
      steady: 'Bubbles keep coming in the line: the pump draws air.',
      passing: 'Single bubbles pass in the line while it runs.',
      unseen: 'The line can’t be seen through: whether bubbles come is not known.',
      none: 'No bubbles in the line while it ran, in start {start}.',
    },
    remedies: {
      passing:
        'Let it run on: bubbles of a first fill pass within minutes. Look again at full output; where they go on, look for air before the pump.',
      unseen: 'Put a hand’s breadth of clear line in before the heater, with butted joints; then light it anew and look.',
    },
    assess(read, say) {
      const { start, stale, bad, running } = bubbleProof(read.build);
      if (bad) {
        read.note('Bubbles seen', new Date(bad.atMs).toISOString(), '', bad.sight);
        return say.fix('steady');
      }
      if (start === null) return read.missing(...toDo('light it in its place, let it reach full output, and look at the line'));
      if (stale)
        return read.missing(...toDo('light it anew, and look at the line at full output: it was worked on since the last start'));
      if (!running) return read.missing(...toDo('look at the line while it runs at full output'));
      read.note('Line looked at', new Date(running.atMs).toISOString(), '', running.sight);
      const { sees } = running.sight;
      if (sees === 'passing' || sees === 'unseen') return say.watch(sees);
      return say.sound('none', { start: count(start.number) });
    },
  }),
];
