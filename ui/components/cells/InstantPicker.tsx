'use client';
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { AdapterDateFns } from '@mui/x-date-pickers/AdapterDateFns';
import { isValid } from 'date-fns';
import { useEffect, useRef, useState } from 'react';

export interface InstantPickerProps {
  /** shown above it, or spoken where something else is shown */ label: string;
  hiddenLabel?: boolean;
  /** ISO 8601; null for none */ value: string | null;
  readOnly?: boolean;
  helperText?: string;
  /** told once it is left, chosen or rested on, not at every digit */ onChange: (value: string | null) => void;
}

/** How long a hand rests before what it typed is told, ms. */
const restMs = 800;

/** A day and a time of the device: typed part by part, or chosen. */
export default function InstantPicker({
  label,
  hiddenLabel = false,
  value,
  readOnly = false,
  helperText,
  onChange,
}: InstantPickerProps) {
  // What was typed and not told yet. The field may tell of its last digit after it was left, so rest tells as well as leaving does.
  const draft = useRef<string | null | undefined>(undefined);
  const [shown, setShown] = useState<string | null | undefined>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const settle = useRef<() => void>(() => undefined);
  useEffect(() => {
    settle.current = () => {
      clearTimeout(timer.current);
      const told = draft.current;
      draft.current = undefined;
      setShown(undefined);
      if (told !== undefined && told !== value) onChange(told);
    };
  });
  useEffect(() => () => settle.current(), []);
  const now = shown === undefined ? value : shown;
  const leave = () => settle.current();
  const keep = (at: string | null) => {
    draft.current = at;
    setShown(at);
    clearTimeout(timer.current);
    timer.current = setTimeout(leave, restMs);
  };
  return (
    <LocalizationProvider dateAdapter={AdapterDateFns}>
      <DateTimePicker
        value={now === null ? null : new Date(now)}
        label={label}
        ampm={false}
        format="dd.MM.yyyy HH:mm"
        readOnly={readOnly}
        onChange={(date) => {
          // A year is typed digit by digit: 2 and 20 are no years that anybody means.
          if (date === null) keep(null);
          else if (isValid(date) && date.getFullYear() >= 2000) keep(date.toISOString());
        }}
        onClose={leave}
        slotProps={{
          textField: { helperText, className: hiddenLabel ? 'label-spoken' : '', onBlur: leave },
          field: { clearable: !readOnly },
        }}
      />
    </LocalizationProvider>
  );
}
