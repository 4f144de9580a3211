'use client';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { Caution, manualFirst } from '../../components/Caution';
import { RowList } from '../../components/lists/RowList';
import { warmth as t } from '../../texts/en/warmth';

/** How air comes back to the heater. */
export function ReturnsSection() {
  return (
    <>
      <p className="soft">{t.waysBackHint}</p>
      <RowList
        list="returns"
        main={['name', 'kind', 'diameterMm', 'lengthMm', 'widthMm', 'pieces', 'coveredPercent']}
        hide={(row, column) =>
          (column === 'diameterMm' && row.kind !== 'hole') ||
          ((column === 'lengthMm' || column === 'widthMm') && row.kind === 'hole')
        }
        fresh={() => ({ kind: 'grille', pieces: 1 })}
      />
      <DerivedFigures keys={['duct.returnCm2', 'duct.outletsCm2', 'duct.returnPa']} />
      <Caution>
        {t.hotAir} {manualFirst()}
      </Caution>
    </>
  );
}
