import { jointProof } from '../../model/startup/sightProof';
import { toDo } from '../../reading/NotMeasured';
import { count } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';

const tightBy = ['tightSoap', 'tightSmoke', 'tightMeter'] as const;

/** That the exhaust leaves at its end and nowhere before it. */
export const exhaustLeakChecks = [
  defineCheck({
    id: 'leak.exhaust',
    stage: 'proving',
    holdPoint: 'handover',
    part: 'exhaust',
    why: 'A joint that leaks blows carbon monoxide under the floor or beside the bed, and every hole for a cable lets it in.',
    remedy:
      'Set it off by its button and wait for the fan. Once it is cold, make the joint anew: clean ends, paste, the clamp set as its maker says. Then light it, and go round every joint again at full output.',
    source: `${trade} The maker’s manual decides.`,
    messages: {
      leaking: 'An exhaust joint leaks.',
      tightSoap: 'Exhaust joints were tight by soap water at full output, in start {start}.',
      tightSmoke: 'Exhaust joints were tight by smoke at full output, in start {start}.',
      tightMeter: 'Exhaust joints were tight by a meter at each, at full output, in start {start}.',
    },
    assess(read, say) {
      const { start, stale, bad, tight } = jointProof(read.build);
      if (bad) {
        read.note('Joint found leaking', new Date(bad.atMs).toISOString(), '', bad.sight);
        return say.stop('leaking');
      }
      if (start === null)
        return read.missing(...toDo('light it in its place, let it reach full output, and go round the joints of the exhaust'));
      if (stale)
        return read.missing(
          ...toDo('light it anew, and go round the joints of the exhaust: heater or exhaust were worked on since the last start'),
        );
      if (!tight)
        return read.missing(
          ...toDo(
            'go round the joints of the exhaust at full output, with soap water (never on glowing metal), smoke or a meter',
          ),
        );
      read.note('Joints gone round', new Date(tight.atMs).toISOString(), '', tight.sight);
      const by = tightBy.find((one) => one === tight.sight.sees) ?? 'tightSoap';
      return say.sound(by, { start: count(start.number) });
    },
  }),
];
