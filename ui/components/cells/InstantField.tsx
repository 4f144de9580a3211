'use client';
import { TextField } from '@mui/material';

/** A day and time of the device; `empty` says what counts where nothing is entered. */
export function InstantField({
  label,
  value,
  onChange,
  empty,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  empty: string;
}) {
  return (
    <TextField
      type="datetime-local"
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      helperText={`empty: ${empty}`}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
