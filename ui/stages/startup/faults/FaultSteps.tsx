'use client';
import { Button } from '@mui/material';
import { isOpenFault, type Fault } from '../../../../core/build/faults';
import type { FaultView } from '../../../../core/drawing/faults/lookFor';
import { messageOf } from '../../../../core/checks/findingText';
import { faultCauses } from '../../../../core/model/faults/causes';
import { isFaultCheck } from '../../../../core/model/faults/faultCase';
import type { FaultCheckId } from '../../../../core/model/faults/faultNetwork';
import { askText } from '../../../../core/wording/faultText';
import { formatFixed } from '../../../../core/units/formatNumber';
import { partNames } from '../../../charts/run/runParts';
import { Opened } from '../../../components/Opened';
import { useWorkspace } from '../../../sync/useWorkspace';
import { faults as t } from '../../../texts/en/faults';

const fromText = (from: FaultView['known'][number]['from']): string => {
  if ('record' in from) return from.record === 'age' ? t.byAge : t.byHours;
  return 'finding' in from ? t.byFigures : 'start' in from ? t.byStart : t.byPriming;
};

/** What was found of a fault, the last first, and what the build knew by itself. */
export function FaultSteps({
  fault,
  view,
  onChoose,
}: {
  fault: Fault;
  view: FaultView;
  onChoose: (check: FaultCheckId) => void;
}) {
  const { mayWork, findings, who } = useWorkspace('mayWork', 'findings', 'who');
  const whyText = (why: FaultView['leans'][number]['why']): string => {
    if ('mended' in why) return t.mendedHere({ cause: faultCauses[why.mended].label });
    if ('worked' in why) return t.workedOn({ part: partNames[why.worked] });
    if ('departed' in why) return why.departed;
    const finding = findings.find(({ id }) => id === why.finding);
    return finding ? messageOf(finding, who.unitPreferences) : '';
  };
  const change = mayWork && isOpenFault(fault);
  const from = fault.repairs.at(-1)?.afterSteps ?? 0;
  return (
    <>
      {fault.steps.length > 0 && (
        <section aria-labelledby="fault-found">
          <h3 id="fault-found">
            {t.whatWasFound} <span className="soft">{t.steps({ n: formatFixed(fault.steps.length) })}</span>
          </h3>
          <ol className="plain fault-list" reversed>
            {fault.steps
              .map((step, i) => ({ ...step, i }))
              .reverse()
              .map(({ check, found, by, i }) => (
                <li key={`${i}-${check}`} data-step={check}>
                  <span>
                    {askText(check)} <strong>{found ?? t.notKnown}</strong> <span className="soft">{by}</span>
                    {isFaultCheck(check) && view.odd.includes(check) && <span className="fault-odd"> {t.oddOne}</span>}
                  </span>
                  {change && i >= from && isFaultCheck(check) && (
                    <Button variant="text" onClick={() => onChoose(check)}>
                      {t.again}
                    </Button>
                  )}
                </li>
              ))}
          </ol>
        </section>
      )}
      {view.known.length > 0 && (
        <Opened line={`${t.knownBefore}: ${view.known.length}`}>
          <ul className="plain">
            {view.known.map(({ id, ask, found, from: told }) => (
              <li key={id}>
                {ask} <strong>{found}</strong> <span className="soft">{fromText(told)}</span>
              </li>
            ))}
          </ul>
        </Opened>
      )}
      {view.leans.length > 0 && (
        <Opened line={`${t.likelierHere}: ${view.leans.length}`}>
          <ul className="plain">
            {view.leans.map(({ why, causes }) => (
              <li key={JSON.stringify(why)}>
                {whyText(why)}{' '}
                <span className="soft">
                  {t.likelier({
                    causes: causes
                      .map(({ label, times }) => t.timesAs({ label, n: formatFixed(times, times % 1 ? 1 : 0) }))
                      .join('; '),
                  })}
                </span>
              </li>
            ))}
          </ul>
          <p className="soft">{t.likelierSource}</p>
        </Opened>
      )}
    </>
  );
}
