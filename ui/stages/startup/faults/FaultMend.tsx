'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { isOpenFault, type Fault } from '../../../../core/build/faults';
import { placeHref } from '../../../../core/build/places';
import type { FaultAct } from '../../../../core/commands/kinds/fault';
import type { CauseBar } from '../../../../core/drawing/faults/lookFor';
import { causeIds, faultCauses, type CauseId } from '../../../../core/model/faults/causes';
import { needsCo, provesAir, provesRepair } from '../../../../core/model/faults/faultCase';
import { causeText } from '../../../../core/wording/faultText';
import { CellPick } from '../../../components/cells/CellInput';
import { Field } from '../../../components/forms/Field';
import { Opened } from '../../../components/Opened';
import { StageLink } from '../../../components/StageLink';
import { useKeptText } from '../../../sync/useKeptText';
import { useWorkspace } from '../../../sync/useWorkspace';
import { faults as t } from '../../../texts/en/faults';
import { dayAndTime } from '../../../texts/when';

interface Props {
  fault: Fault;
  bars: readonly CauseBar[];
  onAct: (act: FaultAct) => boolean;
}

/** Which cause it was and what was done; the likeliest is put in. */
function MendForm({ fault, bars, onAct }: Props) {
  const { settled } = useWorkspace('settled');
  const keep = `${settled.id}:fault/${fault.id}/mend`;
  const [cause, setCause] = useState<CauseId | ''>(bars[0]?.cause ?? '');
  const [did, setDid] = useKeptText(`${keep}/did`);
  const [parts, setParts] = useKeptText(`${keep}/parts`);
  const [problem, setProblem] = useState<string | undefined>();
  const likely = new Set(bars.map((one) => one.cause));
  const mend = () => {
    if (did.trim().length < 3) {
      setProblem(t.saidDone);
      return;
    }
    setProblem(undefined);
    if (cause === '' || !onAct({ does: 'repair', cause, did: did.trim(), parts: parts.trim() })) return;
    setDid('');
    setParts('');
  };
  return (
    <form
      className="stack"
      onSubmit={(event) => {
        event.preventDefault();
        mend();
      }}
    >
      <label className="inline">
        {t.cause}{' '}
        <CellPick name={t.cause} disabled={false} value={cause} onChoose={(id) => setCause(id as CauseId | '')}>
          <option value="">{t.chooseCause}</option>
          {[...bars.map((one) => one.cause), ...causeIds.filter((id) => !likely.has(id))].map((id) => (
            <option key={id} value={id}>
              {faultCauses[id].label}
            </option>
          ))}
        </CellPick>
      </label>
      {cause !== '' && <p>{t.remedyOf({ repair: faultCauses[cause].repair })}</p>}
      <Field label={t.whatWasDone} value={did} maxLength={500} problem={problem} onChange={(e) => setDid(e.target.value)} />
      <Field label={t.partsIn} value={parts} maxLength={300} onChange={(e) => setParts(e.target.value)} />
      <Button type="submit" variant="outlined" disabled={cause === ''}>
        {t.keepRepair}
      </Button>
      <p className="soft">{t.staleNow}</p>
    </form>
  );
}

/** The start, and where it smelled the reading, that show that it is right again. */
function ProofForm({ fault, onAct }: Omit<Props, 'bars'>) {
  const { settled } = useWorkspace('settled');
  const [told, setTold] = useState('');
  const repair = fault.repairs.at(-1);
  const starts = repair ? settled.starts.filter((run) => provesRepair(run, repair)) : [];
  const [start, setStart] = useState('');
  if (!repair) return null;
  const chosen = start || (starts.at(-1)?.id ?? '');
  const wantsAir = needsCo(fault);
  const reading = wantsAir ? settled.coReadings.filter((one) => provesAir(one, repair)).at(-1) : undefined;
  const ready = chosen !== '' && (!wantsAir || reading !== undefined);
  return (
    <section aria-labelledby="fault-proof">
      <h3 id="fault-proof">{t.proveIt}</h3>
      <p>
        {t.proveHow} {wantsAir && t.proveAir}
      </p>
      {starts.length === 0 ? (
        <p className="banner">
          {t.noStartYet} <StageLink href={placeHref(settled.id, { sheet: 'startup', section: 'start' })}>{t.toStart}</StageLink>
        </p>
      ) : (
        <label className="inline">
          {t.thisStart}{' '}
          <CellPick name={t.thisStart} disabled={false} value={chosen} onChoose={setStart}>
            {starts.map((run) => (
              <option key={run.id} value={run.id}>
                {dayAndTime(run.at)}
              </option>
            ))}
          </CellPick>
        </label>
      )}
      {wantsAir && !reading && (
        <p className="banner">
          {t.noReadingYet} <StageLink href={placeHref(settled.id, { sheet: 'proving', section: 'co' })}>{t.toCo}</StageLink>
        </p>
      )}
      <Field label={t.said} value={told} maxLength={500} onChange={(e) => setTold(e.target.value)} />
      <Button
        variant="contained"
        disabled={!ready}
        onClick={() => onAct({ does: 'prove', start: chosen, ...(reading ? { co: reading.id } : {}), told: told.trim() })}
      >
        {t.takeProof}
      </Button>
      <p className="soft">{t.notRight}</p>
    </section>
  );
}

function Withdraw({ onAct }: Pick<Props, 'onAct'>) {
  const [reason, setReason] = useState('');
  return (
    <Opened line={t.withdraw}>
      <form
        className="stack"
        onSubmit={(event) => {
          event.preventDefault();
          onAct({ does: 'withdraw', reason: reason.trim() });
        }}
      >
        <Field label={t.why} value={reason} maxLength={500} onChange={(e) => setReason(e.target.value)} />
        <Button type="submit" disabled={reason.trim().length < 3}>
          {t.withdrawIt}
        </Button>
      </form>
    </Opened>
  );
}

/** How a fault was mended and proven, and what is still to do for that. */
export function FaultMend({ fault, bars, onAct }: Props) {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  const open = isOpenFault(fault) && mayWork;
  const { proof, withdrawn } = fault;
  const proving = settled.starts.find(({ id }) => id === proof?.start);
  return (
    <>
      {fault.repairs.map(({ at, by, cause, did, parts }) => (
        <p key={at} className="fault-mended">
          {t.mendedSo({ day: at.slice(0, 10), by, cause: causeText(cause), did })} {parts && t.partsWere({ parts })}
        </p>
      ))}
      {proof && (
        <p className="fault-mended" role="status">
          {t.provenBy({ day: proof.at.slice(0, 10), by: proof.by, start: proving ? dayAndTime(proving.at) : '' })}
          {proof.co && t.andAir} {proof.told}
        </p>
      )}
      {withdrawn && (
        <p className="fault-mended">
          {t.withdrawnSo({ day: withdrawn.at.slice(0, 10), by: withdrawn.by, reason: withdrawn.reason })}
        </p>
      )}
      {proof && mayWork && (
        <Button variant="text" aria-pressed={fault.aside === true} onClick={() => onAct({ does: 'aside', aside: !fault.aside })}>
          {t.setAside}
        </Button>
      )}
      {open && fault.repairs.length > 0 && <ProofForm fault={fault} onAct={onAct} />}
      {open && (
        <Opened line={t.mendIt}>
          <MendForm fault={fault} bars={bars} onAct={onAct} />
        </Opened>
      )}
      {open && fault.repairs.length === 0 && fault.symptom !== 'smells' && <Withdraw onAct={onAct} />}
    </>
  );
}
