import { factsOf, firstAt, flameEndS, fullEndS } from '../../build/startFacts';
import { lastStart } from '../../figures/startup/startFigures';
import { fittedStarts } from '../../model/startup/fittedStarts';
import { toDo } from '../../reading/NotMeasured';
import { amps, count, minutes, ohms, seconds, shortA } from '../../wording/Value';
import { defineCheck } from '../Check';

const trade = 'Common practice, no published source; the maker’s figure goes before it.';
/** s without full output, after which nobody waits for it any more. Lorbet’s own choice, no source. */
const givenUpS = 600;

/** The course of a start: its plug, how soon it is at full, and how long it was run there. */
export const courseChecks = [
  defineCheck({
    id: 'start.glow',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A plug that takes too little glows dull and lights late; one that takes too much is bridged, and burns its wires.',
    remedy:
      'Once its fan has stopped and it is cold, take the fuse out, read the plug’s resistance (0.5 to 1.5 Ω at 12 V is usual), and look at its two leads. Replace or reconnect what is wrong; then log another start.',
    source: `${trade} The margin is Lorbet’s own choice.`,
    messages: {
      little:
        'Under glow {drawn} flow, where {stated} are stated{resistance}: the plug is aged, badly connected, or starved of volts.',
      much: 'Under glow {drawn} flow, where {stated} are stated{resistance}: the plug’s leads touch, or it is another plug.',
      right: 'Under glow {drawn} flow, where {stated} are stated{resistance}.',
      resistance: ', {ohm} with its leads',
    },
    assess(read, say) {
      const { run, at } = lastStart(read);
      const { glowA = null, glowV = null } = factsOf(run);
      if (at.glow === undefined) return read.missing(...toDo('log when the glow plug came on'));
      if (glowA === null) return read.missing(...toDo('read the amps under glow'));
      const { stated } = read.all({ stated: 'heater.startCurrentA' });
      const share = read.limit('glowOffPercent').value / 100;
      read.note('Mean amps under glow', glowA, 'A', run);
      const values = {
        drawn: amps(glowA, 1),
        stated: shortA(stated),
        resistance: glowV !== null && glowA > 0.5 ? say.clause('resistance', { ohm: ohms(glowV / glowA, 2) }) : null,
      };
      if (glowA < stated * (1 - share)) return say.fix('little', values);
      return glowA > stated * (1 + share) ? say.fix('much', values) : say.sound('right', values);
    },
  }),
  defineCheck({
    id: 'start.ramp',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A heater that comes up slowly, or never, gets too little fuel or air, or is held back by its controller.',
    remedy:
      'Set it to its highest rate. Once it is off and cold, measure the dose, and look through exhaust and intake; then log another start.',
    source: `${trade} Three to five minutes are usual.`,
    messages: {
      never: 'It never reached full output in {ran} after the button.',
      slow: 'Full output came {after} after the button; {max} is the usual most.',
      right: 'Full output came {after} after the button (at most {max}).',
    },
    assess(read, say) {
      const { run, at } = lastStart(read);
      if (at.on === undefined) return read.missing(...toDo('log when the button was pressed'));
      const max = read.limit('fullMaxS').value;
      if (at.full === undefined) {
        const until = at.off ?? at.end ?? at.cut;
        const ranS = (until ?? factsOf(run).lastS) - at.on;
        if (until === undefined || ranS < givenUpS) return read.missing(...toDo('log when it reached full output'));
        read.note('Button on to its end', ranS, 's', run);
        return say.fix('never', { ran: minutes(ranS / 60) });
      }
      read.note('Button to full output', at.full - at.on, 's', run);
      const values = { after: seconds(at.full - at.on), max: seconds(max) };
      return at.full - at.on > max ? say.watch('slow', values) : say.sound('right', values);
    },
  }),
  defineCheck({
    id: 'start.duration',
    stage: 'startup',
    holdPoint: 'handover',
    part: 'heater',
    why: 'Paint, wrap and sealant smoke out in the first long run at full, and what gets hot, leaks or loosens shows only then.',
    remedy: 'Run it at full output for {least}, doors open, then down to its lowest, then off by its button, and log it.',
    source: `${trade} 20 to 40 minutes at full are usual.`,
    messages: {
      short: 'The longest run at full output was {ran}, in start {start}; {least} at least burn it in.',
      burnt: 'It ran at full output for {ran}, in start {start} (at least {least}); {low}.',
      atLowest: 'at its lowest for {time}',
      neverLow: 'nobody has run it at its lowest yet',
    },
    assess(read, say) {
      const spells = fittedStarts(read.build).flatMap((run, i) => {
        const at = firstAt(run);
        const until = fullEndS(at);
        return at.full === undefined || until === undefined ? [] : [{ run, number: i + 1, ranS: Math.max(0, until - at.full) }];
      });
      const longest = spells.sort((a, b) => b.ranS - a.ranS)[0];
      const least = read.limit('burnInMin').value;
      if (!longest)
        return read.missing(...toDo(`run it at full output for ${least} min, set it off by its button, and log both`));
      read.note('Longest run at full output', longest.ranS, 's', longest.run);
      const lowS = Math.max(
        0,
        ...fittedStarts(read.build).map((run) => {
          const at = firstAt(run);
          const until = flameEndS(at);
          return at.low === undefined || until === undefined ? 0 : until - at.low;
        }),
      );
      const values = { ran: minutes(longest.ranS / 60), start: count(longest.number), least: minutes(least) };
      if (longest.ranS < least * 60) return say.watch('short', values);
      if (lowS > 0) read.note('Longest run at its lowest', lowS, 's');
      const low = lowS > 0 ? say.clause('atLowest', { time: minutes(lowS / 60) }) : say.clause('neverLow');
      return say.sound('burnt', { ...values, low });
    },
  }),
];
