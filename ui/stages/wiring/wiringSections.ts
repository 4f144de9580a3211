/** The sections of the wiring sheet, each with a script of its own. */
export const wiringSections = {
  loom: () => import('./LoomSection').then((m) => m.LoomSection),
  battery: () => import('./BatterySection').then((m) => m.BatterySection),
};
