'use client';
import { Box, Button } from '@mui/material';
import { isWithdrawn, signState } from '../../../core/checks/progress';
import { roleMay } from '../../../core/people/roles';
import { LedgerCheck } from '../../components/ledger/LedgerCheck';
import { useWorkspace } from '../../sync/useWorkspace';
import { Withdraw } from './Withdraw';
import { signoff as t } from '../../texts/en/signoff';
import { dateAndTime } from '../../texts/when';

/** Certificate, build file, signatures, and the check of the record. */
export function PapersSection() {
  const { settled, link, waiting, who } = useWorkspace('settled', 'link', 'waiting', 'who');
  const state = signState(settled);
  return (
    <>
      <Box className="inline" sx={{ mt: 2.75 }}>
        {waiting.length === 0 && link === 'kept' && (
          <>
            <Button href={`/api/builds/${settled.id}/certificate`} download>
              {state === 'signed' ? t.certificatePdf : t.draftCertificatePdf}
            </Button>
            <Button href={`/api/builds/${settled.id}/file`} download>
              {t.buildFileJson}
            </Button>
          </>
        )}
      </Box>
      {settled.signatures.length > 0 && (
        <Box component="section" sx={{ mt: 1.75 }}>
          <h3 className="hold-point">{t.signatures}</h3>
          <ul>
            {settled.signatures.map((s) => (
              <li key={s.at} className="inline">
                <svg
                  viewBox="0 0 600 200"
                  width={210}
                  height={70}
                  overflow="hidden"
                  role="img"
                  aria-label={t.signatureOf({ typedName: s.typedName })}
                >
                  <path d={s.drawn} fill="none" stroke="var(--ink)" strokeWidth={4} />
                </svg>
                <span>
                  <strong>{s.typedName}</strong>, {s.role}
                  <br />
                  <span className="soft">{dateAndTime(s.at)}</span>
                  {s.reset && (
                    <>
                      <br />
                      <strong>{t.resetBefore({ by: s.reset.by, when: dateAndTime(s.reset.at) })}</strong>
                    </>
                  )}
                </span>
              </li>
            ))}
          </ul>
        </Box>
      )}
      {settled.signatures.length > 0 && !isWithdrawn(settled) && roleMay(who.role, 'waive') && <Withdraw />}
      <LedgerCheck />
    </>
  );
}
