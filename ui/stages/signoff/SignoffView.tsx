'use client';
import { Box, Button } from '@mui/material';
import { waiverText } from '../../../core/checks/findingText';
import { whatStands } from '../../../core/checks/signoff/signoff';
import { stages } from '../../../core/build/stages';
import { format } from 'date-fns';
import { useState } from 'react';
import { fieldAt } from '../../../core/build/sheets';
import { type Finding } from '../../../core/checks/Finding';
import { signState } from '../../../core/checks/progress';
import { unmeasuredFigures } from '../../../core/model/unmeasuredFigures';
import { roleMay } from '../../../core/people/roles';
import { useWorkspace } from '../../sync/useWorkspace';
import { StageLink } from '../../components/StageLink';
import { HoldPointList } from './HoldPointList';
import { LedgerCheck } from '../../components/ledger/LedgerCheck';
import { FindingCard } from '../../components/findings/FindingCard';
import { RepairList } from '../../components/findings/RepairList';
import { Correction } from './Correction';
import { SignForm } from './SignForm';
import { WaiveDialog } from './WaiveDialog';

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
    <Box component="section" sx={{ mt: 1.75 }}>
      <h3 className="hold-point">{title}</h3>
      <ul>
        {findings.map((finding) => (
          <FindingCard key={finding.id} finding={finding} onWaive={onWaive} />
        ))}
      </ul>
    </Box>
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
        <Box component="p" sx={{ fontSize: '1.15rem' }}>
          <strong>Signed and locked.</strong>
        </Box>
      )}
      {state === 'corrected' && (
        <p className="banner bad">
          <strong>Something was changed after the signature.</strong> The certificate says so until it is signed again.
        </p>
      )}
      {clear ? (
        state !== 'signed' && (
          <Box component="p" sx={{ fontSize: '1.15rem' }}>
            <strong>Nothing stands in the way of the signature.</strong>
          </Box>
        )
      ) : (
        <Box component="p" sx={{ fontSize: '1.15rem' }}>
          <strong>It can’t be signed yet.</strong>
        </Box>
      )}
      <Standing title="At stop: has to be mended" findings={standing.stop} />
      <Standing title="To fix, or to be waived by a lead" findings={standing.fix} onWaive={onWaive} />
      <Standing title="Not measured" findings={standing.open} />
      {planned.length > 0 && (
        <Box component="section" sx={{ mt: 1.75 }}>
          <h3 className="hold-point">Planned, not yet entered as fitted</h3>
          <ul>
            {planned.map((path) => (
              <li key={path}>
                <StageLink href={`/builds/${settled.id}/${path.split('.')[0]}`}>{fieldAt(path).label}</StageLink>
              </li>
            ))}
          </ul>
        </Box>
      )}
      <HoldPointList />
      {settled.waivers.length > 0 && (
        <Box component="section" sx={{ mt: 1.75 }}>
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
                  <Button variant="text" onClick={() => send({ kind: 'unwaive', checkId: w.checkId })}>
                    Withdraw
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </Box>
      )}
      <RepairList />
      {settled.signatures.length > 0 && (
        <Box component="section" sx={{ mt: 1.75 }}>
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
        </Box>
      )}
      {clear && state !== 'signed' && roleMay(who.role, 'sign') && <SignForm />}
      {settled.signatures.length > 0 && roleMay(who.role, 'work') && <Correction />}
      <Box className="inline" sx={{ mt: 2.75 }}>
        {waiting.length === 0 && link === 'kept' && (
          <>
            <Button href={`/api/builds/${settled.id}/certificate`} download>
              {state === 'signed' ? 'Certificate (PDF)' : 'Draft certificate (PDF)'}
            </Button>
            <Button href={`/api/builds/${settled.id}/file`} download>
              Build file (JSON)
            </Button>
          </>
        )}
      </Box>
      <LedgerCheck />
      {waiving && <WaiveDialog finding={waiving} onClose={() => setWaiving(null)} />}
    </>
  );
}
