'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { parts, type Part } from '../../../core/build/field';
import { causeIds, faultCauses, type CauseId } from '../../../core/model/faults/causes';
import { faultCheckIds, faultChecks } from '../../../core/model/faults/faultNetwork';
import type { TrainerAct } from '../../../core/model/trainer/play';
import { rashActs, rashIds } from '../../../core/model/trainer/rash';
import type { TrainerCase } from '../../../core/model/trainer/TrainerCase';
import { formatFixed } from '../../../core/units/formatNumber';
import { Caution } from '../../components/Caution';
import { CellPick } from '../../components/cells/CellInput';
import { Opened } from '../../components/Opened';
import { runParts } from '../../texts/en/runParts';
import { trainer as t } from '../../texts/en/trainer';

interface Props {
  of: TrainerCase;
  acts: readonly TrainerAct[];
  onAct: (act: TrainerAct) => void;
  onGiveUp: () => void;
}
/** A pickup is looked at where its tank is. */
const lookedAt = parts.filter((part) => part !== 'pickup');
/** Where it stands on the trainer the cabin is all that is inside. */
const nameOf = (part: Part): string => (part === 'cabin' ? t.inside : runParts[part]);

/** What a learner can do: start it, look at any part, mend, or what nobody should. */
export function CaseActs({ of, acts, onAct, onGiveUp }: Props) {
  const [part, setPart] = useState<Part>('cabin');
  const [cause, setCause] = useState<CauseId | 'nothing' | ''>('');
  const done = new Set(
    acts.slice(acts.findLastIndex(({ does }) => does === 'mend') + 1).flatMap((one) => (one.does === 'look' ? [one.check] : [])),
  );
  const checks = faultCheckIds.filter((id) => {
    const { part: at, only } = faultChecks[id];
    return id !== 'symptom' && at === part && (only === undefined || only === of.medium) && !done.has(id);
  });
  return (
    <section aria-labelledby="case-acts">
      <h2 id="case-acts">{t.whatDoYouDo}</h2>
      <Button variant="outlined" onClick={() => onAct({ does: 'start' })}>
        {t.start}
      </Button>
      <h3>{t.lookAt}</h3>
      <div className="buttons" role="group" aria-label={t.lookAt}>
        {lookedAt.map((one) => (
          <Button key={one} aria-pressed={part === one} onClick={() => setPart(one)}>
            {nameOf(one)}
          </Button>
        ))}
      </div>
      <ul className="plain case-checks">
        {checks.map((id) => {
          const { ask, minutes, parts: worth, caution } = faultChecks[id];
          return (
            <li key={id}>
              <Button onClick={() => onAct({ does: 'look', check: id })}>
                <span>
                  {ask} {caution && <span className="soft">{caution}</span>}
                </span>
                <span className="mono soft">{t.minutesShort({ n: formatFixed(minutes + worth) })}</span>
              </Button>
            </li>
          );
        })}
      </ul>
      <Opened line={t.otherThings}>
        <div className="fault-answers" role="group" aria-label={t.otherThings}>
          {rashIds.map((id) => (
            <Button key={id} onClick={() => onAct({ does: 'rash', act: id })}>
              {rashActs[id].label}
            </Button>
          ))}
        </div>
      </Opened>
      <h3>{t.itIs}</h3>
      <div className="inline fault-aside">
        <CellPick name={t.itIs} disabled={false} value={cause} onChoose={(id) => setCause(id as CauseId | 'nothing' | '')}>
          <option value="">{t.chooseCause}</option>
          <option value="nothing">{t.nothing}</option>
          {causeIds.map((id) => (
            <option key={id} value={id}>
              {faultCauses[id].label}
            </option>
          ))}
        </CellPick>
        <Button
          variant="contained"
          disabled={cause === ''}
          onClick={() => {
            if (cause !== '') onAct({ does: 'mend', cause });
            setCause('');
          }}
        >
          {t.mend}
        </Button>
        <Button variant="text" onClick={onGiveUp}>
          {t.giveUp}
        </Button>
      </div>
      <Caution>{t.bench}</Caution>
    </section>
  );
}
