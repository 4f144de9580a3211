'use client';
import { useMemo } from 'react';
import { countPicture } from '../../../core/drawing/line/countPicture';
import type { Cause, Tellable } from '../../../core/physics/fuel/countTells';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { priming as t } from '../../texts/en/priming';

const names = (): Record<Tellable, string> => ({
  dose: t.tellDose,
  lengths: t.tellLengths,
  filter: t.tellFilter,
  dryShare: t.tellDry,
  gap: t.tellGap,
});
/** Shares under this are not worth a line. */
const leastShare = 0.05;

/** What it would take by itself, in words. */
function wordsOf({ cause, value }: Cause): string {
  if (cause === 'gap') return t.byGap({ mm: formatFixed(value) });
  if (cause === 'dryShare') return t.byDry({ percent: formatFixed(value * 100) });
  const off = (value - 1) * 100;
  return t.byFactor({ what: names()[cause], percent: formatFixed(Math.abs(off), 1), side: off < 0 ? t.less : t.more2 });
}

/** What the strokes that were counted say of pump and line. */
export function WhatItTells() {
  const { settled } = useWorkspace('settled');
  const picture = useMemo(() => countPicture(settled), [settled]);
  if (!picture) return null;
  const { strokes, tells } = picture;
  if (!tells) return <p className="banner">{t.nothingExplains({ strokes: formatFixed(strokes) })}</p>;
  const { late, expected, told, causes } = tells;
  return (
    <section aria-label={t.whatItTells}>
      <h3>{t.whatItTells}</h3>
      <p>
        {late === 0
          ? t.justAsExpected({ strokes: formatFixed(strokes) })
          : (late > 0 ? t.lateBy : t.earlyBy)({
              strokes: formatFixed(strokes),
              by: formatFixed(Math.abs(late)),
              expected: formatFixed(expected),
            })}{' '}
        {t.doseNow({
          percent: formatFixed(told.dose.mean * 100),
          low: formatFixed(told.dose.p5 * 100),
          high: formatFixed(told.dose.p95 * 100),
        })}
      </p>
      {Math.abs(late) > 0 && causes.length > 0 && (
        <>
          <p className="soft">{t.eachAlone}</p>
          <ul>
            {causes
              .filter(({ share }) => share >= leastShare)
              .map((one) => (
                <li key={one.cause}>
                  {wordsOf(one)} <span className="soft">{t.shareOf({ percent: formatFixed(one.share * 100) })}</span>
                </li>
              ))}
          </ul>
        </>
      )}
      <p className="soft">{t.tellsRest}</p>
    </section>
  );
}
