import type { Build } from '../build/Build';
import { inKind } from '../wording/kindWords';
import { airCalls } from './airCalls';
import { levels, momentIds, stageIds, type Call, type Judge, type Level, type StageId, type Verdict } from './Call';
import { fuelCalls } from './fuelCalls';
import { lineCalls } from './lineCalls';
import { tankCalls } from './tankCalls';
import { primingCalls } from './primingCalls';
import { kitCalls } from './kitCalls';
import { sitingCalls } from './sitingCalls';
import { provingCalls } from './provingCalls';
import { makeReader, NotMeasured, type Figures, type Trail } from '../reading/reader';
import { signoffCalls } from './signoffCalls';
import { hotSpotCalls } from './hotSpotCalls';
import { startupCalls } from './startupCalls';
import { surveyCalls } from './surveyCalls';
import { whateverItIs } from './whatever';
import { wiringCalls } from './wiringCalls';

const stageJudges: readonly Judge[] = [
  ...surveyCalls,
  ...kitCalls,
  ...sitingCalls,
  ...tankCalls,
  ...fuelCalls,
  ...lineCalls,
  ...airCalls,
  ...wiringCalls,
  ...primingCalls,
  ...startupCalls,
  ...hotSpotCalls,
  ...provingCalls,
];
export const judges: readonly Judge[] = [...stageJudges, ...signoffCalls];

function call(judge: Judge, build: Build, others: readonly Call[], known: Figures): Call {
  const trail: Trail = { inputs: [], rules: [] };
  const { id, stage, moment, part, source } = judge;
  // Written out and not spread: a bay of builds is judged by the thousand.
  const said = (sentence: string) => inKind(sentence, build.identity.kind);
  const made = (level: Level, says: string, why: string, todo: string, missing: string[], waived: Call['waived']): Call => ({
    id,
    stage,
    moment,
    part,
    level,
    says: said(says),
    why: said(why),
    todo: said(todo),
    source,
    rules: trail.rules,
    inputs: trail.inputs,
    missing,
    waived,
  });
  const decided = ({ level, says, why = judge.why, todo = judge.todo }: Verdict): Call => {
    const waiver = level === 'fix' ? build.waivers.find((w) => w.callId === id && w.says === said(says)) : undefined;
    return made(level, says, why, level === 'sound' ? '' : todo, [], waiver ? { reason: waiver.reason, by: waiver.by } : null);
  };
  try {
    return decided(judge.judge(makeReader(build, trail, others, known)));
  } catch (error) {
    if (!(error instanceof NotMeasured)) throw error;
    // A fault that stands whatever the one unknown figure may be is known all the same.
    const [path] = error.paths;
    const only = path !== undefined && error.paths.every((one) => one === path) && error.paths.length === error.labels.length;
    const sure = only ? whateverItIs(judge, build, path, trail, (supposed, own) => makeReader(supposed, own, others)) : null;
    if (sure) return decided(sure);
    const missing = [...new Set(error.labels)];
    const says = `Can’t be judged yet; missing: ${missing.join(', ')}.`;
    return made('open', says, judge.why, 'Measure it and enter it.', missing, null);
  }
}

/** Whether a finding is cleared by a recorded repair and a new proof. */
export const isAnswered = (id: string): boolean => stageJudges.some((judge) => judge.id === id && judge.answered === true);

/** One call alone, judged without the others; null where there is none of that id, or it is the sign-off's. */
export function assessOne(build: Build, id: string): Call | null {
  const judge = stageJudges.find((one) => one.id === id);
  return judge ? call(judge, build, [], new Map()) : null;
}

/** The calls of one stage alone, unsorted. */
export function assessStage(build: Build, stage: StageId): Call[] {
  const known: Figures = new Map();
  return stageJudges.filter((judge) => judge.stage === stage).map((judge) => call(judge, build, [], known));
}

/**
 * Every call on a build, by stage, then moment, then worst level first. The same in the browser, on the server,
 * in the command line and in the certificate. The schools are those kept in the build.
 */
export function assess(build: Build): Call[] {
  const known: Figures = new Map();
  const first = stageJudges.map((judge) => call(judge, build, [], known));
  const all = signoffCalls.reduce<Call[]>((done, judge) => [...done, call(judge, build, done, known)], first);
  const rank = (c: Call) =>
    stageIds.indexOf(c.stage) * 1000 + momentIds.indexOf(c.moment) * 100 + (c.waived ? 3 : levels.indexOf(c.level)) * 10;
  return all
    .map((c, i) => ({ c, key: rank(c) + i / 100 }))
    .sort((a, b) => a.key - b.key)
    .map(({ c }) => c);
}
