import { sections } from '../../core/build/sections';
import { stageFigures } from '../../core/figures/stageFigures';
import { Caution, manualFirst } from '../components/Caution';
import { DerivedFigures } from '../components/cells/DerivedFigures';
import { FigureTable } from '../components/cells/FigureTable';
import { LevelKey } from '../components/level/LevelKey';
import { useSmall } from '../components/useSmall';
import { stages as t } from '../texts/en/stages';

function Air() {
  const small = useSmall();
  return (
    <>
      {small && (
        <>
          <LevelKey path="air.exhaustFallMm" />
          <LevelKey path="air.intakeFallMm" />
        </>
      )}
      <p className="soft">{t.combustionAirInExhaustOutBoth}</p>
      <FigureTable paths={sections.air.air.figures['Air sheet']} caption={t.airSheet} />
      <Caution>{t.exhaustGasKillsWithoutASmell({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
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

export const airSections = { air: Air };
export const wiringSections = { wiring: Wiring };
