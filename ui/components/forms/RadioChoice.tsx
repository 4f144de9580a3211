import { FormControl, FormControlLabel, FormLabel, Radio, RadioGroup } from '@mui/material';
import { useId, type ReactNode } from 'react';

/** One of a few, each with its words, all in view. */
export function RadioChoice({
  name,
  nameIsShown = true,
  options,
  chosen,
  onChoose,
}: {
  name: string;
  nameIsShown?: boolean;
  options: readonly (readonly [id: string, label: ReactNode])[];
  chosen: string | undefined;
  /** null where this person may only read: then only what is chosen is there */ onChoose: ((id: string) => void) | null;
}) {
  const id = useId();
  return (
    <FormControl component="fieldset" className="practice">
      <FormLabel component="legend" id={id} className={nameIsShown ? undefined : 'visually-hidden'}>
        {name}
      </FormLabel>
      {onChoose === null ? (
        options.filter(([option]) => option === chosen).map(([option, label]) => <span key={option}>{label}</span>)
      ) : (
        <RadioGroup aria-labelledby={id} value={chosen ?? null} onChange={(_event, value) => onChoose(value)}>
          {options.map(([option, label]) => (
            <FormControlLabel key={option} value={option} control={<Radio />} label={label} className="choice" />
          ))}
        </RadioGroup>
      )}
    </FormControl>
  );
}
