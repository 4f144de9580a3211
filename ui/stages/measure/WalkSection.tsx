'use client';
import { Button, LinearProgress, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useState } from 'react';
import { holdPoints } from '../../../core/build/stages';
import { nextHoldPoint } from '../../../core/checks/progress';
import { walkPlaces, type WalkPlace } from '../../../core/measure/stands';
import { walkRound } from '../../../core/measure/walkRound';
import { later } from '../../components/later';
import { useSmall } from '../../components/useSmall';
import { useWorkspace } from '../../sync/useWorkspace';
import { measure as t } from '../../texts/en/measure';
import { MeasureRow } from './MeasureRow';
import { useStandingList } from './NextSection';

const WalkScreen = later(() => import('./WalkScreen').then((m) => m.WalkScreen));

/** The next measurements by where the person stands; on a phone each place opens over the whole screen, one figure at a time. */
export function WalkSection() {
  const { settled } = useWorkspace('settled');
  const list = useStandingList();
  const small = useSmall();
  const [all, setAll] = useState(false);
  const [at, setAt] = useState<WalkPlace | null>(null);
  if (!list) return <LinearProgress aria-label={t.working} />;
  const next = nextHoldPoint(settled) ?? 'handover';
  const stops = walkRound(list, all ? undefined : next);
  const [first] = stops;
  /** How many are asked at the places before this one. */
  const before = (place: WalkPlace) =>
    stops
      .slice(
        0,
        stops.findIndex((stop) => stop.place === place),
      )
      .reduce((sum, { items }) => sum + items.length, 0);
  return (
    <>
      <p className="soft">{t.walkIntro}</p>
      <div className="walk-keys">
        <ToggleButtonGroup
          aria-label={t.howMuch}
          exclusive
          value={all}
          onChange={(_event, value: boolean | null) => value !== null && setAll(value)}
        >
          <ToggleButton value={false}>{t.onlyNext({ step: holdPoints[next] })}</ToggleButton>
          <ToggleButton value>{t.everything}</ToggleButton>
        </ToggleButtonGroup>
        <Button
          component="a"
          href={`/api/builds/${settled.id}/walk?paper=A4${all ? '&all=1' : ''}`}
          target="_blank"
          rel="noopener"
        >
          {t.paper}
        </Button>
        <span className="soft">{t.paperHint}</span>
      </div>
      {!first && <p>{t.nothingToMeasure}</p>}
      {stops.map(({ place, items }) => (
        <section key={place} className="walk-stop">
          {small ? (
            <Button fullWidth className="walk-place" onClick={() => setAt(place)}>
              {t.beginHere({ place: walkPlaces[place], n: items.length })}
            </Button>
          ) : (
            <>
              <h3>
                {walkPlaces[place]} <span className="soft">{items.length}</span>
              </h3>
              <ul className="plain measure-list">
                {items.map((item, i) => (
                  <MeasureRow key={'path' in item.at ? item.at.path : item.at.list} item={item} n={before(place) + i + 1} />
                ))}
              </ul>
            </>
          )}
        </section>
      ))}
      {at && <WalkScreen key={at} place={at} stops={stops} onPlace={setAt} onLeave={() => setAt(null)} />}
    </>
  );
}
