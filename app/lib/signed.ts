import type { Signed, Who } from '../../core/people/Who';
import type { Person } from '../../store/people';
import type { SignedIn } from '../../store/sessions';

/** What a device may know of a person. */
export const whoOf = ({ name, login, role, unitPreferences, licences }: Person): Who => ({
  name,
  login,
  role,
  unitPreferences,
  licences,
});

export const signedOf = (person: SignedIn): Signed => ({ who: whoOf(person), workshop: person.workshop });
