import { competenceOf, type LearnerRecord } from '../../../core/model/trainer/learner';
import type { TrainerCase } from '../../../core/model/trainer/TrainerCase';
import { trainer as t } from '../../texts/en/trainer';
import { CompetenceLine } from './CompetenceLine';

/** What each learner of the workshop can do, and what is weak. */
export function Learners({
  records,
  cases,
}: {
  records: readonly (LearnerRecord & { person: string })[];
  cases: readonly TrainerCase[];
}) {
  const people = [...new Set(records.map(({ person }) => person))].sort((a, b) => a.localeCompare(b));
  return (
    <>
      <h2>{t.learners}</h2>
      <ul className="plain">
        {people.map((person) => (
          <li key={person}>
            <strong>{person}</strong>
            <CompetenceLine
              of={competenceOf(
                records.filter((one) => one.person === person),
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
