'use client';
import { Button } from '@mui/material';
import type { RowOf } from '../../../core/build/lists';
import { isWet, leakProof, nextLook } from '../../../core/model/fuel/leakDue';
import { useWorkspace } from '../../sync/useWorkspace';
import { RepairButton } from '../../components/findings/RepairButton';
import { useNow } from '../../components/useNow';
import { useRows } from '../../components/lists/useRows';
import { RowList } from '../../components/lists/RowList';
import { lookText } from './LeakNotice';
import { fuel as t } from '../../texts/en/fuel';
import { dayAndTime } from '../../texts/when';

const joints = () => [t.atTheTank, t.filter, t.pumpInlet, t.pumpOutlet, t.atTheHeater];

function Next({ row }: { row: RowOf<'leaks'> }) {
  const { set, change, mayWork } = useRows('leaks');
  const now = useNow();
  const { settled } = useWorkspace('settled');
  if (isWet(row))
    return (
      <span className="cure">
        <strong>{row.nightFound && row.nightFound !== 'dry' ? row.nightFound : row.warmFound}</strong>
        <RepairButton checkId="fuel.leak" subject={row.id} name={row.name ?? 'joint'} />
      </span>
    );
  const next = nextLook(row, leakProof(settled));
  if (!next) return <span className="cure">{t.allSeen}</span>;
  if (next.look === 'wipe')
    return mayWork ? <Button onClick={() => set(row, 'wipedAt', new Date().toISOString())}>{t.wipedDryNow}</Button> : null;
  const due = next.dueMs !== null && now !== null && now >= next.dueMs;
  const { look } = next;
  const found = (to: 'dry' | 'damp' | 'drips') =>
    change(
      (
        [
          [`${look}Found`, to],
          [`${look}At`, new Date().toISOString()],
        ] as const
      ).map(([column, value]) => ({
        list: 'leaks',
        row: row.id,
        action: 'set',
        column,
        from: (row as Record<string, string | undefined>)[column] ?? null,
        to: value,
      })),
    );
  return (
    <div className="cure" data-look={next.look}>
      <span>
        {due ? (
          <strong>{t.due({ look: lookText(next.look) })}</strong>
        ) : (
          `${lookText(next.look)}, ${next.dueMs === null ? t.onceAStartHasReachedFull : t.from({ dueMs: dayAndTime(next.dueMs) })}`
        )}
      </span>
      {mayWork && (
        <span className="inline" role="group" aria-label={`${row.name ?? 'joint'}, ${lookText(next.look)}`}>
          {(['dry', 'damp', 'drips'] as const)
            .filter((to) => due || to !== 'dry')
            .map((to) => (
              <Button key={to} onClick={() => found(to)}>
                {to}
              </Button>
            ))}
        </span>
      )}
    </div>
  );
}

/** Every joint of the fuel line: wiped, looked at warm, looked at after a night; each with its time. */
export function LeakWatch() {
  const { rows, add, mayWork } = useRows('leaks');
  return (
    <>
      <p className="soft">{t.dieselThatLeaksUnseenRotsA}</p>
      {rows.length === 0 && mayWork && (
        <Button variant="contained" onClick={() => add(...joints().map((name) => ({ name })))}>
          {t.theFiveUsualJoints}
        </Button>
      )}
      <RowList
        list="leaks"
        main={['name']}
        more={['wipedAt', 'warmFound', 'warmAt', 'nightFound', 'nightAt']}
        fresh={() => ({ name: t.joint2({ n: rows.length + 1 }) })}
        extra={(row) => <Next row={row} />}
      />
    </>
  );
}
