import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Field } from '../../components/forms/Field';
import { useKeptText } from '../../sync/useKeptText';
import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';

/** Unlocks a signed build, for a reason. */
export function Correction() {
  const { correcting, setCorrecting, settled } = useWorkspace('correcting', 'setCorrecting', 'settled');
  const [reason, setReason] = useKeptText(`${settled.id}:correction`);
  const [problem, setProblem] = useState('');
  const unlock = () => {
    const length = reason.trim().length;
    if (length < 10) {
      setProblem(t.theReasonHoldsCharactersAtLeast({ length }));
      return;
    }
    setProblem('');
    setCorrecting(reason.trim());
    setReason('');
  };
  if (correcting !== null)
    return (
      <div className="banner">
        <strong>{t.correcting({ correcting })}</strong>
        <p>{t.figuresCanBeChangedNowEach}</p>
        <Button onClick={() => setCorrecting(null)}>{t.lockItAgain}</Button>
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
      <h3>{t.correctASignedBuild}</h3>
      <Field
        label={t.reasonForTheCorrection}
        maxLength={500}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        problem={problem || undefined}
      />
      <Button type="submit" sx={{ maxWidth: 300 }}>
        {t.unlockForACorrection}
      </Button>
    </Box>
  );
}
