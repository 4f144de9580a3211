import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import type { Finding } from '../../checks/Finding';

/** What is done before the fuse goes in, in its order. Common practice, no source. */
export const powerSteps = ['fuseOut', 'joined', 'labelled', 'polarity', 'guarded', 'released', 'fuseIn'] as const;
export type PowerStepId = (typeof powerSteps)[number];
/** By which checks a step is known to be done. */
const byChecks: Partial<Record<PowerStepId, readonly string[]>> = {
  joined: ['wiring.joints', 'wiring.earth', 'wiring.route'],
  polarity: ['wiring.polarity'],
  guarded: ['wiring.fuse.rating', 'wiring.fuse.place', 'wiring.cable.ampacity', 'wiring.short'],
};
export interface PowerStep {
  id: PowerStepId;
  /** null where nothing that is entered tells it */ done: boolean | null;
}

/** The steps before power, and how far they are done. */
export function powerStepsOf(build: Build, findings: readonly Finding[]): PowerStep[] {
  const sound = (id: string) => {
    const level = findings.find((one) => one.id === id)?.level;
    return level === 'sound' || level === 'watch';
  };
  const released = build.releases?.some(({ holdPoint }) => holdPoint === 'power') ?? false;
  const wires = rowsOf(build.lists, 'cables');
  return powerSteps.map((id) => {
    const checks = byChecks[id];
    if (checks) return { id, done: checks.every(sound) };
    if (id === 'labelled') return { id, done: wires.length > 0 ? wires.every(({ labelled }) => labelled === 'yes') : null };
    return { id, done: id === 'released' ? released : null };
  });
}
