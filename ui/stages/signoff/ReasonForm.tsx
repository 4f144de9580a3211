import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Field } from '../../components/forms/Field';
import { useKeptText } from '../../sync/useKeptText';
import { signoff as t } from '../../texts/en/signoff';

/** A reason of ten characters or more, and what is done with it. */
export function ReasonForm({
  keptAs,
  title,
  hint,
  label,
  action,
  onReason,
}: {
  /** under which what is typed is kept on the device */ keptAs: string;
  title: string;
  hint?: string;
  label: string;
  action: string;
  /** what speaks against it, a sentence each */ onReason: (reason: string) => readonly string[];
}) {
  const [reason, setReason] = useKeptText(keptAs);
  const [problem, setProblem] = useState('');
  const take = () => {
    const { length } = reason.trim();
    const errors = length < 10 ? [t.theReasonHoldsCharactersAtLeast({ length })] : onReason(reason.trim());
    setProblem(errors.join(' '));
    if (errors.length === 0) setReason('');
  };
  return (
    <Box
      component="form"
      className="stack"
      sx={{ mt: 2.25 }}
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <h3>{title}</h3>
      {hint && <p className="soft">{hint}</p>}
      <Field
        label={label}
        maxLength={500}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        problem={problem || undefined}
      />
      <Button type="submit" sx={{ maxWidth: 300 }}>
        {action}
      </Button>
    </Box>
  );
}
