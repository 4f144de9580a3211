'use client';
import { useMemo } from 'react';
import { drillingPlan } from '../../../core/model/siting/drillingPlan';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { siting as t } from '../../texts/en/siting';

/** The work of cutting, in order: pilots first, a look underneath, then the saw. */
export function DrillingList() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const steps = useMemo(() => drillingPlan(build), [build]);
  if (!steps) return <p className="soft">{t.theDrillingPlanIsMadeOnce}</p>;
  return (
    <ol className="drilling">
      {steps.map((step, i) => (
        <li key={`${step.what}${i}`}>
          <span className="mono n">{i + 1}</span>
          <span>
            <strong>{say(step.what)}</strong> <span className="mono">{say(step.tool)}</span>
            {step.at && (
              <span className="mono soft">
                {' '}
                {say(t.mmFromTheFrontMmFrom({ x: formatFixed(step.at.x), y: formatFixed(step.at.y) }))}
              </span>
            )}
            <br />
            <span className="soft">{say(step.note)}</span>
          </span>
        </li>
      ))}
    </ol>
  );
}
