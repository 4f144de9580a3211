import type { Build } from '../build/Build';
import { figureAt } from '../build/sheets';
import { takeAssumed } from '../build/takeAssumed';
import { holdPointIds, stageIds, type StageId } from '../build/stages';
import { Rests } from '../reading/Rests';
import type { Known } from '../reading/TrailReader';
import { lastChecks, stageChecks } from './allChecks';
import type { Check } from './Check';
import { levels, type Finding } from './Finding';
import { examine, Judge } from './Judge';
import { waives } from './waives';

/** Nobody accepts what was not measured: a finding on assumed figures has no waiver. */
function withWaiver(build: Build, finding: Finding): Finding {
  const waiver = finding.level === 'fix' && !finding.assumed ? build.waivers.find((one) => waives(one, finding)) : undefined;
  return waiver ? { ...finding, waived: { reason: waiver.reason, by: waiver.by } } : finding;
}

const rank = (c: Finding): number =>
  stageIds.indexOf(c.stage) * 1000 + holdPointIds.indexOf(c.holdPoint) * 100 + (c.waived ? 3 : levels.indexOf(c.level)) * 10;
const sorted = (all: readonly Finding[]): Finding[] =>
  all
    .map((c, i) => ({ c, key: rank(c) + i / 100 }))
    .sort((a, b) => a.key - b.key)
    .map(({ c }) => c);

/** A finding with what it rests on that is only assumed. @param taken the build it was made of, assumptions taken */
function restingOn(taken: Build, finding: Finding, rests: Rests): Finding {
  const { figures: paths, lists } = rests.assumedIn(taken);
  if (paths.length + lists.length === 0) return finding;
  const inputs = paths.map((path) => ({ path, value: figureAt(taken.sheets, path).planned as number | string }));
  return { ...finding, assumed: [...inputs, ...lists.map((list) => ({ list }))] };
}

/**
 * What is known goes before what is assumed: a fault that stands on known figures alone is told as known, and nothing assumed makes it
 * milder; where nothing can be told without assumptions, or they make it worse, it is told with them.
 */
function knownOrAssumed(known: Finding, supposed: Finding): Finding {
  if (known.level === 'open' && supposed.level === 'open') {
    // What not even an assumption stands for comes first; all else has to be measured as well.
    const needs = [...supposed.needs, ...known.needs];
    return { ...known, needs: needs.filter((need, i) => needs.findIndex(({ what }) => what === need.what) === i) };
  }
  if (!supposed.assumed || supposed.level === 'open') return known;
  if (known.level === 'open') return supposed;
  const { level, code, values } = known;
  if (levels.indexOf(supposed.level) >= levels.indexOf(level)) return known;
  return level === 'fix' ? { ...supposed, knownAlready: { level, code, values } } : supposed;
}

/** One check on known figures, and where something is assumed on these as well. */
function judge(check: Check, build: Build, known: Known, supposedKnown: Known): Finding {
  const finding = examine(check, build, [], known);
  if (!build.assumed) return finding;
  const taken = takeAssumed(build);
  const rests = new Rests();
  return knownOrAssumed(finding, restingOn(taken, examine(check, taken, [], supposedKnown, rests), rests));
}

/** One check alone; null where there is none of that id, or it is one that rests on all the others. */
export function assessOne(build: Build, id: string): Finding | null {
  const check = stageChecks.find((one) => one.id === id);
  return check ? withWaiver(build, judge(check, build, new Map(), new Map())) : null;
}

/** Findings of every check but those of the sign-off, or of one stage alone, unsorted. */
function judgeAll(build: Build, checks: readonly Check[]): Finding[] {
  const [known, supposed]: Known[] = [new Map(), new Map()];
  return checks.map((check) => withWaiver(build, judge(check, build, known as Known, supposed as Known)));
}

/** The findings of one stage alone, unsorted. */
export const assessStage = (build: Build, stage: StageId): Finding[] =>
  judgeAll(
    build,
    stageChecks.filter((check) => check.stage === stage),
  );

/** What is asked last, over all other findings. */
function withLast(build: Build, first: readonly Finding[]): Finding[] {
  const known: Known = new Map();
  return sorted(
    lastChecks.reduce<Finding[]>((done, check) => [...done, withWaiver(build, examine(check, build, done, known))], [...first]),
  );
}

/** Judges one build after the other, and anew only where something changed that a finding rests on. */
export class Assessor {
  private readonly known = new Judge();
  private readonly supposed = new Judge();

  /** @returns every finding on a build, by stage, then hold point, then worst level first */
  assess(build: Build): Finding[] {
    const known = this.known.judge(build);
    const taken = takeAssumed(build);
    const supposed = build.assumed ? this.supposed.judge(taken) : null;
    const first = stageChecks.map(({ id }) => {
      const { finding } = known.get(id) as { finding: Finding };
      const other = supposed?.get(id);
      return withWaiver(build, other ? knownOrAssumed(finding, restingOn(taken, other.finding, other.rests)) : finding);
    });
    return withLast(build, first);
  }
}

/**
 * Every finding on a build, by stage, then hold point, then worst level first. The same in the browser, on the server,
 * in the command line and in the certificate. The practices are those kept in the build.
 */
export const assess = (build: Build): Finding[] => withLast(build, judgeAll(build, stageChecks));
