'use client';
import { Button } from '@mui/material';
import { useEffect, useState } from 'react';
import { builtInCases } from '../../../core/model/trainer/builtInCases';
import { competenceOf, type LearnerRecord } from '../../../core/model/trainer/learner';
import { caseLevels, type CaseLevel, type TrainerCase } from '../../../core/model/trainer/TrainerCase';
import { roleMay } from '../../../core/people/roles';
import { Caution } from '../../components/Caution';
import { trainer as t } from '../../texts/en/trainer';
import { CaseView } from './CaseView';
import { CompetenceLine } from './CompetenceLine';
import { Learners } from './Learners';
import { OwnCases } from './OwnCases';
import type { Training } from './Training';
import { sendWaiting } from './waitingRecords';

/** How a case was ended last; nothing where it was not. */
function markOf(records: readonly LearnerRecord[], id: string): string | null {
  const last = records.find(({ caseId }) => caseId === id);
  if (!last) return null;
  return !last.over ? t.notDone : last.dangers + last.wrongly === 0 ? t.clean : t.done;
}

/** Cases by level, one's own record, and for a lead those of all learners. */
export function Trainer({ training, onEnded }: { training: Training; onEnded: () => void }) {
  const { who, records } = training;
  const [own, setOwn] = useState(training.cases);
  const [open, setOpen] = useState<TrainerCase | null>(null);
  const all = [...builtInCases, ...own];
  const mine = records.filter(({ mine: own }) => own);
  useEffect(() => {
    void sendWaiting().then((sent) => sent && onEnded());
  }, [onEnded]);
  if (open)
    return (
      <CaseView
        key={open.id}
        of={open}
        tries={mine.filter(({ caseId }) => caseId === open.id).length}
        units={who.unitPreferences}
        onBack={() => setOpen(null)}
        onEnded={onEnded}
      />
    );
  const levels = Object.keys(caseLevels).map(Number) as CaseLevel[];
  const lead = roleMay(who.role, 'manage');
  return (
    <div className="start trainer">
      <section>
        <h1>{t.trainer}</h1>
        <p className="soft">{t.intro}</p>
        {levels.map((level) => (
          <div key={level}>
            <h2>{t.level({ n: level, name: caseLevels[level] })}</h2>
            <ul className="plain case-list">
              {all
                .filter((one) => one.level === level)
                .map((one) => {
                  const before = all.find(({ id }) => id === one.after);
                  const waits = before !== undefined && !mine.some(({ caseId }) => caseId === before.id);
                  const mark = waits ? t.comesAfter({ title: before.title }) : markOf(mine, one.id);
                  return (
                    <li key={one.id}>
                      <Button disabled={waits} onClick={() => setOpen(one)}>
                        {one.title}
                        {mark && <span className="soft"> {mark}</span>}
                      </Button>
                    </li>
                  );
                })}
            </ul>
          </div>
        ))}
        <Caution>{t.bench}</Caution>
      </section>
      <section>
        <h2>{t.yourRecord}</h2>
        <CompetenceLine of={competenceOf(mine, all)} />
        {lead && <Learners records={records} cases={all} />}
        {lead && <OwnCases cases={own} onKept={setOwn} />}
      </section>
    </div>
  );
}
