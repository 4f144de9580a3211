'use client';
import { Button } from '@mui/material';
import { useEffect, useMemo } from 'react';
import { looksOf, nextLookOf, restsOf } from '../../../core/drawing/line/primePicture';
import { pumpRest } from '../../../core/physics/fuel/pumpRest';
import { clockText } from '../../../core/units/clockText';
import { formatFixed } from '../../../core/units/formatNumber';
import { speak } from '../../components/speak';
import { useWorkspace } from '../../sync/useWorkspace';
import type { LineLook } from '../../../core/physics/fuel/looksAlong';
import { useClock } from './usePrimingClock';
import type { Priming } from './usePriming';
import { priming as t } from '../../texts/en/priming';

const placeText = ({ at, name }: LineLook): string =>
  ({ gap: t.bubblesAt({ name }), filter: t.fuelAtFilter, pump: t.fuelAtPump, heater: t.fuelAtHeater })[at];

/** Said and shaken once when it begins: the eyes are on the line. */
function useSaidOnce(text: string | null): void {
  useEffect(() => {
    if (text === null) return;
    navigator.vibrate?.([300, 120, 300]);
    speak(text);
  }, [text]);
}

/** Where to look next while the line fills, and what to do if nothing moves there by the latest stroke. */
export function PrimeLooks({ priming: { clock, total } }: { priming: Priming }) {
  const { settled } = useWorkspace('settled');
  const looks = useMemo(() => looksOf(settled), [settled]);
  const { count } = clock;
  const seen = count?.seen ?? 0;
  const next = count ? nextLookOf(looks, seen, total) : null;
  // The last of them has a halt of its own.
  const isLast = next?.look.at === 'heater';
  const overdue = next !== null && next.overdue && !isLast;
  const values = next && {
    what: placeText(next.look),
    low: formatFixed(next.look.low),
    high: formatFixed(next.look.high),
  };
  const stop = overdue && values ? t.lookOverdue(values) : null;
  useSaidOnce(clock.running ? stop : null);
  if (!next || !values) return null;
  const { look, toGo } = next;
  return (
    <div className={stop ? 'banner bad prime-look' : 'banner prime-look'} role={stop ? 'alert' : undefined} data-look={look.at}>
      <span>{stop ?? (total >= look.low ? t.lookNow(values) : t.lookIn({ ...values, toGo: formatFixed(toGo) }))}</span>
      {!isLast && (
        <Button onClick={() => clock.know({ seen: seen + 1 })} aria-label={t.itIsThereOf({ what: values.what })}>
          {t.itIsThere}
        </Button>
      )}
    </div>
  );
}

/** A pump that is not wetted yet is told when it wants its rest. */
export function RestNotice({ priming: { clock } }: { priming: Priming }) {
  const { settled } = useWorkspace('settled');
  const looks = useMemo(() => looksOf(settled), [settled]);
  const { onEndMs, restMs } = useMemo(() => restsOf(settled), [settled]);
  const nowMs = useClock(clock.count?.by === 'clock');
  const pumpAt = looks.findIndex(({ at }) => at === 'pump');
  const { count } = clock;
  // Filled by a syringe up to the pump, it has nothing left to wet.
  const wetted = looks.length > 0 && (pumpAt < 0 || (count?.seen ?? 0) > pumpAt);
  const rest = count?.by === 'clock' && !wetted && nowMs > 0 ? pumpRest(count.spells, nowMs, onEndMs, restMs) : null;
  const due =
    rest?.kind === 'due' ? t.restDue({ onEnd: formatFixed(onEndMs / 60_000, 1), rest: formatFixed(restMs / 60_000, 1) }) : null;
  useSaidOnce(due);
  if (due)
    return (
      <p className="banner bad" role="alert">
        <strong>{due}</strong>
      </p>
    );
  return rest?.kind === 'rests' ? <p className="banner">{t.restsFor({ left: clockText(rest.leftMs / 1000) })}</p> : null;
}
