import type { Build, StartRun } from '../../build/Build';
import type { Departure } from '../../physics/start/departures';
import { keptStart } from './keptStart';
import { liveStart } from './liveStart';
import { rehearsed } from './rehearsed';

/** Where a start that was kept left the course that its build should show; nothing where that rests on anything assumed. @param run with its readings */
export function departed({ build, run }: { build: Build; run: StartRun }): Departure[] {
  const expected = rehearsed(build);
  if (!('course' in expected) || expected.assumed || run.dryRun) return [];
  return liveStart(keptStart(run), expected.course)?.departures ?? [];
}
