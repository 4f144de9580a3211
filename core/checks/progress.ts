import { buildHash } from '../build/buildHash';
import { holdPointIds, stageIds, type HoldPoint, type StageId } from '../build/stages';
import type { Build } from '../build/Build';
import { fieldAt, figureAt, figurePaths, type FigurePath } from '../build/sheets';
import { isSuperseded } from '../model/superseded';
import { assess } from './assess';
import { countedLevel, levels, type Finding, type Level } from './Finding';

/** Worst level among findings, a waived one counting as watch; null for none. */
export function worstLevel(findings: readonly Finding[]): Level | null {
  const found = findings.map(countedLevel);
  return levels.find((level) => found.includes(level)) ?? null;
}

/** A finding that the work waits for: dangerous, broken, not measured, or sound only on assumed figures. */
export const isStanding = (c: Finding): boolean => ['stop', 'fix', 'open'].includes(countedLevel(c));

/** The next step that can't be undone: the first whose hold point nobody has released, then hand-over; null once it is signed. */
export function nextHoldPoint(build: Build): HoldPoint | null {
  const ahead = holdPointIds.find(
    (holdPoint) => holdPoint !== 'handover' && !build.releases?.some((release) => release.holdPoint === holdPoint),
  );
  return ahead ?? (signState(build) === 'signed' ? null : 'handover');
}

/** A stage is proven when every one of its findings holds and every figure of its sheet is entered as fitted. */
export function isProven(build: Build, findings: readonly Finding[], stage: StageId): boolean {
  if (stage === 'signoff') return signState(build) === 'signed';
  const fitted = figurePaths
    .filter((path) => path.startsWith(`${stage}.`) && !isSuperseded(build, path))
    .every((path) => isFitted(build, path));
  return fitted && findings.filter((c) => c.stage === stage).every((c) => !isStanding(c));
}

function isFitted(build: Build, path: FigurePath): boolean {
  const { planned, fitted } = figureAt(build.sheets, path);
  const { given, optional } = fieldAt(path);
  return given ? planned !== null || optional === true : fitted !== null || planned === null;
}

/** How far the dipstick is wetted: stages proven from the first on, without a gap. */
export function wettedStages(build: Build, findings: readonly Finding[] = assess(build)): number {
  const dry = stageIds.findIndex((stage) => !isProven(build, findings, stage));
  return dry === -1 ? stageIds.length : dry;
}

/** Whether the last signature was taken back. */
export function isWithdrawn({ signatures, withdrawals }: Build): boolean {
  const last = signatures[signatures.length - 1];
  return last !== undefined && withdrawals?.some(({ signedAt }) => signedAt === last.at) === true;
}

/** Unsigned, signed as it stands, or corrected after it was signed. */
export function signState(build: Build): 'unsigned' | 'signed' | 'corrected' {
  const whole = build.signatures.filter(({ buildHash: over }) => isWholeSigned(build, over));
  if (whole.length === 0) return 'unsigned';
  const now = buildHash(build);
  return whole.some(({ buildHash: over }) => over === now) ? 'signed' : 'corrected';
}

/** Whether as many different people signed that state of a build as had to. */
function isWholeSigned({ signatures }: Build, over: string): boolean {
  const there = signatures.filter((one) => one.buildHash === over);
  return new Set(there.map(({ by }) => by)).size >= Math.max(...there.map(({ of }) => of ?? 1));
}

/** Who has signed a build as it stands, where it waits for a second person; null else. */
export function halfSignedBy(build: Build): string | null {
  if (build.signatures.length === 0) return null;
  const now = buildHash(build);
  const last = build.signatures.findLast((one) => one.buildHash === now);
  return last && !isWholeSigned(build, now) ? last.by : null;
}
