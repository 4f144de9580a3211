/** The sections of the controller's sheet, each with a script of its own. */
export const controllerSections = {
  settings: () => import('./SettingsSection').then((m) => m.SettingsSection),
  night: () => import('./NightSection').then((m) => m.NightSection),
  air: () => import('./AirSection').then((m) => m.AirSection),
  place: () => import('./PlaceSection').then((m) => m.PlaceSection),
};
