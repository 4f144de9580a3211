import { Caution } from '../../components/Caution';
import { ReleaseButton } from '../../components/ReleaseButton';
import { DrillingList } from './DrillingList';
import { TemplateLinks } from './TemplateLinks';

/** Pilots first, a look underneath, then the saw; and the template at true scale. */
export function DrillingSection() {
  return (
    <>
      <Caution title="Before the saw:">
        battery earth off, somebody who looks below, fuel and brake pipes found and marked, eyes and ears guarded, an extinguisher
        at hand. A drill that slips finds what the drawing forgot. The maker’s manual and the local code come before anything said
        here.
      </Caution>
      <ReleaseButton holdPoint="cutting" label="Ready to cut?" />
      <h3>Drilling plan</h3>
      <DrillingList />
      <h3>Template at true scale</h3>
      <TemplateLinks />
    </>
  );
}
