'use client';
import type { StartRun } from '../../../core/build/Build';
import { testPlan, type PlanStep, type PlanStepId } from '../../../core/model/startup/testPlan';
import { clockText } from '../../../core/units/clockText';
import { Opened } from '../../components/Opened';
import { useWorkspace } from '../../sync/useWorkspace';
import { useClock } from '../priming/usePrimingClock';
import { startup as t } from '../../texts/en/startup';

const words = (): Record<PlanStepId, string> => ({
  restV: t.planRestV,
  on: t.planOn,
  glow: t.planGlow,
  glowV: t.planGlowV,
  glowA: t.planGlowA,
  flame: t.planFlame,
  full: t.planFull,
  fullV: t.planFullV,
  fullA: t.planFullA,
  outlet: t.planOutlet,
  return: t.planReturn,
  exhaust: t.planExhaust,
  line: t.planLine,
  hot: t.planHot,
  low: t.planLow,
  noise: t.planNoise,
  off: t.planOff,
  end: t.planEnd,
});
const marks = { done: '✓', now: '▶', later: '·', missed: '×' } as const;

/** When it is due, by the clock of the test. */
function dueText({ state, fromS }: PlanStep, nowS: number): string {
  if (state === 'missed') return t.planMissed;
  if (state === 'done' || fromS === null) return '';
  return state === 'later' ? t.planIn({ time: clockText(fromS - nowS) }) : '';
}

/** The plan of the test: what is to be read now, what comes, and what a start that is over lacks. */
export function TestPlan({ run, underway }: { run: StartRun; underway: boolean }) {
  const { settled } = useWorkspace('settled');
  const nowMs = useClock(underway);
  const nowS = underway && nowMs > 0 ? Math.max(0, (nowMs - Date.parse(run.at)) / 1000) : Infinity;
  const steps = testPlan(settled, run, nowS);
  const open = steps.filter(({ state }) => state !== 'done');
  const named = words();
  const now = steps.filter(({ state }) => state === 'now');
  const missed = steps.filter(({ state }) => state === 'missed');
  const next = steps.find(({ state, fromS }) => state === 'later' && fromS !== null);
  return (
    <section aria-label={t.planOfTheTest} className="test-plan" data-missed={missed.length}>
      {underway && (
        <>
          <p className="plan-clock">
            <strong className="mono">{Number.isFinite(nowS) ? clockText(nowS) : ''}</strong>{' '}
            <span className="soft">{t.sinceItBegan}</span>
          </p>
          <ul className="plain plan-now" aria-label={t.readNow}>
            {now.map(({ id }) => (
              <li key={id}>{named[id]}</li>
            ))}
          </ul>
          {next && next.fromS !== null && (
            <p className="soft">{t.thenIn({ what: named[next.id], time: clockText(Math.max(0, next.fromS - nowS)) })}</p>
          )}
        </>
      )}
      {!underway && missed.length > 0 && (
        <p>
          <strong>{t.stillMissing}</strong> {missed.map(({ id }) => named[id]).join(' ')}
        </p>
      )}
      <Opened line={open.length === 0 ? t.planAllDone : t.planWhole({ done: steps.length - open.length, of: steps.length })}>
        <ol className="plain plan-steps">
          {steps.map((step) => (
            <li key={step.id} data-plan={step.state}>
              <span aria-hidden="true">{marks[step.state]}</span> {named[step.id]}{' '}
              <span className="soft">{dueText(step, nowS)}</span>
            </li>
          ))}
        </ol>
      </Opened>
    </section>
  );
}
