import type { Build } from '../build/Build';
import { inKind } from '../wording/kindWords';
import { airChecks } from './airCalls';
import { levels, holdPointIds, stageIds, type Finding, type Check, type Level, type StageId, type Verdict } from './Finding';
import { fuelChecks } from './fuelCalls';
import { lineChecks } from './lineCalls';
import { tankChecks } from './tankCalls';
import { primingChecks } from './primingCalls';
import { kitChecks } from './kitCalls';
import { sitingChecks } from './sitingCalls';
import { provingChecks } from './provingCalls';
import { makeReader, NotMeasured, type Figures, type Trail } from '../reading/reader';
import { signoffChecks } from './signoffCalls';
import { hotSpotChecks } from './hotSpotCalls';
import { startupChecks } from './startupCalls';
import { surveyChecks } from './surveyCalls';
import { holdsForAnyValue } from './holdsForAnyValue';
import { wiringChecks } from './wiringCalls';

const stageChecks: readonly Check[] = [
  ...surveyChecks,
  ...kitChecks,
  ...sitingChecks,
  ...tankChecks,
  ...fuelChecks,
  ...lineChecks,
  ...airChecks,
  ...wiringChecks,
  ...primingChecks,
  ...startupChecks,
  ...hotSpotChecks,
  ...provingChecks,
];
export const checks: readonly Check[] = [...stageChecks, ...signoffChecks];

function finding(check: Check, build: Build, others: readonly Finding[], known: Figures): Finding {
  const trail: Trail = { inputs: [], rules: [] };
  const { id, stage, holdPoint, part, source } = check;
  // Written out and not spread: a bay of builds is judged by the thousand.
  const said = (sentence: string) => inKind(sentence, build.identity.kind);
  const made = (
    level: Level,
    message: string,
    why: string,
    remedy: string,
    missing: string[],
    waived: Finding['waived'],
  ): Finding => ({
    id,
    stage,
    holdPoint,
    part,
    level,
    message: said(message),
    why: said(why),
    remedy: said(remedy),
    source,
    rules: trail.rules,
    inputs: trail.inputs,
    missing,
    waived,
  });
  const decided = ({ level, message, why = check.why, remedy = check.remedy }: Verdict): Finding => {
    const waiver = level === 'fix' ? build.waivers.find((w) => w.checkId === id && w.message === said(message)) : undefined;
    return made(
      level,
      message,
      why,
      level === 'sound' ? '' : remedy,
      [],
      waiver ? { reason: waiver.reason, by: waiver.by } : null,
    );
  };
  try {
    return decided(check.check(makeReader(build, trail, others, known)));
  } catch (error) {
    if (!(error instanceof NotMeasured)) throw error;
    // A fault that stands whatever the one unknown figure may be is known all the same.
    const [path] = error.paths;
    const only = path !== undefined && error.paths.every((one) => one === path) && error.paths.length === error.labels.length;
    const sure = only ? holdsForAnyValue(check, build, path, trail, (supposed, own) => makeReader(supposed, own, others)) : null;
    if (sure) return decided(sure);
    const missing = [...new Set(error.labels)];
    const message = `Can’t be judged yet; missing: ${missing.join(', ')}.`;
    return made('open', message, check.why, 'Measure it and enter it.', missing, null);
  }
}

/** Whether a finding is cleared by a recorded repair and a new proof. */
export const isAnswered = (id: string): boolean => stageChecks.some((check) => check.id === id && check.answered === true);

/** One call alone, judged without the others; null where there is none of that id, or it is the sign-off's. */
export function assessOne(build: Build, id: string): Finding | null {
  const check = stageChecks.find((one) => one.id === id);
  return check ? finding(check, build, [], new Map()) : null;
}

/** The calls of one stage alone, unsorted. */
export function assessStage(build: Build, stage: StageId): Finding[] {
  const known: Figures = new Map();
  return stageChecks.filter((check) => check.stage === stage).map((check) => finding(check, build, [], known));
}

/**
 * Every call on a build, by stage, then moment, then worst level first. The same in the browser, on the server,
 * in the command line and in the certificate. The schools are those kept in the build.
 */
export function assess(build: Build): Finding[] {
  const known: Figures = new Map();
  const first = stageChecks.map((check) => finding(check, build, [], known));
  const all = signoffChecks.reduce<Finding[]>((done, check) => [...done, finding(check, build, done, known)], first);
  const rank = (c: Finding) =>
    stageIds.indexOf(c.stage) * 1000 + holdPointIds.indexOf(c.holdPoint) * 100 + (c.waived ? 3 : levels.indexOf(c.level)) * 10;
  return all
    .map((c, i) => ({ c, key: rank(c) + i / 100 }))
    .sort((a, b) => a.key - b.key)
    .map(({ c }) => c);
}
