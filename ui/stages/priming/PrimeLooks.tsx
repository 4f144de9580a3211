'use client';
import { Button } from '@mui/material';
import { useMemo } from 'react';
import { looksOf, nextLookOf, restsOf } from '../../../core/drawing/line/primePicture';
import { pumpRest } from '../../../core/physics/fuel/pumpRest';
import { clockText } from '../../../core/units/clockText';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import type { LineLook } from '../../../core/physics/fuel/looksAlong';
import { useClock } from './usePrimingClock';
import type { Priming } from './usePriming';
import { priming as t } from '../../texts/en/priming';

const placeText = ({ at, name }: LineLook): string =>
  ({ gap: t.bubblesAt({ name }), filter: t.fuelAtFilter, pump: t.fuelAtPump, heater: t.fuelAtHeater })[at];

/** Where to look next while the line fills, and what to do if nothing moves there by the latest stroke. */
export function PrimeLooks({ priming: { clock, total } }: { priming: Priming }) {
  const { settled } = useWorkspace('settled');
  const looks = useMemo(() => looksOf(settled), [settled]);
  const { count } = clock;
  if (!count) return null;
  const seen = count.seen ?? 0;
  const next = nextLookOf(looks, seen, total);
  if (!next) return null;
  const { look, toGo, overdue } = next;
  const values = { what: placeText(look), low: formatFixed(look.low), high: formatFixed(look.high) };
  // The last of them has a halt of its own.
  const isLast = look.at === 'heater';
  return (
    <div
      className={overdue && !isLast ? 'banner bad prime-look' : 'banner prime-look'}
      role={overdue ? 'alert' : undefined}
      data-look={look.at}
    >
      <span>
        {overdue && !isLast
          ? t.lookOverdue(values)
          : total >= look.low
            ? t.lookNow(values)
            : t.lookIn({ ...values, toGo: formatFixed(toGo) })}
      </span>
      {!isLast && (
        <Button onClick={() => clock.know({ seen: seen + 1 })} aria-label={t.itIsThereOf({ what: placeText(look) })}>
          {t.itIsThere}
        </Button>
      )}
    </div>
  );
}

/** A pump that is not wetted yet is told when it wants its rest. */
export function RestNotice({ priming: { clock, total } }: { priming: Priming }) {
  const { settled } = useWorkspace('settled');
  const looks = useMemo(() => looksOf(settled), [settled]);
  const { onEndMs, restMs } = useMemo(() => restsOf(settled), [settled]);
  const nowMs = useClock(clock.count?.by === 'clock');
  const pumpAt = looks.findIndex(({ at }) => at === 'pump');
  const { count } = clock;
  const wetted = pumpAt >= 0 && count !== null && ((count.seen ?? 0) > pumpAt || total > (looks[pumpAt]?.high ?? Infinity));
  if (!count || count.by !== 'clock' || wetted || nowMs === 0) return null;
  const rest = pumpRest(count.spells, nowMs, onEndMs, restMs);
  if (rest.kind === 'due')
    return (
      <p className="banner bad" role="alert">
        <strong>{t.restDue({ onEnd: formatFixed(onEndMs / 60_000, 1), rest: formatFixed(restMs / 60_000, 1) })}</strong>
      </p>
    );
  return rest.kind === 'rests' ? <p className="banner">{t.restsFor({ left: clockText(rest.leftMs / 1000) })}</p> : null;
}
