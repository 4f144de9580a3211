import type { Build } from '../build/Build';
import { holdPointIds, stageIds, type StageId } from '../build/stages';
import { figures } from '../figures/figures';
import { NotMeasured } from '../reading/NotMeasured';
import type { Trail } from '../reading/Reader';
import { noRests, Rests } from '../reading/Rests';
import { TrailReader, type Known } from '../reading/TrailReader';
import { lastChecks, stageChecks } from './allChecks';
import type { Check } from './Check';
import { levels, type Finding, type Verdict } from './Finding';
import { holdsForAnyValue } from './holdsForAnyValue';
import { waives } from './waives';

/** What one check makes of a build, before anybody's waiver. */
function examine(check: Check, build: Build, others: readonly Finding[], known: Known, rests = noRests): Finding {
  const trail: Trail = { inputs: [], rules: [] };
  // Written out and not spread: a bay of builds is checked by the thousand.
  const found = (
    level: Finding['level'],
    code: string,
    values: Finding['values'],
    needs: Finding['needs'],
    supposed?: Finding['supposed'],
  ): Finding => ({
    id: check.id,
    stage: check.stage,
    holdPoint: check.holdPoint,
    part: check.part,
    level,
    code,
    values,
    needs,
    ...(supposed ? { supposed } : {}),
    kind: build.identity.kind,
    source: check.source,
    rules: trail.rules,
    inputs: trail.inputs,
    waived: null,
  });
  const decided = ({ level, code, values }: Verdict, supposed?: Finding['supposed']) => found(level, code, values, [], supposed);
  try {
    return decided(check.assess(new TrailReader(build, trail, figures, known, rests), others));
  } catch (error) {
    if (!(error instanceof NotMeasured)) throw error;
    // A fault that stands whatever the one unknown figure may be is known all the same.
    const [path] = error.needs.map((need) => need.path);
    const only = path !== undefined && error.needs.every((need) => need.path === path);
    const sure = only
      ? holdsForAnyValue(check, build, path, trail, (supposed, own) => new TrailReader(supposed, own, figures, new Map(), rests))
      : null;
    if (sure) return decided(sure.verdict, sure.supposed);
    const needs = error.needs.filter((need, i) => error.needs.findIndex(({ what }) => what === need.what) === i);
    return found('open', 'missing', {}, needs);
  }
}

function withWaiver(build: Build, finding: Finding): Finding {
  const waiver = finding.level === 'fix' ? build.waivers.find((one) => waives(one, finding)) : undefined;
  return waiver ? { ...finding, waived: { reason: waiver.reason, by: waiver.by } } : finding;
}

const rank = (c: Finding): number =>
  stageIds.indexOf(c.stage) * 1000 + holdPointIds.indexOf(c.holdPoint) * 100 + (c.waived ? 3 : levels.indexOf(c.level)) * 10;
const sorted = (all: readonly Finding[]): Finding[] =>
  all
    .map((c, i) => ({ c, key: rank(c) + i / 100 }))
    .sort((a, b) => a.key - b.key)
    .map(({ c }) => c);

/** One check alone; null where there is none of that id, or it is one that rests on all the others. */
export function assessOne(build: Build, id: string): Finding | null {
  const check = stageChecks.find((one) => one.id === id);
  return check ? withWaiver(build, examine(check, build, [], new Map())) : null;
}

/** The findings of one stage alone, unsorted. */
export function assessStage(build: Build, stage: StageId): Finding[] {
  const known: Known = new Map();
  return stageChecks.filter((check) => check.stage === stage).map((check) => withWaiver(build, examine(check, build, [], known)));
}

/** Judges one build after the other, and anew only where something changed that a finding rests on. */
export class Assessor {
  private before: Build | null = null;
  private readonly known: Known = new Map();
  private readonly found = new Map<string, { finding: Finding; rests: Rests }>();

  /** @returns every finding on a build, by stage, then hold point, then worst level first */
  assess(build: Build): Finding[] {
    const { before } = this;
    const fresh = before === null || before.identity.kind !== build.identity.kind;
    const holds = (rests: Rests) => !fresh && (before === build || rests.holdFor(before, build));
    for (const [key, { rests }] of this.known) if (!holds(rests)) this.known.delete(key);
    const first = stageChecks.map((check) => {
      let kept = this.found.get(check.id);
      if (!kept || !holds(kept.rests)) {
        const rests = new Rests();
        kept = { finding: examine(check, build, [], this.known, rests), rests };
        this.found.set(check.id, kept);
      }
      return withWaiver(build, kept.finding);
    });
    this.before = build;
    return sorted(
      lastChecks.reduce<Finding[]>((done, check) => [...done, withWaiver(build, examine(check, build, done, this.known))], first),
    );
  }
}

/**
 * Every finding on a build, by stage, then hold point, then worst level first. The same in the browser, on the server,
 * in the command line and in the certificate. The practices are those kept in the build.
 */
export function assess(build: Build): Finding[] {
  const known: Known = new Map();
  const checked = (check: Check, others: readonly Finding[]) => withWaiver(build, examine(check, build, others, known));
  const first = stageChecks.map((check) => checked(check, []));
  return sorted(lastChecks.reduce<Finding[]>((done, check) => [...done, checked(check, done)], first));
}
