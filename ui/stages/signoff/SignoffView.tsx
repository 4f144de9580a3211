'use client';
import { waiverText } from '../../../core/checks/findingText';
import { whatStands } from '../../../core/checks/signoff/signoff';
import { stages } from '../../../core/build/stages';
import { format } from 'date-fns';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { fieldAt } from '../../../core/build/sheets';
import { type Finding } from '../../../core/checks/Finding';
import { signState } from '../../../core/checks/progress';
import { unmeasuredFigures } from '../../../core/model/unmeasuredFigures';
import { roleMay } from '../../../core/people/roles';
import { strokesProblem } from '../../../core/signature/strokes';
import { useWorkspace } from '../../sync/useWorkspace';
import { StageLink } from '../../components/StageLink';
import { HoldPointList } from './HoldPointList';
import { useKeptText } from '../../sync/useKeptText';
import { LedgerCheck } from '../../components/ledger/LedgerCheck';
import { FindingCard } from '../../components/findings/FindingCard';
import { RepairList } from '../../components/findings/RepairList';
import { SignPad } from './SignPad';
import { WaiveDialog } from './WaiveDialog';

function SignForm() {
  const { send, who } = useWorkspace('send', 'who');
  const {
    register,
    handleSubmit,
    setError,
    setValue,
    formState: { errors },
  } = useForm<{ typedName: string; drawn: string }>({ defaultValues: { typedName: '', drawn: '' } });
  const sign = (values: { typedName: string; drawn: string }) => {
    const problems = send({ kind: 'sign', ...values });
    if (problems.length > 0) setError('typedName', { message: problems.join(' ') });
  };
  return (
    <form className="stack" style={{ marginTop: 14 }} onSubmit={(event) => void handleSubmit(sign)(event)}>
      <p>
        By signing, {who.name} says: these figures were measured on this build, the findings above were read, and the maker’s
        manual and the local code were followed. Lorbet’s findings replace neither, nor a licensed trade.
      </p>
      <div>
        <span className="field-label">Signature, drawn</span>
        <SignPad onDrawn={(path) => setValue('drawn', path, { shouldValidate: true })} />
      </div>
      <input
        type="hidden"
        {...register('drawn', {
          validate: (path) =>
            (path.length >= 20 && strokesProblem(path) === null) || 'Draw the signature in the box, large enough to be seen.',
        })}
      />
      {errors.drawn && (
        <p className="error-line" role="alert">
          {errors.drawn.message}
        </p>
      )}
      <label>
        <span className="field-label">Name, typed in full</span>
        <input
          className="text-field"
          style={{ maxWidth: 420 }}
          autoComplete="name"
          maxLength={80}
          {...register('typedName', { required: 'Type your name as you signed in.' })}
        />
      </label>
      {errors.typedName && (
        <p className="error-line" role="alert">
          {errors.typedName.message}
        </p>
      )}
      <button type="submit" className="button ink" style={{ maxWidth: 420 }}>
        Sign and lock this build
      </button>
    </form>
  );
}

function Correction() {
  const { correcting, setCorrecting, settled } = useWorkspace('correcting', 'setCorrecting', 'settled');
  const [reason, setReason] = useKeptText(`${settled.id}:correction`);
  const [problem, setProblem] = useState('');
  const unlock = () => {
    const length = reason.trim().length;
    if (length < 10) {
      setProblem(`The reason holds ${length} characters; at least 10 are needed.`);
      return;
    }
    setProblem('');
    setCorrecting(reason.trim());
    setReason('');
  };
  if (correcting !== null)
    return (
      <div className="banner">
        <strong>Correcting: {correcting}</strong>
        <p>
          Figures can be changed now; each change stands in the ledger as a correction, with this reason. The build has to be
          signed again.
        </p>
        <button type="button" className="button" onClick={() => setCorrecting(null)}>
          Lock it again
        </button>
      </div>
    );
  return (
    <form
      className="stack"
      style={{ marginTop: 18 }}
      onSubmit={(event) => {
        event.preventDefault();
        unlock();
      }}
    >
      <h3>Correct a signed build</h3>
      <label>
        <span className="field-label">Reason for the correction</span>
        <input className="text-field" maxLength={500} value={reason} onChange={(event) => setReason(event.target.value)} />
      </label>
      {problem && (
        <p className="error-line" role="alert">
          {problem}
        </p>
      )}
      <button type="submit" className="button" style={{ maxWidth: 300 }}>
        Unlock for a correction
      </button>
    </form>
  );
}

function Standing({
  title,
  findings,
  onWaive,
}: {
  title: string;
  findings: Finding[];
  onWaive?: ((finding: Finding) => void) | undefined;
}) {
  if (findings.length === 0) return null;
  return (
    <section style={{ marginTop: 14 }}>
      <h3 className="hold-point">{title}</h3>
      <ul>
        {findings.map((finding) => (
          <FindingCard key={finding.id} finding={finding} onWaive={onWaive} />
        ))}
      </ul>
    </section>
  );
}

/** What stands in the way, waivers, the signature, and the papers. */
export function SignoffView() {
  const { settled, findings, send, who, link, waiting } = useWorkspace('settled', 'findings', 'send', 'who', 'link', 'waiting');
  const [waiving, setWaiving] = useState<Finding | null>(null);
  const standing = whatStands(findings);
  const planned = unmeasuredFigures(settled);
  const clear = standing.stop.length + standing.fix.length + standing.open.length + planned.length === 0;
  const state = signState(settled);
  const onWaive = roleMay(who.role, 'waive') ? setWaiving : undefined;
  return (
    <>
      <h2 className="sheet-title">{stages.signoff}</h2>
      {state === 'signed' && (
        <p style={{ fontSize: '1.15rem' }}>
          <strong>Signed and locked.</strong>
        </p>
      )}
      {state === 'corrected' && (
        <p className="banner bad">
          <strong>Something was changed after the signature.</strong> The certificate says so until it is signed again.
        </p>
      )}
      {clear ? (
        state !== 'signed' && (
          <p style={{ fontSize: '1.15rem' }}>
            <strong>Nothing stands in the way of the signature.</strong>
          </p>
        )
      ) : (
        <p style={{ fontSize: '1.15rem' }}>
          <strong>It can’t be signed yet.</strong>
        </p>
      )}
      <Standing title="At stop: has to be mended" findings={standing.stop} />
      <Standing title="To fix, or to be waived by a lead" findings={standing.fix} onWaive={onWaive} />
      <Standing title="Not measured" findings={standing.open} />
      {planned.length > 0 && (
        <section style={{ marginTop: 14 }}>
          <h3 className="hold-point">Planned, not yet entered as fitted</h3>
          <ul>
            {planned.map((path) => (
              <li key={path}>
                <StageLink href={`/builds/${settled.id}/${path.split('.')[0]}`}>{fieldAt(path).label}</StageLink>
              </li>
            ))}
          </ul>
        </section>
      )}
      <HoldPointList />
      {settled.waivers.length > 0 && (
        <section style={{ marginTop: 14 }}>
          <h3 className="hold-point">Waivers</h3>
          <ul className="stack">
            {settled.waivers.map((w) => (
              <li key={w.checkId}>
                <strong>{waiverText(w, settled.identity.kind, who.unitPreferences)}</strong>
                <br />
                {w.reason}{' '}
                <span className="soft">
                  {w.by}, {format(new Date(w.at), 'd MMM yyyy HH:mm')}
                </span>
                {roleMay(who.role, 'waive') && (
                  <button type="button" className="plain-button" onClick={() => send({ kind: 'unwaive', checkId: w.checkId })}>
                    Withdraw
                  </button>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      <RepairList />
      {settled.signatures.length > 0 && (
        <section style={{ marginTop: 14 }}>
          <h3 className="hold-point">Signatures</h3>
          <ul>
            {settled.signatures.map((s) => (
              <li key={s.at} className="inline">
                <svg
                  viewBox="0 0 600 200"
                  width={210}
                  height={70}
                  overflow="hidden"
                  role="img"
                  aria-label={`Signature of ${s.typedName}`}
                >
                  <path d={s.drawn} fill="none" stroke="var(--ink)" strokeWidth={4} />
                </svg>
                <span>
                  <strong>{s.typedName}</strong>, {s.role}
                  <br />
                  <span className="soft">{format(new Date(s.at), 'd MMM yyyy HH:mm')}</span>
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {clear && state !== 'signed' && roleMay(who.role, 'sign') && <SignForm />}
      {settled.signatures.length > 0 && roleMay(who.role, 'work') && <Correction />}
      <div className="inline" style={{ marginTop: 22 }}>
        {waiting.length === 0 && link === 'kept' && (
          <>
            <a className="button" href={`/api/builds/${settled.id}/certificate`} download>
              {state === 'signed' ? 'Certificate (PDF)' : 'Draft certificate (PDF)'}
            </a>
            <a className="button" href={`/api/builds/${settled.id}/file`} download>
              Build file (JSON)
            </a>
          </>
        )}
      </div>
      <LedgerCheck />
      {waiving && <WaiveDialog finding={waiving} onClose={() => setWaiving(null)} />}
    </>
  );
}
