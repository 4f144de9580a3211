'use client';
import { Accordion, AccordionDetails, AccordionSummary, Typography } from '@mui/material';
import { ChevronDown } from 'lucide-react';
import { claimLines } from '../../core/wording/claimLines';
import { useWorkspace } from '../sync/useWorkspace';
import { workspace as t } from '../texts/en/workspace';
import { date } from '../texts/when';

/** What a file brought along in other people's names: told on every sheet, and that it counts for nothing. */
export function ClaimsNotice() {
  const { settled } = useWorkspace('settled');
  return (
    <>
      {(settled.claims ?? []).map((claim) => (
        <Accordion key={claim.at} className="claims" disableGutters square elevation={0}>
          <AccordionSummary expandIcon={<ChevronDown size={20} />}>
            <Typography>
              <strong>{t.claimedInAFileNotSeen}</strong> {claimLines(claim).length}{' '}
              {claimLines(claim).length === 1 ? t.thing : t.things}{' '}
              {t.doneSeenOrSignedElsewhereImported({ by: claim.by, at: date(claim.at) })}
            </Typography>
          </AccordionSummary>
          <AccordionDetails>
            <ul>
              {claimLines(claim).map((line, i) => (
                <li key={`${i} ${line}`}>{line}</li>
              ))}
            </ul>
          </AccordionDetails>
        </Accordion>
      ))}
    </>
  );
}
