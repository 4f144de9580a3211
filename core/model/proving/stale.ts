import type { Build, Repair } from '../../build/Build';
import type { Part } from '../../build/field';
import { provingStart, type ProvingStart } from '../startup/fittedStarts';

/** Parts on which each proof rests: when one of them was changed after it, the proof is stale. */
export const provedBy = {
  co: ['heater', 'intake', 'exhaust'],
  heat: ['heater', 'exhaust'],
  smoke: ['heater', 'intake', 'exhaust', 'pump'],
  joints: ['heater', 'exhaust'],
  bubbles: ['pickup', 'suction', 'filter', 'pump', 'line'],
  leak: ['pickup', 'suction', 'filter', 'pump', 'line'],
} as const satisfies Record<string, readonly Part[]>;
export type Proof = keyof typeof provedBy;

/** When the parts of a proof were last worked on, ms; −Infinity where never since the heater was first lit. */
export function workedMs({ worked }: Build, proof: Proof): number {
  const times = provedBy[proof].map((part) => worked?.[part]).filter((at) => at !== undefined);
  return Math.max(-Infinity, ...times.map((at) => Date.parse(at)));
}

/** Repairs of one finding, oldest first. */
export const repairsOf = ({ repairs }: Pick<Build, 'repairs'>, checkId: string): Repair[] =>
  (repairs ?? []).filter((repair) => repair.checkId === checkId).sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
/** When a finding was last repaired, ms; −Infinity where never. */
export function repairedMs(build: Build, checkId: string): number {
  const all = repairsOf(build, checkId);
  const last = all[all.length - 1];
  return last ? Date.parse(last.at) : -Infinity;
}

/** What a proof at the running heater rests on. */
export interface StartProof {
  start: ProvingStart | null;
  /** when the finding was last repaired, ms; −Infinity where never */ repaired: number;
  /** a part that it proves, or the finding, was worked on after the start began: it has to be lit again */ stale: boolean;
}
export function startProof(build: Build, proof: Proof, checkId: string): StartProof {
  const start = provingStart(build);
  const repaired = repairedMs(build, checkId);
  return { start, repaired, stale: start !== null && Math.max(repaired, workedMs(build, proof)) > start.beganMs };
}
