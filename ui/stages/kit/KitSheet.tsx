'use client';
import { Box } from '@mui/material';
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
      <Box component="h3" sx={{ mt: 2 }}>
        Parts{' '}
        {rows.length > 0 && (
          <Box component="span" className="soft" sx={{ fontWeight: 400 }}>
            {looked} of {rows.length} looked at
          </Box>
        )}
      </Box>
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
      <Box component="h3" sx={{ mt: 3 }}>
        Data plate, and what is used again
      </Box>
      <FigureTable paths={figurePaths.filter((path) => path.startsWith('kit.'))} caption="Data plate" />
      <Box component="p" className="soft" sx={{ margin: '6px 0' }}>
        Figures of the manual go on the sheet “heater &amp; conditions”; they go before the workshop’s practices.
      </Box>
      <Box component="h3" sx={{ mt: 2.5 }}>
        Photographs
      </Box>
      <p className="soft">Where, when and by which phone they were taken is left out of what is kept.</p>
      <PhotoStrip about="plate" beside={['part', 'exhaust', 'other']} />
      <Box sx={{ mt: 3.25 }}>
        <StartView dryRun />
      </Box>
    </>
  );
}
