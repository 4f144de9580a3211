import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Field } from '../../components/forms/Field';
import { useKeptText } from '../../sync/useKeptText';
import { useWorkspace } from '../../sync/useWorkspace';

/** Unlocks a signed build, for a reason. */
export function Correction() {
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
        <Button onClick={() => setCorrecting(null)}>Lock it again</Button>
      </div>
    );
  return (
    <Box
      component="form"
      className="stack"
      sx={{ mt: 2.25 }}
      onSubmit={(event) => {
        event.preventDefault();
        unlock();
      }}
    >
      <h3>Correct a signed build</h3>
      <Field
        label="Reason for the correction"
        maxLength={500}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        problem={problem || undefined}
      />
      <Button type="submit" sx={{ maxWidth: 300 }}>
        Unlock for a correction
      </Button>
    </Box>
  );
}
