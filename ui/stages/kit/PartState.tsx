'use client';
import { lists, type RowOf } from '../../../core/build/lists';
import { useRows } from '../../components/lists/useRows';

const states = Object.entries(lists.parts.columns.state.options) as [NonNullable<RowOf<'parts'>['state']>, string][];

/** What was found of a part: one touch each. */
export function PartState({ row }: { row: RowOf<'parts'> }) {
  const { set, mayWork } = useRows('parts');
  return (
    <div className="part-state" role="group" aria-label={`State of ${row.name ?? 'this part'}`}>
      {states.map(([id, label]) => (
        <button
          key={id}
          type="button"
          className={`button state-${id}`}
          aria-pressed={row.state === id}
          disabled={!mayWork}
          onClick={() => set(row, 'state', row.state === id ? null : id)}
        >
          {label}
        </button>
      ))}
    </div>
  );
}
