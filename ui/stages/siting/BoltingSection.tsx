import { sections } from '../../../core/build/sections';
import { FigureTable } from '../../components/cells/FigureTable';
import { ReleaseButton } from '../../components/ReleaseButton';
import { siting as t } from '../../texts/en/siting';

/** What is looked at as the heater is bolted down. */
export function BoltingSection() {
  return (
    <>
      <FigureTable paths={sections.siting.bolting.figures['Bolting down']} caption={t.boltingDown} />
      <ReleaseButton holdPoint="bolting" label={t.readyToBolt} />
    </>
  );
}
