'use client';
import { PhotoStrip } from '../../components/PhotoStrip';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { PartListButtons } from './PartListButtons';
import { PartState } from './PartState';
import { kit as t } from '../../texts/en/kit';

/** The kit on the table: each part looked at before anything is cut. */
export function PartsSection() {
  const { rows } = useRows('parts');
  const looked = rows.filter((row) => row.state !== undefined).length;
  return (
    <>
      <p className="soft">
        {t.everythingOutOfTheBoxEach}
        {rows.length > 0 && t.ofLookedAt({ looked, n: rows.length })}
      </p>
      <PartListButtons />
      <div className="parts-list">
        <RowList
          list="parts"
          main={['name']}
          more={['kind', 'needed', 'weak', 'serial', 'mark']}
          fresh={() => ({ name: 'part', kind: 'other', needed: 1 })}
          extra={(row) => <PartState row={row} />}
          moreExtra={(row) => <PhotoStrip about="part" part={{ id: row.id, name: row.name ?? 'part' }} />}
        />
      </div>
    </>
  );
}
