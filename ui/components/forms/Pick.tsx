import { FormControl, FormLabel, NativeSelect, OutlinedInput, type NativeSelectProps } from '@mui/material';
import { useId, type Ref } from 'react';

interface Props extends Omit<NativeSelectProps, 'id' | 'input' | 'ref' | 'inputRef' | 'variant'> {
  label: string;
  labelIsShown?: boolean;
  options: readonly (readonly [value: string, label: string])[];
  ref?: Ref<HTMLSelectElement>;
}

/** One of a few, with the name above; a phone shows its own wheel for it. */
export function Pick({ label, labelIsShown = true, options, ref, ...select }: Props) {
  const id = useId();
  return (
    <FormControl fullWidth>
      <FormLabel htmlFor={id} className={labelIsShown ? undefined : 'visually-hidden'}>
        {label}
      </FormLabel>
      <NativeSelect input={<OutlinedInput />} inputRef={ref} inputProps={{ id }} {...select}>
        {options.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </NativeSelect>
    </FormControl>
  );
}
