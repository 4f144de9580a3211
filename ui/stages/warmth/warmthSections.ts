/** The sections of the warmth sheet, each with a script of its own. */
export const warmthSections = {
  ducts: () => import('./DuctsSection').then((m) => m.DuctsSection),
  returns: () => import('./ReturnsSection').then((m) => m.ReturnsSection),
  loop: () => import('./LoopSection').then((m) => m.LoopSection),
};
