'use client';
import { sections } from '../../../core/build/sections';
import { stageFigures } from '../../../core/figures/stageFigures';
import { isSuperseded } from '../../../core/model/superseded';
import { AirBandChart } from '../../charts/AirBandChart';
import { PipeHeatChart } from '../../charts/PipeHeatChart';
import { Caution, manualFirst } from '../../components/Caution';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { FoldedFigures } from '../../components/lists/FoldedFigures';
import { useWorkspace } from '../../sync/useWorkspace';
import { air as t } from '../../texts/en/air';
import { stages as shared } from '../../texts/en/stages';

const { figures } = sections.air.heat;
const told = (stageFigures.air ?? []).filter((id) => id !== 'air.exhaustM' && id !== 'air.bendsDeg');

/** How hot the exhaust gets and what it passes; what air the flame gets. */
export function HeatSection() {
  const { settled } = useWorkspace('settled');
  return (
    <>
      <p className="soft">{t.atFullOnAWarmDay}</p>
      <PipeHeatChart />
      <FigureTable paths={figures['What it passes'].filter((path) => !isSuperseded(settled, path))} caption={t.whatItPasses} />
      <h3>{t.theFlamesAir}</h3>
      <AirBandChart />
      <DerivedFigures keys={told} />
      <FoldedFigures title={t.byAnalyser} note={t.byAnalyserNote} paths={figures['By analyser']} />
      <Caution>{shared.exhaustGasKillsWithoutASmell({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
