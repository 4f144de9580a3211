'use client';
import type { Signed } from '../../../core/people/Who';
import type { LearnerRecord } from '../../../core/model/trainer/learner';
import type { TrainerCase } from '../../../core/model/trainer/TrainerCase';
import { Page } from '../Page';
import { Trainer } from '../trainer/Trainer';
import { askEarly } from '../usePage';

export interface Training extends Signed {
  cases: TrainerCase[];
  records: (LearnerRecord & { person: string })[];
}
const url = '/api/training';
askEarly('/trainer', () => url, { keep: true });

/** Heaters with something wrong with them, to learn on. */
export function TrainerPage() {
  return (
    <Page<Training> url={url} keep back>
      {(training, refresh) => <Trainer training={training} onEnded={refresh} />}
    </Page>
  );
}
