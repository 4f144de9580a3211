'use client';
import { useRows } from '../../components/lists/useRows';
import { CureClock } from './CureClock';
import { siting as t } from '../../texts/en/siting';

/** What still cures, on whatever sheet: it must meet neither heat nor water. */
export function CureNotice() {
  const { rows } = useRows('seals');
  const curing = rows.filter((row) => row.appliedAt !== undefined && row.cureH !== undefined && row.hardAt === undefined);
  if (curing.length === 0) return null;
  return (
    <div className="banner" role="note" aria-label={t.sealantsAndPaintsThatCure}>
      {curing.map((row) => (
        <div key={row.id} className="inline">
          <strong>{row.name ?? t.sealant}</strong>
          <CureClock row={row} />
        </div>
      ))}
    </div>
  );
}
