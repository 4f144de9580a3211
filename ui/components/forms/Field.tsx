import { FormControl, FormHelperText, FormLabel, OutlinedInput, type OutlinedInputProps } from '@mui/material';
import { useId, type Ref } from 'react';

interface Props extends Omit<OutlinedInputProps, 'id' | 'label' | 'error' | 'ref' | 'inputRef'> {
  label: string;
  /** what is wrong with it */ problem?: string | undefined;
  maxLength: number;
  autoCapitalize?: string;
  ref?: Ref<HTMLInputElement>;
}

/** A line of text with its name above it; what is wrong with it stands below. */
export function Field({ label, problem, maxLength, autoCapitalize, ref, ...input }: Props) {
  const id = useId();
  const attributes = { maxLength, ...(autoCapitalize ? { autoCapitalize } : {}) };
  return (
    <FormControl fullWidth error={problem !== undefined}>
      <FormLabel htmlFor={id}>{label}</FormLabel>
      <OutlinedInput
        id={id}
        inputRef={ref}
        aria-describedby={problem === undefined ? undefined : `${id}-problem`}
        slotProps={{ input: attributes }}
        {...input}
      />
      {problem !== undefined && (
        <FormHelperText id={`${id}-problem`} role="alert">
          {problem}
        </FormHelperText>
      )}
    </FormControl>
  );
}
