import { faultSystems } from '../../../core/model/faults/causes';
import type { Competence } from '../../../core/model/trainer/learner';
import { formatFixed } from '../../../core/units/formatNumber';
import { trainer as t } from '../../texts/en/trainer';

/** What a learner can do, in words. */
export function CompetenceLine({ of }: { of: Competence }) {
  const { ended, solved, clean, dangers, timesShortest, weak } = of;
  if (ended === 0) return <p className="soft">{t.noRecord}</p>;
  return (
    <p>
      {t.recordLine({ ended, solved, clean, dangers })}{' '}
      {timesShortest !== null && t.times({ times: formatFixed(timesShortest, 1) })}{' '}
      {weak.length > 0 && <strong>{t.weak({ systems: weak.map((system) => faultSystems[system]).join(', ') })}</strong>}
    </p>
  );
}
