import type { Build, QuantityId, StartEventKind, StartFacts, StartRun } from '../../build/Build';
import { firstAt, flameEndS, fullEndS } from '../../build/startFacts';
import type { LimitKey } from '../../practices/limits';
import { ruleFor } from '../../practices/ruleFor';
import { hotFromMin } from '../proving/hotProof';
import { isOfExhaust, isOfLine } from './sightProof';

/** What is read in a start, in the order of the test. */
export const planSteps = [
  'restV',
  'on',
  'glow',
  'glowV',
  'glowA',
  'flame',
  'full',
  'fullV',
  'fullA',
  'outlet',
  'return',
  'exhaust',
  'line',
  'hot',
  'low',
  'noise',
  'off',
  'end',
] as const;
export type PlanStepId = (typeof planSteps)[number];
export interface PlanStep {
  id: PlanStepId;
  /** from when on it is due, s on the log’s clock; null where it hangs on something that has not happened */ fromS:
    number | null;
  /** done; to be done now; later; or the start is over without it */ state: 'done' | 'now' | 'later' | 'missed';
}
/** A plug is read once it is warm, and full output once it is steady, s. Common practice, no source. */
const [warmPlugS, steadyS] = [20, 300];
/** s before it is read at its lowest rate. Lorbet’s own choice, no source. */
const settlesS = 300;

interface Wanted {
  id: PlanStepId;
  fromS: number | null;
  /** s after which it can be read no more */ untilS: number | null;
  done: boolean;
}

/**
 * The plan of a start: which reading, from when on, and what is still wanted of it.
 * @param nowS seconds on the log’s clock; Infinity where it is over
 * @source common practice, no source; times are Lorbet's own choice
 */
export function testPlan(build: Build, run: StartRun, nowS: number): PlanStep[] {
  const at = firstAt(run);
  const beganMs = Date.parse(run.at);
  const over = at.end !== undefined || at.cut !== undefined;
  const offS = flameEndS(at) ?? null;
  const after = (s: number | undefined, more: number) => (s === undefined ? null : s + more);
  const read = (quantity: QuantityId, fromS: number | null, toS: number | null) =>
    fromS !== null &&
    (run.log
      ? readInLog(run, quantity)
      : run.readings.some((one) => one.quantity === quantity && one.atS >= fromS && one.atS <= (toS ?? Infinity)));
  const within = (iso: string, fromS: number | null) => {
    const s = (Date.parse(iso) - beganMs) / 1000;
    return fromS !== null && s >= fromS && s <= (at.end ?? Infinity) + 300;
  };
  const limitOf = (key: LimitKey) => ruleFor(key, build.practices, build.maker).value;
  const burnInS = limitOf('burnInMin') * 60;
  const smokeFromS = after(at.flame, limitOf('smokeMaxMin') * 60);
  const lookFromS = smokeFromS === null || at.full === undefined ? null : Math.max(smokeFromS, at.full);
  const lowFromS = after(at.full, burnInS);
  const hotFromS = after(at.full, hotFromMin * 60);
  const event = (id: StartEventKind & PlanStepId, fromS: number | null): Wanted => ({
    id,
    fromS,
    untilS: null,
    done: at[id] !== undefined,
  });
  const value = (
    id: PlanStepId,
    quantity: QuantityId,
    fromS: number | null,
    untilS: number | null,
    readFromS = fromS,
  ): Wanted => ({
    id,
    fromS,
    untilS,
    done: read(quantity, readFromS, untilS),
  });
  const fullUntilS = fullEndS(at) ?? null;
  const flameS = at.flame ?? offS;
  const wanted: Wanted[] = [
    value('restV', 'volts', 0, at.on ?? null),
    event('on', 0),
    event('glow', after(at.on, 0)),
    value('glowV', 'volts', after(at.glow, warmPlugS), flameS, after(at.glow, 0)),
    value('glowA', 'amps', after(at.glow, warmPlugS), flameS, after(at.glow, 0)),
    event('flame', after(at.glow, 0)),
    event('full', after(at.flame, 0)),
    value('fullV', 'volts', after(at.full, steadyS), fullUntilS, after(at.full, 0)),
    value('fullA', 'amps', after(at.full, steadyS), fullUntilS, after(at.full, 0)),
    value('outlet', 'outletC', after(at.full, steadyS), fullUntilS, after(at.full, 0)),
    value('return', 'returnC', after(at.full, steadyS), fullUntilS, after(at.full, 0)),
    {
      id: 'exhaust',
      fromS: lookFromS,
      untilS: fullUntilS,
      done: (build.sights ?? []).some((one) => isOfExhaust(one) && within(one.at, lookFromS)),
    },
    {
      id: 'line',
      fromS: after(at.full, 0),
      untilS: fullUntilS,
      done: (build.sights ?? []).some((one) => isOfLine(one) && within(one.at, after(at.full, 0))),
    },
    {
      id: 'hot',
      fromS: hotFromS,
      untilS: null,
      done: (build.hotLooks ?? []).some((one) => within(one.at, hotFromS)),
    },
    { id: 'low', fromS: lowFromS, untilS: offS, done: at.low !== undefined },
    {
      id: 'noise',
      fromS: after(at.low, settlesS),
      untilS: offS,
      done: (build.noises ?? []).some((one) => one.state === 'low' && within(one.at, after(at.full, 0))),
    },
    {
      id: 'off',
      fromS: after(at.low ?? at.full, at.low === undefined ? burnInS : settlesS),
      untilS: null,
      done: at.off !== undefined,
    },
    event('end', after(at.off, 0)),
  ];
  return wanted.map(({ id, fromS, untilS, done }) => ({
    id,
    fromS,
    state: done
      ? 'done'
      : over || (untilS !== null && nowS > untilS)
        ? 'missed'
        : fromS !== null && nowS >= fromS
          ? 'now'
          : 'later',
  }));
}

/** Of a log that lies beside the build only its facts are here. */
const inFacts: Partial<Record<QuantityId, keyof StartFacts>> = {
  volts: 'lowestStartV',
  amps: 'runningA',
  hertz: 'maxHz',
  outletC: 'fullOutletC',
  returnC: 'fullReturnC',
};
function readInLog({ log }: StartRun, quantity: QuantityId): boolean {
  const fact = inFacts[quantity];
  return fact !== undefined && (log?.facts[fact] ?? null) !== null;
}
