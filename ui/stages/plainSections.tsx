import { sections } from '../../core/build/sections';
import { stageFigures } from '../../core/figures/stageFigures';
import { Caution, manualFirst } from '../components/Caution';
import { DerivedFigures } from '../components/cells/DerivedFigures';
import { FigureTable } from '../components/cells/FigureTable';

function Air() {
  return (
    <>
      <p className="soft">Combustion air in, exhaust out; both apart from the air that people breathe.</p>
      <FigureTable paths={sections.air.air.figures['Air sheet']} caption="Air sheet" />
      <Caution>
        Exhaust gas kills without a smell. Every joint sealed, every hole closed; pipes stay hot long after it stops.{' '}
        {manualFirst}
      </Caution>
    </>
  );
}
function Wiring() {
  return (
    <>
      <p className="soft">Fuse out until everything is connected.</p>
      <FigureTable paths={sections.wiring.wiring.figures['Wiring sheet']} caption="Wiring sheet" />
      <DerivedFigures keys={stageFigures.wiring ?? []} />
      <Caution>
        A battery can burn hands and cable: rings off, fuse out, earth first to leave and last to return. Never stop a hot heater
        by its fuse or isolator. {manualFirst}
      </Caution>
    </>
  );
}

export const airSections = { air: Air };
export const wiringSections = { wiring: Wiring };
