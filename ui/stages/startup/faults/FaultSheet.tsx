'use client';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useState } from 'react';
import { isOpenFault, type Fault } from '../../../../core/build/faults';
import type { FaultAct } from '../../../../core/commands/kinds/fault';
import type { FaultCheckId } from '../../../../core/model/faults/faultNetwork';
import { symptomText } from '../../../../core/wording/faultText';
import { formatFixed } from '../../../../core/units/formatNumber';
import { Caution } from '../../../components/Caution';
import { Problems } from '../../../components/cells/Problems';
import { useWorkspace } from '../../../sync/useWorkspace';
import { faults as t } from '../../../texts/en/faults';
import { FaultBars } from './FaultBars';
import { FaultCodeField } from './FaultCodeField';
import { FaultMend } from './FaultMend';
import { FaultQuestion } from './FaultQuestion';
import { FaultSteps } from './FaultSteps';
import { useFaultView, useLore } from './useFaultView';

/** One fault: what to look at next, what it may be, what was found, and how it was mended and proven. */
export function FaultSheet({ fault, onBack }: { fault: Fault; onBack: () => void }) {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const { lore, failed } = useLore(settled.id);
  const [own, setOwn] = useState(true);
  const [chosen, setChosen] = useState<FaultCheckId | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const view = useFaultView(fault, lore, own, chosen);
  const act = (does: FaultAct): boolean => {
    const errors = send({ kind: 'fault', fault: fault.id, act: does });
    setProblems(errors);
    return errors.length === 0;
  };
  const answer = (check: FaultCheckId, found: string | null) => {
    if (act({ does: 'answer', check, found })) setChosen(null);
  };
  const open = isOpenFault(fault);
  const found = view?.state === 'found' ? view.bars[0] : undefined;
  return (
    <section className="faults">
      <p className="inline fault-head">
        <Button variant="text" onClick={onBack}>
          {t.back}
        </Button>
        <strong>{t.fault({ what: symptomText(fault.symptom), day: fault.at.slice(0, 10) })}</strong>
        <a href={`/api/builds/${settled.id}/faults/${fault.id}`}>{t.paper}</a>
      </p>
      <Problems all={problems} />
      {!view && <LinearProgress aria-label={t.working} />}
      {view && (
        <div className="fault-board">
          <div className="fault-next">
            {open && view.cold && (
              <Alert severity="error" variant="outlined">
                {t.cold}
              </Alert>
            )}
            {open && found && (
              <p className="banner" role="status">
                <strong>{t.found({ cause: found.label, percent: formatFixed(found.chance * 100) })}</strong>{' '}
                {found.service ? t.serviceMends : t.foundMend}
              </p>
            )}
            {open && view.state === 'service' && (
              <Alert severity="warning" variant="outlined" role="status">
                {t.service}
              </Alert>
            )}
            {open && mayWork && view.next && (
              <FaultQuestion
                key={view.next.id}
                next={view.next}
                others={view.others}
                chosen={chosen !== null}
                onAnswer={answer}
                onChoose={setChosen}
              />
            )}
            {open && mayWork && <FaultCodeField fault={fault} lore={lore} onAct={act} />}
            <FaultMend fault={fault} bars={view.bars} onAct={act} />
            <FaultSteps fault={fault} view={view} onChoose={setChosen} />
          </div>
          {open && <FaultBars view={view} counts={lore.counts} own={own} onOwn={setOwn} failed={failed} />}
        </div>
      )}
      <Caution>
        {t.headacheFirst} {t.neverCut}
      </Caution>
    </section>
  );
}
