/** Stages that exist so far, in working order. */
export const stages = {
  survey: 'Survey',
  kit: 'Kit',
  siting: 'Siting',
  fuel: 'Fuel',
  air: 'Air',
  warmth: 'Warmth',
  wiring: 'Wiring',
  priming: 'Priming',
  controller: 'Controller',
  startup: 'First start',
  proving: 'Proving',
  signoff: 'Sign-off',
} as const;
export type StageId = keyof typeof stages;
export const stageIds = Object.keys(stages) as StageId[];

/** Irreversible steps, in the order in which they come. */
export const holdPoints = {
  cutting: 'before cutting',
  bolting: 'before bolting',
  closing: 'before closing up',
  power: 'before power',
  fire: 'before first fire',
  handover: 'before hand-over',
} as const;
export type HoldPoint = keyof typeof holdPoints;
export const holdPointIds = Object.keys(holdPoints) as HoldPoint[];
/** The step itself, as it is named on a build that waits for it. */
export const holdPointSteps: Record<HoldPoint, string> = {
  cutting: 'the first hole',
  bolting: 'bolting the heater down',
  closing: 'the tank goes back up',
  power: 'the fuse goes in',
  fire: 'the first fire',
  handover: 'hand-over',
};
