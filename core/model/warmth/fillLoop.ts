import { fillSteps } from '../../build/listKinds';
import type { RowOf } from '../../build/lists';

export type FillStep = keyof typeof fillSteps;
type Row = Pick<RowOf<'fills'>, 'id' | 'step' | 'doneAt'>;

/** How long a step runs before its air is out, min; the others take as long as they take. Common practice, no source. */
const runsMin: Partial<Record<FillStep, number>> = { pump: 10, engine: 10, heat: 20 };

export interface FillState {
  steps: { step: FillStep; doneAt: string | null }[];
  /** what comes next; null once all is done */ next: FillStep | null;
  /** from the step before until the next one is over, ms; null for a step without a time of its own, or before the first */
  leftMs: number | null;
}

/**
 * How far a filling has come: from the last time that it was begun anew. An engine is run only where one is in the loop.
 * @param rows in the order in which they were noted
 */
export function fillState(rows: readonly Row[], loop: readonly Pick<RowOf<'loop'>, 'kind'>[], nowMs: number): FillState {
  const from = rows.map(({ step }) => step).lastIndexOf('flush');
  const own = from < 0 ? rows : rows.slice(from);
  const engine = loop.some(({ kind }) => kind === 'engine');
  const steps = (Object.keys(fillSteps) as FillStep[])
    .filter((step) => step !== 'engine' || engine)
    .map((step) => ({ step, doneAt: own.find((row) => row.step === step)?.doneAt ?? null }));
  const next = steps.find(({ doneAt }) => doneAt === null)?.step ?? null;
  const minutes = next === null ? undefined : runsMin[next];
  const before = Math.max(...steps.flatMap(({ doneAt }) => (doneAt === null ? [] : [Date.parse(doneAt)])));
  const leftMs = minutes === undefined || !Number.isFinite(before) ? null : Math.max(0, before + minutes * 60_000 - nowMs);
  return { steps, next, leftMs };
}
