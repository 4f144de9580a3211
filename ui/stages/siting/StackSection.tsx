'use client';
import { sections } from '../../../core/build/sections';
import { drawStack } from '../../../core/drawing/form/drawStack';
import { stageFigures } from '../../../core/figures/stageFigures';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { useRowCount } from '../../components/useRowCount';
import { DrawnFigures } from '../../charts/form/DrawnFigures';

/** Cut through floor and plate: whether studs, spigots and screws reach. */
export function StackSection() {
  const count = useRowCount();
  return (
    <>
      <DrawnFigures draw={drawStack} title="Section" paths={sections.siting.stack.figures['Studs, spigots and screws']} />
      <Fold title="Layers" note={count('stack', 'layer')} startOpen={count('stack', 'layer') === 'none yet'}>
        <RowList list="stack" main={['name', 'kind', 'thicknessMm', 'cutBack']} fresh={() => ({ kind: 'timber' })} />
      </Fold>
      <DerivedFigures keys={stageFigures.siting ?? []} />
    </>
  );
}
