import { InputBase, NativeSelect, styled, type InputBaseProps } from '@mui/material';
import type { ComponentProps, ReactNode } from 'react';

type Look = 'figure' | 'text' | 'choice';
const fonts = {
  figure: { textAlign: 'right', fontFamily: 'var(--mono)', fontSize: '1.2rem', paddingInline: 10 },
  text: { textAlign: 'left', fontFamily: 'var(--sans)', fontSize: '1.05rem', paddingInline: 10 },
  choice: { textAlign: 'left', fontFamily: 'var(--sans)', fontSize: '1rem', paddingInline: 6 },
} as const;
const own = (name: PropertyKey) => name === 'look' || name === 'planned';

/** What is typed or chosen stands in a box: full for what is fitted, broken for a plan, faint for who may only look. */
const CellBox = styled(InputBase, { shouldForwardProp: (name) => !own(name) })<{ look: Look; planned?: boolean }>(
  ({ look, planned, theme }) => ({
    width: '100%',
    '& .MuiInputBase-input': {
      ...fonts[look],
      height: 44,
      boxSizing: 'border-box',
      paddingBlock: 0,
      fontVariantNumeric: 'tabular-nums',
      borderRadius: theme.shape.borderRadius,
      border: planned ? '1.5px dashed var(--soft)' : '1.5px solid var(--ink)',
      background: planned ? 'transparent' : 'var(--field)',
      "&[aria-invalid='true']": { borderColor: 'var(--stop)', borderWidth: 3 },
      '&[readonly], &:disabled': {
        background: 'transparent',
        borderColor: 'var(--hair)',
        color: 'var(--ink)',
        WebkitTextFillColor: 'var(--ink)',
      },
      '&:focus-visible': { outline: '3px solid var(--focus)', outlineOffset: 2, borderRadius: theme.shape.borderRadius },
      '@media (max-width: 640px)': {
        fontSize: look === 'choice' ? '0.95rem' : '1.1rem',
        paddingInline: look === 'choice' ? 3 : 6,
      },
    },
    '.row & .MuiInputBase-input': { fontSize: '1.05rem', paddingInline: look === 'choice' ? 3 : 7 },
    '.part-list & .MuiInputBase-input': { fontSize: '1rem', paddingInline: 6 },
  }),
);

type InputAttributes = Omit<ComponentProps<'input'>, 'size' | 'color'>;
interface InputProps extends Pick<
  InputBaseProps,
  'id' | 'value' | 'placeholder' | 'readOnly' | 'type' | 'onChange' | 'onBlur' | 'onFocus' | 'onKeyDown' | 'aria-describedby'
> {
  /** What the cell holds, spoken; left out where a label stands round it. */ name?: string | undefined;
  look?: 'figure' | 'text';
  planned?: boolean;
  bad?: boolean;
  /** what only the browser's own field knows */ field?: InputAttributes;
}

/** The box of a cell into which something is typed. */
export function CellInput({ name, look = 'figure', bad = false, field, ...input }: InputProps) {
  return <CellBox look={look} error={bad} slotProps={{ input: { 'aria-label': name, ...field } }} {...input} />;
}

/** The box of a cell in which one of a few is chosen; a phone shows its own wheel for it. */
export function CellPick({
  name,
  value,
  disabled,
  planned = false,
  onChoose,
  children,
}: {
  name: string;
  value: string;
  disabled: boolean;
  planned?: boolean;
  onChoose: (value: string) => void;
  children: ReactNode;
}) {
  return (
    <NativeSelect
      value={value}
      disabled={disabled}
      onChange={(event) => onChoose(event.target.value)}
      input={<CellBox look="choice" planned={planned} />}
      inputProps={{ 'aria-label': name }}
    >
      {children}
    </NativeSelect>
  );
}

/** Options by id and words. */
export function Options({ of, empty }: { of: Readonly<Record<string, string>>; empty?: string }) {
  return (
    <>
      {empty !== undefined && <option value="">{empty}</option>}
      {Object.entries(of).map(([id, label]) => (
        <option key={id} value={id}>
          {label}
        </option>
      ))}
    </>
  );
}
