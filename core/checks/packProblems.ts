import type { RulePack } from '../build/pack/RulePack';
import { stageChecks } from './allChecks';

/** Rules of a pack that nobody could show kept, since they ask for a check that there is none of; a sentence each. */
export const packProblems = ({ rules }: RulePack): string[] =>
  rules.flatMap(({ number, proof }) =>
    proof.flatMap((one) =>
      'check' in one && !stageChecks.some(({ id }) => id === one.check || id.startsWith(`${one.check}.`))
        ? [
            `Rule ${number} asks for the check ${one.check}, which there is none of; the id of a check is allowed, or how several begin.`,
          ]
        : [],
    ),
  );
