import { isWet, leakProof, nextLook } from '../../model/fuel/leakDue';
import { toDo } from '../../reading/NotMeasured';
import { count, names } from '../../wording/Value';
import { defineCheck } from '../Check';
import { jointName, mended, mendedWords } from '../fuel/fuel';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const looks = {
  wipe: 'wipe dry',
  warm: 'look at it when warm',
  night: 'look at it after a night',
} as const;

/** That the fuel stays in the line, warm and over a night. */
export const leakChecks = [
  defineCheck({
    id: 'leak.fuel',
    stage: 'proving',
    holdPoint: 'handover',
    part: 'line',
    why: 'A joint weeps when it is warm, or over a night; neither is seen on the day it is made.',
    remedy: 'Look at every joint with the heater warm, and again after a night.',
    source: `${trade} The hours are Lorbet’s own choice.`,
    messages: {
      ...mendedWords,
      wet: 'Joints were found wet: {joints}.',
      dry: '{n} {n|joint|joints} looked at warm and after a night: dry. The looks rest on start {start}.{mended}',
    },
    remedies: { wet: 'Mend it and record its cause and repair; then wipe it and look twice again.' },
    formerly: { wet: ['Every joint was looked at, and not every one was dry.'] },
    assess(read, say) {
      const rows = read.rows('leaks');
      if (rows.length === 0) return read.missing(...toDo('list the joints that are watched, and wipe them dry'));
      const proof = leakProof(read.build);
      return worstOf(
        () => {
          const wet = rows.flatMap((row, i) => (isWet(row) ? [jointName(row, i)] : []));
          return wet.length > 0 ? say.fix('wet', { joints: names(wet) }) : null;
        },
        () => {
          const { start } = proof;
          if (start === null)
            return read.missing(...toDo('light it in its place, let it reach full output, and look at the warm joints'));
          const waits = rows.flatMap((row, i) => {
            const next = nextLook(row, proof);
            return next ? [{ look: next.look, joint: `“${jointName(row, i)}”` }] : [];
          });
          const actions = (['wipe', 'warm', 'night'] as const).flatMap((look) => {
            const joints = waits.filter((one) => one.look === look).map(({ joint }) => joint);
            return joints.length > 0 ? [`${looks[look]}: ${joints.join(', ')}`] : [];
          });
          if (actions.length > 0) return read.missing(...toDo(...actions));
          return say.sound('dry', { n: count(rows.length), start: count(start.number), mended: mended(read) });
        },
      );
    },
  }),
];
