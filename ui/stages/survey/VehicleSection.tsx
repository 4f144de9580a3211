import { sections } from '../../../core/build/sections';
import { Caution } from '../../components/Caution';
import { FigureTable } from '../../components/cells/FigureTable';

const { figures } = sections.survey.vehicle;

/** What the vehicle brings along, who sleeps in it, and who inspects it. */
export function VehicleSection() {
  return (
    <>
      <FigureTable paths={figures['The vehicle']} caption="The vehicle" />
      <h3>People and inspection</h3>
      <FigureTable paths={figures['People and inspection']} caption="People and inspection" />
      <Caution>Petrol never goes through a diesel heater. Who inspects, and by which code, is asked now, not at the end.</Caution>
    </>
  );
}
