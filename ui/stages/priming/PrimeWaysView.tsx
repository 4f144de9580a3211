'use client';
import { useMemo } from 'react';
import { waysOf } from '../../../core/drawing/line/primePicture';
import { formatFixed } from '../../../core/units/formatNumber';
import { clockText } from '../../../core/units/clockText';
import { useWorkspace } from '../../sync/useWorkspace';
import { priming as t } from '../../texts/en/priming';

/** The three ways of filling a line, worked out for this one. */
export function PrimeWaysView() {
  const { settled } = useWorkspace('settled');
  const ways = useMemo(() => waysOf(settled), [settled]);
  if (!ways) return null;
  const { mode, syringe, starts } = ways;
  const locks = starts.lockAssumed ? t.lockAssumed({ after: starts.lockAfter }) : t.lockStated({ after: starts.lockAfter });
  return (
    <section aria-label={t.threeWays}>
      <h3>{t.threeWays}</h3>
      <dl className="ways">
        <dt>{t.byMode}</dt>
        <dd>
          {t.modeTakes({
            strokes: formatFixed(mode.strokes),
            time: clockText(mode.seconds),
            dry: clockText(mode.dryS),
          })}
        </dd>
        <dt>{t.bySyringe}</dt>
        <dd>
          {t.syringeTakes({
            toPump: formatFixed(syringe.toPumpMl, 1),
            toHeater: formatFixed(syringe.toHeaterMl, 1),
            strokes: formatFixed(syringe.strokesAfterPump),
          })}
        </dd>
        <dt>{t.byStarts}</dt>
        <dd data-locks={starts.locks || undefined}>
          {t.startsTake({ presses: starts.presses, strokes: formatFixed(starts.strokesAPress) })} {locks}{' '}
          {starts.locks && <strong>{t.startsLock}</strong>}
        </dd>
      </dl>
    </section>
  );
}
