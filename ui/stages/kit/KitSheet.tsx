'use client';
import { stages } from '../../../core/build/stages';
import { figurePaths } from '../../../core/build/sheets';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { FigureTable } from '../../components/cells/FigureTable';
import { StartView } from '../startup/StartView';
import { PartListButtons } from './PartListButtons';
import { PartState } from './PartState';
import { PhotoStrip } from '../../components/PhotoStrip';

/** The kit on the bench: each part looked at, the plate read, the unit run dry before anything is cut. */
export function KitSheet() {
  const { rows } = useRows('parts');
  const looked = rows.filter((row) => row.state !== undefined).length;
  return (
    <>
      <h2 className="sheet-title">{stages.kit}</h2>
      <p className="soft">Everything out of the box, each part in the hand, before the first hole.</p>
      <h3 style={{ marginTop: 16 }}>
        Parts{' '}
        {rows.length > 0 && (
          <span className="soft" style={{ fontWeight: 400 }}>
            {looked} of {rows.length} looked at
          </span>
        )}
      </h3>
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
      <h3 style={{ marginTop: 24 }}>Data plate, and what is used again</h3>
      <FigureTable paths={figurePaths.filter((path) => path.startsWith('kit.'))} caption="Data plate" />
      <p className="soft" style={{ margin: '6px 0' }}>
        Figures of the manual go on the sheet “heater &amp; conditions”; they go before the workshop’s practices.
      </p>
      <h3 style={{ marginTop: 20 }}>Photographs</h3>
      <p className="soft">Where, when and by which phone they were taken is left out of what is kept.</p>
      <PhotoStrip about="plate" beside={['part', 'exhaust', 'other']} />
      <div style={{ marginTop: 26 }}>
        <StartView dryRun />
      </div>
    </>
  );
}
