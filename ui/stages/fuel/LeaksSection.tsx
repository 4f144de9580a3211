import { ReleaseButton } from '../../components/ReleaseButton';
import { FuelCaution } from './FuelCaution';
import { LeakWatch } from './LeakWatch';
import { fuel as t } from '../../texts/en/fuel';

/** Joints: wiped, looked at when warm, and after a night. */
export function LeaksSection() {
  return (
    <>
      <LeakWatch />
      <FuelCaution />
      <ReleaseButton holdPoint="closing" label={t.readyToCloseUp} />
    </>
  );
}
