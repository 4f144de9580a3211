'use client';
import { Button } from '@mui/material';
import { sealPlaces } from '../../../core/build/listKinds';
import { sealKindAt, sealsLacking } from '../../../core/model/siting/sealsOwed';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { useWorkspace } from '../../sync/useWorkspace';
import { CureClock } from './CureClock';
import { siting as t } from '../../texts/en/siting';

/** Puts a row for every seal that is owed and not there yet. */
function OwedSeals() {
  const { settled } = useWorkspace('settled');
  const { add, mayWork } = useRows('seals');
  const lacking = sealsLacking(settled);
  if (!mayWork || lacking.length === 0) return null;
  return (
    <Button variant="outlined" onClick={() => add(...lacking.map((at) => ({ name: sealPlaces[at], at, kind: sealKindAt(at) })))}>
      {t.everySealThatIsOwed({ n: lacking.length })}
    </Button>
  );
}

/** Sealants and paints, with the time that each takes to cure. */
export function SealingSection() {
  return (
    <>
      <OwedSeals />
      <RowList
        list="seals"
        main={['name', 'at', 'kind', 'cureH', 'appliedAt']}
        more={['hardAt']}
        fresh={() => ({ name: t.roundThePlate, at: 'plate', kind: 'sealant', cureH: 24 })}
        extra={(row) => <CureClock row={row} />}
      />
    </>
  );
}
