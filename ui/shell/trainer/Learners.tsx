import { competenceOf } from '../../../core/model/trainer/learner';
import type { TrainerCase } from '../../../core/model/trainer/TrainerCase';
import { trainer as t } from '../../texts/en/trainer';
import type { LearnersRecord } from './Training';
import { CompetenceLine } from './CompetenceLine';

/** What each learner of the workshop can do, and what is weak. */
export function Learners({ records, cases }: { records: readonly LearnersRecord[]; cases: readonly TrainerCase[] }) {
  // Two people may have one name.
  const people = [...new Map(records.map(({ personId, person }) => [personId, person]))].sort(([, a], [, b]) =>
    a.localeCompare(b),
  );
  return (
    <>
      <h2>{t.learners}</h2>
      <ul className="plain">
        {people.map(([id, person]) => (
          <li key={id}>
            <strong>{person}</strong>
            <CompetenceLine
              of={competenceOf(
                records.filter((one) => one.personId === id),
                cases,
              )}
            />
          </li>
        ))}
      </ul>
      {people.length === 0 ? <p className="soft">{t.noRecord}</p> : <a href="/api/training/file">{t.takeRecords}</a>}
    </>
  );
}
