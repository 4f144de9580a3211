import type { Licence } from './licences';
import type { UnitPreferences } from '../units/inUnits';
import type { Role } from './roles';

/** Whoever is signed in, as far as a device needs to know. */
export interface Who {
  name: string;
  login: string;
  role: Role;
  unitPreferences: UnitPreferences;
  /** what the person is licensed or trained for */ licences: Licence[];
}
/** Whose device this is: what every page but a build's says at its head. */
export interface Signed {
  who: Who;
  workshop: { name: string; demo: boolean };
}
