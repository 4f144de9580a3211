import type { Build } from '../build/Build';
import { airCalls } from './airCalls';
import { levels, momentIds, stageIds, type Call, type Judge, type Level, type StageId } from './Call';
import { fuelCalls } from './fuelCalls';
import { lineCalls } from './lineCalls';
import { tankCalls } from './tankCalls';
import { primingCalls } from './primingCalls';
import { kitCalls } from './kitCalls';
import { sitingCalls } from './sitingCalls';
import { provingCalls } from './provingCalls';
import { makeReader, NotMeasured, type Figures, type Trail } from './reader';
import { signoffCalls } from './signoffCalls';
import { startupCalls } from './startupCalls';
import { surveyCalls } from './surveyCalls';
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
  ...provingCalls,
];
export const judges: readonly Judge[] = [...stageJudges, ...signoffCalls];

function call(judge: Judge, build: Build, others: readonly Call[], known: Figures): Call {
  const trail: Trail = { inputs: [], rules: [] };
  const { id, stage, moment, part, source } = judge;
  // Written out and not spread: a bay of builds is judged by the thousand.
  const made = (level: Level, says: string, why: string, todo: string, missing: string[], waived: Call['waived']): Call => ({
    id,
    stage,
    moment,
    part,
    level,
    says,
    why,
    todo,
    source,
    rules: trail.rules,
    inputs: trail.inputs,
    missing,
    waived,
  });
  try {
    const { level, says, why = judge.why, todo = judge.todo } = judge.judge(makeReader(build, trail, others, known));
    const waiver = level === 'fix' ? build.waivers.find((w) => w.callId === id && w.says === says) : undefined;
    return made(level, says, why, level === 'sound' ? '' : todo, [], waiver ? { reason: waiver.reason, by: waiver.by } : null);
  } catch (error) {
    if (!(error instanceof NotMeasured)) throw error;
    const missing = [...new Set(error.labels)];
    const says = `Can’t be judged yet: ${missing.join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing.`;
    return made('open', says, judge.why, 'Measure it and enter it.', missing, null);
  }
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
