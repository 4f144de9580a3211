'use client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Verification } from '../../../core/ledger/verifyLedger';
import { useWorkspace } from '../../sync/useWorkspace';
import { ledger as t } from '../../texts/en/ledger';

/** Goes through every row of the record on the server, and gives it away as a file that anybody can check. */
export function LedgerCheck() {
  const { settled } = useWorkspace('settled');
  const [told, setTold] = useState<Verification | 'away' | 'asking' | null>(null);
  const check = async () => {
    setTold('asking');
    try {
      const response = await fetch(`/api/builds/${settled.id}/ledger/check`);
      setTold(response.ok ? ((await response.json()) as Verification) : 'away');
    } catch {
      setTold('away');
    }
  };
  return (
    <Box component="section" sx={{ mt: 3.25 }} aria-label={t.theRecord}>
      <h3>{t.theRecord}</h3>
      <p className="soft">{t.eachEntryBearsTheHashOf}</p>
      <Box className="inline" sx={{ mt: 1 }}>
        <Button disabled={told === 'asking'} onClick={() => void check()}>
          {t.checkEveryEntry}
        </Button>
        <Button href={`/api/builds/${settled.id}/ledger/file`} download>
          {t.exportTheRecordJsonLines}
        </Button>
      </Box>
      <Box aria-live="polite" sx={{ mt: 1 }}>
        {told === 'away' && <p className="error-line">{t.theServerCantBeReachedNow}</p>}
        {told !== null && typeof told === 'object' && told.broken === null && (
          <p>
            <strong>
              {told.rows} {told.rows === 1 ? t.entry : t.entries}
              {t.allWholeAndInOrderThe}
            </strong>{' '}
            <Box component="span" className="mono soft" sx={{ overflowWrap: 'anywhere' }}>
              {told.lastHash}
            </Box>
          </p>
        )}
        {told !== null && typeof told === 'object' && told.broken !== null && (
          <p className="banner bad">
            <strong>{t.theRecordIsBroken({ why: told.broken.why })}</strong> {t.dontSignAnythingOnItCompare}
          </p>
        )}
      </Box>
    </Box>
  );
}
