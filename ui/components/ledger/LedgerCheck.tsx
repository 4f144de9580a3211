'use client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Verification } from '../../../core/ledger/verifyLedger';
import { useWorkspace } from '../../sync/useWorkspace';

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
    <Box component="section" sx={{ mt: 3.25 }} aria-label="The record">
      <h3>The record</h3>
      <p className="soft">
        Each entry bears the hash of the one before it, so that none can be altered, left out, added or moved unseen.
      </p>
      <Box className="inline" sx={{ mt: 1 }}>
        <Button disabled={told === 'asking'} onClick={() => void check()}>
          Check every entry
        </Button>
        <Button href={`/api/builds/${settled.id}/ledger/file`} download>
          Export the record (JSON lines)
        </Button>
      </Box>
      <Box aria-live="polite" sx={{ mt: 1 }}>
        {told === 'away' && <p className="error-line">The server can’t be reached now; try again.</p>}
        {told !== null && typeof told === 'object' && told.broken === null && (
          <p>
            <strong>
              {told.rows} {told.rows === 1 ? 'entry' : 'entries'}, all whole and in order; the figures are as the last one left
              them.
            </strong>{' '}
            <Box component="span" className="mono soft" sx={{ overflowWrap: 'anywhere' }}>
              {told.lastHash}
            </Box>
          </p>
        )}
        {told !== null && typeof told === 'object' && told.broken !== null && (
          <p className="banner bad">
            <strong>The record is broken: {told.broken.why}.</strong> Don’t sign anything on it; compare it with an older export
            or certificate.
          </p>
        )}
      </Box>
    </Box>
  );
}
