'use client';
import { Alert, Button, Stack } from '@mui/material';
import { usePathname } from 'next/navigation';
import { formatFixed } from '../../../core/units/formatNumber';
import { Halt } from './Halt';
import { isOver, isRunning, primingCounts, stopped, totalOf, type CountOfBuild } from './primingCounts';
import { useClock } from './usePrimingClock';
import { priming as t } from '../../texts/en/priming';

/** The counts that this device knows of: told while the pump runs elsewhere, and the halt once a line is full at the latest. */
export function PrimingAlarm({ counts }: { counts: readonly CountOfBuild[] }) {
  const nowMs = useClock(counts.some(({ count }) => isRunning(count)));
  const path = usePathname();
  const over = counts.find(({ count }) => isOver(count, nowMs));
  const elsewhere = counts.filter(({ buildId, count }) => isRunning(count) && path !== `/builds/${buildId}/priming`);
  const stop = ({ buildId, count }: CountOfBuild, haltedAt = count.haltedAt ?? 0) =>
    primingCounts.keep(buildId, { ...stopped(count, Date.now()), haltedAt });
  return (
    <>
      {over && (
        <Halt
          strokes={totalOf(over.count, nowMs)}
          high={over.count.high ?? 0}
          name={path.startsWith(`/builds/${over.buildId}/`) ? '' : (over.count.name ?? '')}
          onStopped={() => stop(over, totalOf(over.count, Date.now()))}
        />
      )}
      {elsewhere.map((one) => (
        <Alert
          key={one.buildId}
          severity="warning"
          variant="outlined"
          className="priming-watch"
          aria-label={t.aPrimingCountIsUnderWay}
          action={
            <Stack direction="row" spacing={1}>
              <Button variant="contained" onClick={() => stop(one)}>
                {t.pumpStopped}
              </Button>
              <Button variant="outlined" href={`/builds/${one.buildId}/priming`}>
                {t.toTheCount}
              </Button>
            </Stack>
          }
        >
          <strong>
            {t.thePumpIsRunning}
            {one.count.name ? t.onName({ name: one.count.name }) : ''}
            {t.strokes3({ count: formatFixed(totalOf(one.count, nowMs)) })}
          </strong>
          {typeof one.count.high === 'number' && t.fullAtAtTheLatest({ high: formatFixed(one.count.high) })}
        </Alert>
      ))}
    </>
  );
}
