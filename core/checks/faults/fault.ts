import { isOpenFault, type Fault } from '../../build/faults';
import { symptoms } from '../../model/faults/causes';
import { isMended, isSymptom } from '../../model/faults/faultCase';
import { count, name } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';

/** Faults that were told of, until each is mended and proven. */
export const faultRecordChecks = [
  defineCheck({
    id: 'start.fault',
    stage: 'startup',
    holdPoint: 'fire',
    part: 'heater',
    why: 'A fault whose cause nobody knows comes back on the owner, at night and asleep; smell of fuel or exhaust may poison or burn before that.',
    remedy:
      'Go through it under Faults: find its cause, mend it, and say what was done; then light it, let it reach full output and burn on, and take that start as its proof.',
    source: trade,
    messages: {
      mustNotRun: 'It smells of fuel or exhaust, and nothing that smells is mended yet: it must not be run.',
      unmended: 'A fault is not mended: {what}.',
      unproven: 'A fault is mended and not proven yet: {what}.',
      proven: 'Faults told of: {n}; each is mended and proven, or was none.',
      none: 'No fault was told of.',
      ...symptoms,
    },
    remedies: {
      mustNotRun:
        'Don’t run it. Doors open, carbon monoxide alarm on; go through it cold under Faults, mend what is found, and say what was done. Then light it with a carbon monoxide meter inside, and take that start and a reading of 0 ppm at full output as its proof.',
      unproven:
        'Light it, let it reach full output and burn on, end it by its button, and take that start as its proof under Faults; where it smelled, a reading of 0 ppm carbon monoxide inside at full output besides.',
    },
    assess(read, say) {
      const faults = read.build.faults ?? [];
      const open = faults.filter(isOpenFault);
      const told = ({ symptom }: Fault) => ({ what: isSymptom(symptom) ? say.clause(symptom) : name(symptom) });
      const unmended = open.filter((fault) => !isMended(fault));
      const smells = unmended.find(({ symptom }) => symptom === 'smells');
      if (smells) return say.stop('mustNotRun');
      if (unmended[0]) return say.fix('unmended', told(unmended[0]));
      if (open[0]) return say.fix('unproven', told(open[0]));
      return faults.length > 0 ? say.sound('proven', { n: count(faults.length) }) : say.sound('none');
    },
  }),
];
