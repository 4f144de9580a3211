import { Caution, manualFirst } from '../../components/Caution';

/** Where fuel is handled. */
export function FuelCaution() {
  return (
    <Caution>
      Fuel burns and its vapour travels: no flame or spark near it, rags and an extinguisher at hand. Two people to lower a tank.
      Never weld one that has held fuel. {manualFirst}
    </Caution>
  );
}
