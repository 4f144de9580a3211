import { sections } from '../../../core/build/sections';
import { FigureTable } from '../../components/cells/FigureTable';
import { ReleaseButton } from '../../components/ReleaseButton';

/** What is looked at as the heater is bolted down. */
export function BoltingSection() {
  return (
    <>
      <FigureTable paths={sections.siting.bolting.figures['Bolting down']} caption="Bolting down" />
      <ReleaseButton holdPoint="bolting" label="Ready to bolt?" />
    </>
  );
}
