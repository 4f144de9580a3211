import { sections } from '../../../core/build/sections';
import { Caution } from '../../components/Caution';
import { FigureTable } from '../../components/cells/FigureTable';
import { survey as t } from '../../texts/en/survey';

const { figures } = sections.survey.vehicle;

/** What the vehicle brings along, who sleeps in it, and who inspects it. */
export function VehicleSection() {
  return (
    <>
      <FigureTable paths={figures['The vehicle']} caption={t.theVehicle} />
      <h3>{t.peopleAndInspection}</h3>
      <FigureTable paths={figures['People and inspection']} caption={t.peopleAndInspection} />
      <Caution>{t.petrolNeverGoesThroughADiesel}</Caution>
    </>
  );
}
