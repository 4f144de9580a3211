import type { Build, StartRun } from '../../build/Build';
import { firstAt } from '../../build/startFacts';

/** Starts of the heater in its place; a dry run on the bench proves the unit and says nothing of how it is fitted. */
export const fittedStarts = (build: Pick<Build, 'starts'>): StartRun[] => build.starts.filter((run) => !run.dryRun);
/** Dry runs on the bench. */
export const dryRuns = (build: Build): StartRun[] => build.starts.filter((run) => run.dryRun);

/** A start on which a proof can rest: it reached full output in its place. Times in ms of the clock. */
export interface ProvingStart {
  run: StartRun;
  /** 1 for the first fitted start */ number: number;
  beganMs: number;
  fullMs: number;
  /** when it was off and its fan had stopped; null where that was not seen */ endMs: number | null;
}

function asProving(run: StartRun, i: number): ProvingStart | null {
  const at = firstAt(run);
  if (at.full === undefined) return null;
  const beganMs = Date.parse(run.at);
  const endS = at.end ?? at.cut;
  return {
    run,
    number: i + 1,
    beganMs,
    fullMs: beganMs + at.full * 1000,
    endMs: endS === undefined ? null : beganMs + endS * 1000,
  };
}
/** Fitted starts that reached full output, oldest first. */
export const provingStarts = (build: Build): ProvingStart[] =>
  fittedStarts(build)
    .map(asProving)
    .filter((start) => start !== null);
/** The last fitted start that reached full output: only what was read during or after it proves anything. */
export function provingStart(build: Build): ProvingStart | null {
  const starts = fittedStarts(build);
  for (let i = starts.length - 1; i >= 0; i -= 1) {
    const run = starts[i];
    const proving = run && asProving(run, i);
    if (proving) return proving;
  }
  return null;
}

/** A start that was given up without a flame. */
export function hasFailed(run: StartRun): boolean {
  const at = firstAt(run);
  return at.flame === undefined && at.full === undefined && (at.off ?? at.end ?? at.cut) !== undefined;
}

/** Starts given up without a flame, one after the other, since the last that lit or was answered by a repair. */
export function failedInARow(build: Build): number {
  const answered = (build.repairs ?? []).filter(({ checkId }) => checkId === 'priming.lockout').map(({ at }) => Date.parse(at));
  const repairedMs = Math.max(-Infinity, ...answered);
  let failed = 0;
  for (const run of fittedStarts(build)) {
    if (!hasFailed(run)) failed = firstAt(run).flame === undefined ? failed : 0;
    else if (Date.parse(run.at) >= repairedMs) failed += 1;
  }
  return failed;
}
