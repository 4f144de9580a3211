'use client';
import { Box, Button, Dialog } from '@mui/material';
import { useState } from 'react';
import type { Finding } from '../../../core/checks/Finding';
import { useFindingText, useWorkspace } from '../../sync/useWorkspace';
import { Field } from '../../components/forms/Field';
import { useKeptText } from '../../sync/useKeptText';

/** A lead's reason for accepting one finding as it is. */
export function WaiveDialog({ finding, onClose }: { finding: Finding; onClose: () => void }) {
  const { send, settled } = useWorkspace('send', 'settled');
  const { message, why: whyItMatters } = useFindingText();
  const [why, setWhy] = useKeptText(`${settled.id}:waive/${finding.id}`);
  const [problem, setProblem] = useState('');
  const waive = () => {
    const length = why.trim().length;
    const errors =
      length < 10
        ? [`The reason holds ${length} characters; at least 10 are needed.`]
        : send({ kind: 'waive', checkId: finding.id, code: finding.code, values: finding.values, why: why.trim() });
    setProblem(errors.join(' '));
    if (errors.length > 0) return;
    setWhy('');
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="waive-title">
      <Box
        component="form"
        className="stack"
        sx={{ padding: 2.5 }}
        onSubmit={(event) => {
          event.preventDefault();
          waive();
        }}
      >
        <h2 id="waive-title">Waive {finding.id}</h2>
        <p>{message(finding)}</p>
        <p className="soft">{whyItMatters(finding)}</p>
        <Field
          label="Why it may stay as it is"
          maxLength={500}
          multiline
          minRows={3}
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          problem={problem || undefined}
        />
        <p className="soft">
          Your name and this reason stand in the ledger and in the certificate. If the figures change, the waiver no longer holds.
        </p>
        <div className="inline">
          <Button type="submit" variant="contained">
            Waive it
          </Button>
          <Button variant="text" onClick={onClose}>
            Leave it
          </Button>
        </div>
      </Box>
    </Dialog>
  );
}
