'use client';
import { PhotoStrip } from '../../components/PhotoStrip';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { PartListButtons } from './PartListButtons';
import { PartState } from './PartState';

/** The kit on the table: each part looked at before anything is cut. */
export function PartsSection() {
  const { rows } = useRows('parts');
  const looked = rows.filter((row) => row.state !== undefined).length;
  return (
    <>
      <p className="soft">
        Everything out of the box, each part in the hand, before the first hole.
        {rows.length > 0 && ` ${looked} of ${rows.length} looked at.`}
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
