'use client';
import { rowsOf } from '../../../core/build/lists';
import { sections } from '../../../core/build/sections';
import { drawStack } from '../../../core/drawing/form/drawStack';
import { stageFigures } from '../../../core/figures/stageFigures';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { useRowCount } from '../../components/useRowCount';
import { useWorkspace } from '../../sync/useWorkspace';
import { DrawnFigures } from '../../charts/form/DrawnFigures';
import { siting as t } from '../../texts/en/siting';

/** Cut through floor and plate: whether studs, spigots and screws reach. */
export function StackSection() {
  const { settled } = useWorkspace('settled');
  const count = useRowCount();
  return (
    <>
      <DrawnFigures draw={drawStack} title={t.section} paths={sections.siting.stack.figures['Studs, spigots and screws']} />
      <Fold title={t.layers} note={count('stack', t.layer)} startOpen={rowsOf(settled.lists, 'stack').length === 0}>
        <RowList list="stack" main={['name', 'kind', 'thicknessMm', 'cutBack']} fresh={() => ({ kind: 'timber' })} />
      </Fold>
      <DerivedFigures keys={stageFigures.siting ?? []} />
    </>
  );
}
