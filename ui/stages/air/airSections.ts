/** The sections of the air sheet, each with a script of its own. */
export const airSections = {
  plan: () => import('./PlanSection').then((m) => m.PlanSection),
  pipes: () => import('./PipesSection').then((m) => m.PipesSection),
  heat: () => import('./HeatSection').then((m) => m.HeatSection),
};
