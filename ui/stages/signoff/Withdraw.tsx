import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Field } from '../../components/forms/Field';
import { useKeptText } from '../../sync/useKeptText';
import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';

/** A lead takes the last signature back, for a reason. */
export function Withdraw() {
  const { settled, send } = useWorkspace('settled', 'send');
  const [why, setWhy] = useKeptText(`${settled.id}:withdraw`);
  const [problem, setProblem] = useState('');
  const withdraw = () => {
    const length = why.trim().length;
    const errors = length < 10 ? [t.theReasonHoldsCharactersAtLeast({ length })] : send({ kind: 'withdraw', why: why.trim() });
    setProblem(errors.join(' '));
    if (errors.length === 0) setWhy('');
  };
  return (
    <Box
      component="form"
      className="stack"
      sx={{ mt: 2.25 }}
      onSubmit={(event) => {
        event.preventDefault();
        withdraw();
      }}
    >
      <h3>{t.withdrawTitle}</h3>
      <p className="soft">{t.withdrawMeans}</p>
      <Field
        label={t.withdrawWhy}
        maxLength={500}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
        problem={problem || undefined}
      />
      <Button type="submit" sx={{ maxWidth: 300 }}>
        {t.withdrawIt}
      </Button>
    </Box>
  );
}
