import type { Build } from '../../core/build/Build';
import { nextHoldPoint } from '../../core/checks/progress';
import { nextMeasurements } from '../../core/measure/nextMeasurements';
import { walkRound } from '../../core/measure/walkRound';
import { writeWalkPdf } from '../../formats/walkPdf';

export interface WalkTask {
  kind: 'walk';
  build: Build;
  /** all of it, not what is wanted at the next hold point */ all: boolean;
  how: Parameters<typeof writeWalkPdf>[2];
}

/** The walk-round on paper: what is wanted at the next hold point, or all of it. */
export async function walkTask({ build, all, how }: WalkTask): Promise<Uint8Array> {
  const upTo = all ? undefined : (nextHoldPoint(build) ?? 'handover');
  return writeWalkPdf(build, walkRound(nextMeasurements(build), upTo), how);
}
