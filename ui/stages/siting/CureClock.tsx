'use client';
import { Button } from '@mui/material';
import type { RowOf } from '../../../core/build/lists';
import { cureState } from '../../../core/model/siting/drillingPlan';
import { useNow } from '../../components/useNow';
import { useRows } from '../../components/lists/useRows';
import { siting as t } from '../../texts/en/siting';
import { dayAndTime } from '../../texts/when';

/** How long a sealant still needs, counting down; and once it is over, the touch that proves it. */
export function CureClock({ row }: { row: RowOf<'seals'> }) {
  const { set, mayWork } = useRows('seals');
  const now = useNow();
  const state = now === null ? null : cureState(row, now);
  if (!state || row.hardAt !== undefined) return null;
  const minutes = Math.ceil(state.leftMs / 60_000);
  return (
    <div className="cure" data-cure-left={minutes}>
      {minutes > 0 ? (
        <span>
          <span className="mono cure-left">
            {t.hMin({ minutes: Math.floor(minutes / 60), minutes2: String(minutes % 60).padStart(2, '0') })}
          </span>{' '}
          {t.leftUntilNoHeatNoWater({ dueMs: dayAndTime(state.dueMs) })}
        </span>
      ) : (
        <>
          <span>{t.curingTimeIsUpIsThe}</span>
          {mayWork && <Button onClick={() => set(row, 'hardAt', new Date().toISOString())}>{t.itsHard}</Button>}
        </>
      )}
    </div>
  );
}
