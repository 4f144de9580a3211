'use client';
import { Box } from '@mui/material';
import { whatStands } from '../../../core/checks/signoff/signoff';
import { useState } from 'react';
import { placeHref, placeOfFigure } from '../../../core/build/places';
import { fieldAt } from '../../../core/build/sheets';
import { type Finding } from '../../../core/checks/Finding';
import { halfSignedBy, isWithdrawn, signState } from '../../../core/checks/progress';
import { unmeasuredFigures } from '../../../core/model/unmeasuredFigures';
import { roleMay } from '../../../core/people/roles';
import { useWorkspace } from '../../sync/useWorkspace';
import { StageLink } from '../../components/StageLink';
import { Opened } from '../../components/Opened';
import { MissingLine } from '../../components/findings/MissingLine';
import { FindingCard } from '../../components/findings/FindingCard';
import { Correction } from './Correction';
import { SignForm } from './SignForm';
import { WaiveDialog } from './WaiveDialog';
import { signoff as t } from '../../texts/en/signoff';

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
export function SignSection() {
  const { settled, findings, who } = useWorkspace('settled', 'findings', 'who');
  const [waiving, setWaiving] = useState<Finding | null>(null);
  const standing = whatStands(findings);
  const planned = unmeasuredFigures(settled);
  const clear = standing.stop.length + standing.fix.length + standing.open.length + planned.length === 0;
  const state = signState(settled);
  const half = halfSignedBy(settled);
  const onWaive = roleMay(who.role, 'waive') ? setWaiving : undefined;
  return (
    <>
      {state === 'signed' && (
        <Box component="p" sx={{ fontSize: '1.15rem' }}>
          <strong>{t.signedAndLocked}</strong>
        </Box>
      )}
      {isWithdrawn(settled) && <p className="banner bad">{t.wasWithdrawn}</p>}
      {state === 'corrected' && !isWithdrawn(settled) && (
        <p className="banner bad">
          <strong>{t.somethingWasChangedAfterTheSignature}</strong> {t.theCertificateSaysSoUntilIt}
        </p>
      )}
      {clear ? (
        state !== 'signed' && (
          <Box component="p" sx={{ fontSize: '1.15rem' }}>
            <strong>{t.nothingStandsInTheWayOf}</strong>
          </Box>
        )
      ) : (
        <Box component="p" sx={{ fontSize: '1.15rem' }}>
          <strong>{t.itCantBeSignedYet}</strong>
        </Box>
      )}
      <Standing title={t.atStopHasToBeMended} findings={standing.stop} />
      <Standing title={t.toFixOrToBeWaived} findings={standing.fix} onWaive={onWaive} />
      <MissingLine findings={standing.open} where="" />
      {planned.length > 0 && (
        <Opened
          line={
            <strong>
              {planned.length} {planned.length === 1 ? t.figureIs : t.figuresAre} {t.plannedNotYetEnteredAsFitted}
            </strong>
          }
        >
          <ul className="missing">
            {planned.map((path) => (
              <li key={path}>
                <StageLink className="plain-link" href={`${placeHref(settled.id, placeOfFigure(path))}#${path}`}>
                  {fieldAt(path).label}
                </StageLink>
              </li>
            ))}
          </ul>
        </Opened>
      )}
      {half && <p className="banner">{t.secondSigns({ name: half })}</p>}
      {clear && state !== 'signed' && half !== who.name && roleMay(who.role, 'sign') && <SignForm />}
      {settled.signatures.length > 0 && roleMay(who.role, 'work') && <Correction />}
      {waiving && <WaiveDialog finding={waiving} onClose={() => setWaiving(null)} />}
    </>
  );
}
