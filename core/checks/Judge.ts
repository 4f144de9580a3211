import type { Build } from '../build/Build';
import { figures } from '../figures/figures';
import { NotMeasured } from '../reading/NotMeasured';
import type { Trail } from '../reading/Reader';
import { noRests, Rests } from '../reading/Rests';
import { TrailReader, type Known } from '../reading/TrailReader';
import { stageChecks } from './allChecks';
import type { Check } from './Check';
import type { Finding, Verdict } from './Finding';
import { holdsForAnyValue } from './holdsForAnyValue';

/** What one check makes of a build, before anybody's waiver. */
export function examine(check: Check, build: Build, others: readonly Finding[], known: Known, rests = noRests): Finding {
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

/** What a check found, and what of the build it rests on. */
export interface Judged {
  finding: Finding;
  rests: Rests;
}

/** Judges one build after the other, each check anew only where something changed that its finding rests on. */
export class Judge {
  private before: Build | null = null;
  /** What was computed of the build that was judged last. */
  readonly known: Known = new Map();
  private readonly found = new Map<string, Judged>();

  judge(build: Build): ReadonlyMap<string, Judged> {
    const { before } = this;
    const fresh = before === null || before.identity.kind !== build.identity.kind;
    const holds = (rests: Rests) => !fresh && (before === build || rests.holdFor(before, build));
    for (const [key, { rests }] of this.known) if (!holds(rests)) this.known.delete(key);
    for (const check of stageChecks) {
      const kept = this.found.get(check.id);
      if (kept && holds(kept.rests)) continue;
      const rests = new Rests();
      this.found.set(check.id, { finding: examine(check, build, [], this.known, rests), rests });
    }
    this.before = build;
    return this.found;
  }
}
