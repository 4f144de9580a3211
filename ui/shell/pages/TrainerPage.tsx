'use client';
import { Page } from '../Page';
import { Trainer } from '../trainer/Trainer';
import type { Training } from '../trainer/Training';
import { askEarly } from '../usePage';

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
