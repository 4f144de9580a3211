import { sections } from '../../core/build/sections';
import { stageFigures } from '../../core/figures/stageFigures';
import { Caution, manualFirst } from '../components/Caution';
import { DerivedFigures } from '../components/cells/DerivedFigures';
import { FigureTable } from '../components/cells/FigureTable';
import { stages as t } from '../texts/en/stages';

function Wiring() {
  return (
    <>
      <p className="soft">{t.fuseOutUntilEverythingIsConnected}</p>
      <FigureTable paths={sections.wiring.wiring.figures['Wiring sheet']} caption={t.wiringSheet} />
      <DerivedFigures keys={stageFigures.wiring ?? []} />
      <Caution>{t.aBatteryCanBurnHandsAnd({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}

export const wiringSections = { wiring: Wiring };
