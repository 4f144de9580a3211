import { Button } from '@mui/material';
import { causeLabel, type Played } from '../../../core/model/trainer/play';
import type { TrainerCase } from '../../../core/model/trainer/TrainerCase';
import { formatFixed } from '../../../core/units/formatNumber';
import { trainer as t } from '../../texts/en/trainer';
import { PlayedList } from './PlayedList';

const sumOf = ({ minutes, parts, dangers, wrongly, acts }: Played): string =>
  t.sum({
    minutes: formatFixed(minutes),
    parts: formatFixed(parts),
    dangers,
    wrongly,
    checks: acts.filter(({ act }) => act.does === 'look').length,
  });

/** What it was, and the learner's way beside the one that Lorbet would have gone. */
export function Debrief({
  of,
  played,
  shortest,
  kept,
  onAgain,
}: {
  of: TrainerCase;
  played: Played;
  shortest: Played;
  kept: boolean | null;
  onAgain: () => void;
}) {
  return (
    <section className="debrief">
      <p role="status">
        {played.over && <strong>{t.over} </strong>}
        {of.causes.length === 0 ? t.itWasNothing : t.itWas({ causes: of.causes.map(causeLabel).join('; ') })}{' '}
        {kept !== null && (kept ? t.kept : t.notKept)}
      </p>
      <Button variant="contained" onClick={onAgain}>
        {t.again}
      </Button>
      <div className="two-ways">
        <section aria-labelledby="your-way">
          <h2 id="your-way">{t.yours}</h2>
          <p className="soft">{sumOf(played)}</p>
          <PlayedList acts={played.acts} withBits />
        </section>
        <section aria-labelledby="lorbets-way">
          <h2 id="lorbets-way">{t.shortest}</h2>
          <p className="soft">{shortest.over ? sumOf(shortest) : t.shortestNot}</p>
          <PlayedList acts={shortest.acts} withBits />
        </section>
      </div>
    </section>
  );
}
