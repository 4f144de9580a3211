'use client';
import { Button } from '@mui/material';
import { lists, type RowOf } from '../../../core/build/lists';
import { useRows } from '../../components/lists/useRows';
import { kit as t } from '../../texts/en/kit';

const states = Object.entries(lists.parts.columns.state.options) as [NonNullable<RowOf<'parts'>['state']>, string][];

/** What was found of a part: one touch each. */
export function PartState({ row }: { row: RowOf<'parts'> }) {
  const { set, mayWork } = useRows('parts');
  return (
    <div className="part-state" role="group" aria-label={t.stateOf({ name: row.name ?? t.thisPart })}>
      {states.map(([id, label]) => (
        <Button
          key={id}
          className={`state-${id}`}
          aria-pressed={row.state === id}
          disabled={!mayWork}
          onClick={() => set(row, 'state', row.state === id ? null : id)}
        >
          {label}
        </Button>
      ))}
    </div>
  );
}
