import type { Signed, Who } from '../../core/people/Who';
import { workshopOf, type Person } from '../../store/people';

/** What a device may know of a person. */
export const whoOf = ({ name, login, role, unitPreferences }: Person): Who => ({ name, login, role, unitPreferences });

export async function signedOf(person: Person): Promise<Signed> {
  const { name, demo } = await workshopOf(person);
  return { who: whoOf(person), workshop: { name, demo } };
}
