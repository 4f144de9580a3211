'use client';
import { rowsOf } from '../../../core/build/lists';
import { sections } from '../../../core/build/sections';
import { roughLine } from '../../../core/model/superseded';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { Fold } from '../../components/lists/Fold';
import { FoldedFigures } from '../../components/lists/FoldedFigures';
import { useWorkspace } from '../../sync/useWorkspace';
import { BoreTable } from './BoreTable';
import { CutListView } from './CutListView';
import { FuelCaution } from './FuelCaution';
import { GoodTo } from './GoodTo';
import { LineTable } from './LineTable';
import { useLinePicture } from './useLinePicture';
import { fuel as t } from '../../texts/en/fuel';

const { figures } = sections.fuel.line;

/** The line as it runs, segment by segment; what is cut for it; what another bore would do. */
export function LineSection() {
  const { settled } = useWorkspace('settled');
  const own = rowsOf(settled.lists, 'segments').length > 0;
  const picture = useLinePicture();
  return (
    <>
      <GoodTo picture={picture} />
      <LineTable />
      <FigureTable paths={figures['The line'].filter((path) => !(own && roughLine.includes(path)))} caption={t.theLine} />
      <DerivedFigures keys={['fuel.suctionM', 'fuel.pressureM', 'fuel.riseMm', 'fuel.lineVolumeMl']} />
      <Fold title={t.cutList} note={t.piecesJoinersClipsCsv}>
        <CutListView />
      </Fold>
      <FoldedFigures title={t.stockAndKit} note={t.whatIsThereAlready} paths={figures['Stock and kit']} />
      {'missing' in picture ? null : (
        <Fold title={t.anotherBore} note={t.whatItWouldHoldCostAnd}>
          <BoreTable picture={picture} />
        </Fold>
      )}
      <FuelCaution />
    </>
  );
}
