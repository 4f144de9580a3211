'use client';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { useFindingText, useWorkspace } from '../../sync/useWorkspace';
import { useKeptText } from '../../sync/useKeptText';
import { findings as t } from '../../texts/en/findings';

/** What a repair is of. */
export interface RepairOf {
  checkId: string;
  subject?: string;
  name?: string;
}

/** Asks why something was bad and what was done. */
export function RepairDialog({ checkId, subject, name, onClose }: RepairOf & { onClose: () => void }) {
  const { findings, send, settled } = useWorkspace('findings', 'send', 'settled');
  const { message } = useFindingText();
  const [problem, setProblem] = useState('');
  const keep = `${settled.id}:repair/${checkId}/${subject ?? ''}`;
  const [cause, setCause] = useKeptText(`${keep}/cause`);
  const [repair, setRepair] = useKeptText(`${keep}/repair`);
  const found = findings.find(({ id }) => id === checkId);
  const record = () => {
    const short = [cause, repair].find((text) => text.trim().length < 3);
    const errors =
      short === undefined
        ? send({
            kind: 'repair',
            repair: {
              id: crypto.randomUUID(),
              checkId,
              ...(subject ? { subject } : {}),
              cause: cause.trim(),
              repair: repair.trim(),
            },
          })
        : [t.causeAndRepairAreBothNeeded];
    setProblem(errors.join(' '));
    if (errors.length > 0) return;
    setCause('');
    setRepair('');
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="repair-title">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          record();
        }}
      >
        <DialogTitle id="repair-title">
          {t.causeAndRepair}
          {name ? `: ${name}` : ''}
        </DialogTitle>
        <DialogContent>
          {found && <Typography>{message(found)}</Typography>}
          {(
            [
              [t.whyItWasSo, cause, setCause],
              [t.whatWasDone, repair, setRepair],
            ] as const
          ).map(([label, value, set], i) => (
            <TextField
              key={label}
              label={label}
              value={value}
              onChange={(event) => set(event.target.value)}
              fullWidth
              multiline
              margin="normal"
              autoFocus={i === 0}
              slotProps={{ htmlInput: { maxLength: 500 } }}
            />
          ))}
          {problem && (
            <Typography color="error" role="alert">
              {problem}
            </Typography>
          )}
          <Typography color="text.secondary">{t.whatWasFoundStaysInThe}</Typography>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{t.notYet}</Button>
          <Button type="submit" variant="contained">
            {t.recordIt}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
