import { dryRunning, surelyDry, type DryRun } from '../../model/priming/dryRunning';
import { primeLook } from '../../model/startup/sightProof';
import { toDo } from '../../reading/NotMeasured';
import { count, minutes } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

/** What a prime does to the pump, and what the line shows while it fills. */
export const primeChecks = [
  defineCheck({
    id: 'priming.air',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'suction',
    why: 'Bubbles that keep coming once the line is full are air that the pump draws: the first fire gets too little, and dies.',
    remedy:
      'Look at the fuel’s level, the pickup and every joint before the pump; mend what draws air. Then prime on, and look at the line until no bubbles come.',
    source: trade,
    messages: {
      steady: 'Bubbles kept coming in the line while it was primed: the pump draws air.',
      passing: 'Single bubbles passed while it was primed.',
      unseen: 'The line could not be seen through while it was primed.',
      none: 'No bubbles in the line once it was full.',
    },
    remedies: {
      passing: 'Look again once the line is full; where they go on, look for air before the pump.',
      unseen: 'Put a hand’s breadth of clear line in before the heater, with butted joints, and look.',
    },
    assess(read, say) {
      if (read.build.primingRuns.length === 0)
        return read.missing(...toDo('prime the line, and look whether bubbles keep coming'));
      const { bad, last } = primeLook(read.build);
      if (bad) {
        read.note('Bubbles seen', new Date(bad.atMs).toISOString(), '', bad.sight);
        return say.fix('steady');
      }
      if (!last) return read.missing(...toDo('look at the line once it is full: do bubbles keep coming?'));
      read.note('Line looked at', new Date(last.atMs).toISOString(), '', last.sight);
      const { sees } = last.sight;
      return sees === 'passing' || sees === 'unseen' ? say.watch(sees) : say.sound('none');
    },
  }),
  defineCheck({
    id: 'priming.dry',
    stage: 'priming',
    holdPoint: 'fire',
    part: 'pump',
    why: 'The pump is lubricated by the fuel that it moves; one that has run dry for long gives less, and not the same twice.',
    remedy:
      'Test its dose: 200 strokes into a glass, three times. Next time fill filter and line by a syringe first, or let it rest.',
    source: `${trade} The limits are Lorbet’s own choice; the maker’s figure goes before them.`,
    messages: {
      life: 'The pump has run dry for {all} in all, {strokes} strokes, with no dose test since; {max} is the most here.',
      onEnd: 'The pump ran dry for {time} on end, with no dose test since; {max} is the most here.',
      tested: 'The pump ran dry for {all} in all, {strokes} strokes; its dose was tested since.',
      little: 'The pump ran dry for {all} in all, {strokes} strokes; at most {time} on end.',
    },
    assess(read, say) {
      if (read.build.primingRuns.length === 0) return read.missing(...toDo('prime the line and count its strokes'));
      const testedMs = Math.max(
        -Infinity,
        ...read
          .rows('doseTests')
          .flatMap(({ testedAt, strokes, volumeMl, massG }) =>
            testedAt === undefined || strokes === undefined || (volumeMl ?? massG) === undefined ? [] : [Date.parse(testedAt)],
          ),
      );
      const [onEnd, life] = [read.limit('dryOnEndMin').value, read.limit('dryLifeMin').value];
      const sum = (of: readonly DryRun[]) => of.reduce((all, { dryS }) => all + dryS, 0);
      const judge = (runs: readonly DryRun[]) => {
        const since = runs.filter(({ run, dryS }) => dryS > 0 && Date.parse(run.at) > testedMs);
        const longestS = Math.max(0, ...since.map(({ onEndS }) => onEndS));
        const strokes = count(runs.reduce((all, { dryStrokes }) => all + dryStrokes, 0));
        const all = minutes(sum(runs) / 60, 1);
        const time = minutes(longestS / 60, 1);
        read.note('Run dry since the last dose test', sum(since) / 60, 'min');
        if (sum(since) > life * 60) return say.fix('life', { all, strokes, max: minutes(life) });
        if (longestS > onEnd * 60) return say.watch('onEnd', { time, max: minutes(onEnd) });
        return since.length === 0 && testedMs > -Infinity
          ? say.sound('tested', { all, strokes })
          : say.sound('little', { all, strokes, time });
      };
      // Where no fuel came the pump was dry, however little of the line is known.
      return worstOf(
        () => judge(dryRunning(read)),
        () => judge(surelyDry(read.build)),
      );
    },
  }),
];
