import { Caution, manualFirst } from '../../components/Caution';
import { fuel as t } from '../../texts/en/fuel';

/** Where fuel is handled. */
export function FuelCaution() {
  return <Caution>{t.fuelBurnsAndItsVapourTravels({ manualFirst: manualFirst() })}</Caution>;
}
