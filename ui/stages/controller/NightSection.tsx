'use client';
import { useMemo, useState } from 'react';
import { clockChanges, nightPicture, type ClockChangeId } from '../../../core/drawing/controller/nightPicture';
import { comingNightFigures } from '../../../core/figures/stageFigures';
import type { NightKind } from '../../../core/model/controller/comingNight';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { CellPick, Options } from '../../components/cells/CellInput';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { controller as t } from '../../texts/en/controller';
import { dayNames } from './dayNames';
import { BetterView } from './BetterView';
import { NightView } from './NightView';

/** What the coming night will be with these settings, and which would serve it better. */
export function NightSection() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const { rows } = useRows('timers');
  const kinds: Record<NightKind, string> = { usual: t.usual, coldest: t.coldest };
  const changes: Record<ClockChangeId, string> = { none: t.clocksNone, forward: t.clocksForward, back: t.clocksBack };
  const [kind, setKind] = useState<NightKind>('usual');
  const [change, setChange] = useState<ClockChangeId>('none');
  const [evening, setEvening] = useState(0);
  const picture = useMemo(() => nightPicture(build, { kind, change, evening }), [build, kind, change, evening]);
  return (
    <>
      <div className="inline night-choice">
        <label>
          {t.night}{' '}
          <CellPick name={t.night} value={kind} disabled={false} onChoose={(to) => setKind(to as NightKind)}>
            <Options of={kinds} />
          </CellPick>
        </label>
        <label>
          {t.clocks}{' '}
          <CellPick
            name={t.clocks}
            value={change}
            disabled={false}
            onChoose={(to) => to in clockChanges && setChange(to as ClockChangeId)}
          >
            <Options of={changes} />
          </CellPick>
        </label>
        {!('missing' in picture) && picture.all.length > 1 && (
          <label>
            {t.evening}{' '}
            <CellPick name={t.evening} value={String(evening)} disabled={false} onChoose={(to) => setEvening(Number(to))}>
              <Options of={Object.fromEntries(picture.all.map(({ days }, i) => [i, dayNames(days)]))} />
            </CellPick>
          </label>
        )}
      </div>
      {'missing' in picture ? (
        <p className="soft">{say(t.before({ missing: picture.missing.labels.join(', ') }))}</p>
      ) : (
        <NightView picture={picture} />
      )}
      <BetterView />
      <h3>{t.starts}</h3>
      {rows.length === 0 && <p className="soft">{t.startsHint}</p>}
      <RowList
        list="timers"
        main={['name', 'startAt', 'runForH', 'days', 'by']}
        fresh={() => ({ startAt: '22:00', days: 'daily', by: 'clock' })}
      />
      <DerivedFigures keys={comingNightFigures} />
    </>
  );
}
