import { ReleaseButton } from '../../components/ReleaseButton';
import { FuelCaution } from './FuelCaution';
import { LeakWatch } from './LeakWatch';

/** Joints: wiped, looked at when warm, and after a night. */
export function LeaksSection() {
  return (
    <>
      <LeakWatch />
      <FuelCaution />
      <ReleaseButton holdPoint="closing" label="Ready to close up?" />
    </>
  );
}
