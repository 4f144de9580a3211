'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { symptoms, type SymptomId } from '../../../../core/model/faults/causes';
import { startComplainedOf } from '../../../../core/model/faults/faultCase';
import { CellPick } from '../../../components/cells/CellInput';
import { Problems } from '../../../components/cells/Problems';
import { useWorkspace } from '../../../sync/useWorkspace';
import { faults as t } from '../../../texts/en/faults';
import { dayAndTime } from '../../../texts/when';

/** What brings somebody to it, the worst first; that it runs as it should is no fault. */
const shownSymptoms = (Object.keys(symptoms) as SymptomId[]).filter((id) => id !== 'fine').reverse();

/** Begins a fault by what the heater does. */
export function FaultOpen({ onOpened }: { onOpened: (id: string) => void }) {
  const { settled, send } = useWorkspace('settled', 'send');
  const [problems, setProblems] = useState<string[]>([]);
  const starts = settled.starts.filter(({ dryRun }) => !dryRun).slice(-8);
  const [start, setStart] = useState(startComplainedOf(settled)?.id ?? '');
  const open = (symptom: SymptomId) => {
    const fault = crypto.randomUUID();
    const errors = send({ kind: 'fault', fault, act: { does: 'open', symptom, ...(start ? { start } : {}) } });
    setProblems(errors);
    if (errors.length === 0) onOpened(fault);
  };
  return (
    <section aria-labelledby="fault-open">
      <h3 id="fault-open">{t.whatDoesItDo}</h3>
      <p className="soft">{t.oneTouch}</p>
      {starts.length > 0 && (
        <label className="inline fault-start">
          {t.ofStart}{' '}
          <CellPick name={t.ofStart} disabled={false} value={start} onChoose={setStart}>
            <option value="">{t.noStart}</option>
            {[...starts].reverse().map((run) => (
              <option key={run.id} value={run.id}>
                {dayAndTime(run.at)}
              </option>
            ))}
          </CellPick>
        </label>
      )}
      <div className="fault-answers" role="group" aria-label={t.whatDoesItDo}>
        {shownSymptoms.map((id) => (
          <Button key={id} onClick={() => open(id)}>
            {symptoms[id]}
          </Button>
        ))}
      </div>
      <Problems all={problems} />
    </section>
  );
}
