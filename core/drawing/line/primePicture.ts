import type { Build } from '../../build/Build';
import { drawnFrom } from '../../figures/readerOf';
import { chambersToFill } from '../../model/priming/fillChambers';
import { primeWays, type PrimeWays } from '../../model/priming/primeWays';
import { looksAlong, type LineLook } from '../../physics/fuel/looksAlong';
import { ruleFor } from '../../practices/ruleFor';

/** Where the fuel is to be seen next while a line is primed; none where the line is not known. */
export function looksOf(build: Build): LineLook[] {
  const looks = drawnFrom(build, (read) => looksAlong(chambersToFill(read), read.derived('fuel.doseMl')));
  return 'missing' in looks ? [] : looks;
}
export function waysOf(build: Build): PrimeWays | null {
  const ways = drawnFrom(build, primeWays);
  return 'missing' in ways ? null : ways;
}
/** How long a pump may run dry on end, and how long it then rests, ms. */
export const restsOf = (build: Build): { onEndMs: number; restMs: number } => ({
  onEndMs: ruleFor('dryOnEndMin', build.practices, build.maker).value * 60_000,
  restMs: ruleFor('pumpRestMin', build.practices, build.maker).value * 60_000,
});

export interface NextLook {
  look: LineLook;
  /** strokes still to go, 0 once it is expected */ toGo: number;
  /** it should have come by now: the pump is to be stopped if nothing moves there */ overdue: boolean;
}
/** The next place to look at: the first that nobody has seen reached. @param seen places seen so far */
export function nextLookOf(looks: readonly LineLook[], seen: number, strokes: number): NextLook | null {
  const look = looks[seen];
  return look ? { look, toGo: Math.max(0, look.expected - strokes), overdue: strokes >= look.high } : null;
}
