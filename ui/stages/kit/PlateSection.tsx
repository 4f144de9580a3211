import { sections } from '../../../core/build/sections';
import { FigureTable } from '../../components/cells/FigureTable';

/** The data plate, and what of an older heater is used again. */
export function PlateSection() {
  return (
    <>
      <FigureTable paths={sections.kit.plate.figures['Data plate']} caption="Data plate" />
      <p className="soft">
        Figures of the manual go on the sheet “heater &amp; conditions”; they go before the workshop’s practices.
      </p>
    </>
  );
}
