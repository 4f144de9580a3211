import type { Build, StartRun } from '../build/Build';

/** Starts of the heater in its place; a dry run on the bench proves the unit and says nothing of how it is fitted. */
export const fittedStarts = (build: Build): StartRun[] => build.starts.filter((run) => !run.bench);
/** Dry runs on the bench. */
export const benchStarts = (build: Build): StartRun[] => build.starts.filter((run) => run.bench);
