'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { exhaustSights, jointSights, lineSights, sights, type Sight } from '../../../core/build/Build';
import { isOfExhaust, isOfJoints, isOfLine } from '../../../core/model/startup/sightProof';
import { InstantField } from '../../components/cells/InstantField';
import { Problems } from '../../components/cells/Problems';
import { useWorkspace } from '../../sync/useWorkspace';
import { startup as t } from '../../texts/en/startup';
import { dayAndTime } from '../../texts/when';

const shownLooks = 6;

/** What is seen now: one touch keeps it, with its time. What was seen before stands under it, the last first. */
export function SightKeys({
  of,
  dated = false,
}: {
  of: readonly ('exhaust' | 'line' | 'joints')[];
  /** it may be written down later than it was seen */ dated?: boolean;
}) {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const [problems, setProblems] = useState<string[]>([]);
  const [kept, setKept] = useState('');
  const [seenAt, setSeenAt] = useState<string | null>(null);
  const isShown = (sight: Sight) =>
    (of.includes('exhaust') && isOfExhaust(sight)) ||
    (of.includes('line') && isOfLine(sight)) ||
    (of.includes('joints') && isOfJoints(sight));
  const seen = (settled.sights ?? [])
    .filter(isShown)
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at))
    .slice(0, shownLooks);
  const keep = (sees: Sight['sees']) => {
    const errors = send({
      kind: 'sight',
      look: { id: crypto.randomUUID(), sees },
      ...(dated && seenAt ? { readAt: seenAt } : {}),
    });
    setProblems(errors);
    setKept(errors.length === 0 ? t.keptSight({ what: sights[sees] }) : '');
  };
  const keys = (label: string, table: Readonly<Record<string, string>>) => (
    <div className="buttons sights" role="group" aria-label={label}>
      {Object.entries(table).map(([id, text]) => (
        <Button key={id} onClick={() => keep(id as Sight['sees'])}>
          {text}
        </Button>
      ))}
    </div>
  );
  if (!mayWork && seen.length === 0) return null;
  return (
    <section className="sights-seen" aria-label={t.whatIsSeen}>
      {mayWork && (
        <>
          <p className="soft">
            {of.includes('joints') ? t.oneTouchJoints : of.includes('exhaust') ? t.oneTouchEach : t.oneTouchLine}
          </p>
          {dated && <InstantField label={t.seenAt} value={seenAt} onChange={setSeenAt} helperText={t.emptyJustNow} />}
          {of.includes('exhaust') && keys(t.atTheExhaust, exhaustSights)}
          {of.includes('line') && keys(t.inTheLine, lineSights)}
          {of.includes('joints') && keys(t.atTheJoints, jointSights)}
        </>
      )}
      {kept && <p role="status">{kept}</p>}
      <Problems all={problems} />
      {seen.length > 0 && (
        <ul className="plain soft" aria-label={t.seenBefore}>
          {seen.map((sight) => (
            <li key={sight.id}>{t.seenLine({ what: sights[sight.sees], by: sight.by, at: dayAndTime(sight.at) })}</li>
          ))}
        </ul>
      )}
    </section>
  );
}
