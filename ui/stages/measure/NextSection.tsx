'use client';
import { Button, LinearProgress } from '@mui/material';
import { useEffect, useState } from 'react';
import { placeHref } from '../../../core/build/places';
import { holdPoints } from '../../../core/build/stages';
import type { NextMeasurement } from '../../../core/measure/nextMeasurements';
import { countAsked } from '../../../core/measure/walkRound';
import { useNextMeasurements } from '../../components/measure/useNextMeasurements';
import { StageLink } from '../../components/StageLink';
import { useWorkspace } from '../../sync/useWorkspace';
import { measure as t } from '../../texts/en/measure';
import { MeasureRow } from './MeasureRow';

/** So many are shown at first, and so many more with each touch. */
const step = 12;

/** The list as it was told last, while the next one is worked out: nothing jumps under the hand. */
export function useStandingList(): NextMeasurement[] | null {
  const { settled } = useWorkspace('settled');
  const now = useNextMeasurements(settled);
  const [last, setLast] = useState<NextMeasurement[] | null>(null);
  useEffect(() => {
    if (now) queueMicrotask(() => setLast(now));
  }, [now]);
  return now ?? last;
}

/** What to measure next, what would change most first. */
export function NextSection() {
  const { settled } = useWorkspace('settled');
  const list = useStandingList();
  const [shown, setShown] = useState(step);
  if (!list) return <LinearProgress aria-label={t.working} />;
  if (list.length === 0) return <p>{t.nothingToMeasure}</p>;
  const asked = countAsked(settled, list);
  return (
    <>
      <div className="top-line">
        <p role="status" data-asked={asked.next} data-asked-all={asked.all}>
          <strong>{t.toMeasure({ n: asked.next, step: holdPoints[asked.holdPoint], all: asked.all })}.</strong>{' '}
          <span className="soft">{t.whatChangesMost}</span>
        </p>
        <Button className="push" component={StageLink} href={placeHref(settled.id, { sheet: 'measure', section: 'walk' })}>
          {t.walk}
        </Button>
      </div>
      <ul className="plain measure-list">
        {list.slice(0, shown).map((item) => (
          <MeasureRow key={'path' in item.at ? item.at.path : item.at.list} item={item} />
        ))}
      </ul>
      {list.length > shown && (
        <Button variant="text" onClick={() => setShown(shown + step)}>
          {t.more({ n: list.length - shown })}
        </Button>
      )}
    </>
  );
}
