'use client';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { AdapterDateFns } from '@mui/x-date-pickers/AdapterDateFns';
import { isValid } from 'date-fns';
import { useState } from 'react';

export interface InstantPickerProps {
  /** shown above it, or spoken where something else is shown */ label: string;
  hiddenLabel?: boolean;
  /** ISO 8601; null for none */ value: string | null;
  readOnly?: boolean;
  helperText?: string;
  /** told once it is left or chosen, not at every digit */ onChange: (value: string | null) => void;
}

/** A day and a time of the device: typed part by part, or chosen. */
export default function InstantPicker({
  label,
  hiddenLabel = false,
  value,
  readOnly = false,
  helperText,
  onChange,
}: InstantPickerProps) {
  const [draft, setDraft] = useState<string | null | undefined>(undefined);
  const settle = () => {
    if (draft !== undefined && draft !== value) onChange(draft);
    setDraft(undefined);
  };
  return (
    <LocalizationProvider dateAdapter={AdapterDateFns}>
      <DateTimePicker
        value={value === null ? null : new Date(value)}
        label={label}
        ampm={false}
        format="dd.MM.yyyy HH:mm"
        readOnly={readOnly}
        onChange={(date) => {
          // A year is typed digit by digit: 2 and 20 are no years that anybody means.
          if (date === null) setDraft(null);
          else if (isValid(date) && date.getFullYear() >= 2000) setDraft(date.toISOString());
        }}
        onClose={settle}
        slotProps={{
          textField: { helperText, className: hiddenLabel ? 'label-spoken' : '', onBlur: settle },
          field: { clearable: !readOnly },
        }}
      />
    </LocalizationProvider>
  );
}
