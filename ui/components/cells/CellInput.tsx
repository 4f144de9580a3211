import { InputBase, NativeSelect, styled, type InputBaseProps } from '@mui/material';
import type { ComponentProps, ReactNode } from 'react';

type Look = 'figure' | 'text' | 'choice';
const input = '& .MuiInputBase-input';
const ownProps = ['look', 'planned', 'assumed'];

/**
 * What is typed or chosen stands in a box: full for what is fitted, broken for a plan, dotted for what is assumed, faint for who may only look.
 * Plain objects throughout: a sheet has a hundred cells, and these are made into styles once instead of once a cell.
 */
const CellBox = styled(InputBase, { shouldForwardProp: (name) => !ownProps.includes(String(name)) })<{
  look: Look;
  planned?: boolean;
  assumed?: boolean;
}>({
  width: '100%',
  [input]: {
    height: 44,
    boxSizing: 'border-box',
    padding: '0 10px',
    textAlign: 'left',
    fontFamily: 'var(--sans)',
    fontVariantNumeric: 'tabular-nums',
    borderRadius: 'var(--mui-shape-borderRadius)',
    border: '1.5px solid var(--ink)',
    background: 'var(--field)',
    '&:focus-visible': { outline: '3px solid var(--focus)', outlineOffset: 2, borderRadius: 'var(--mui-shape-borderRadius)' },
    '@media (max-width: 640px)': { paddingInline: 6 },
  },
  variants: [
    {
      props: { look: 'figure' },
      style: {
        [input]: {
          textAlign: 'right',
          fontFamily: 'var(--mono)',
          fontSize: '1.2rem',
          '@media (max-width: 640px)': { fontSize: '1.1rem' },
        },
      },
    },
    { props: { look: 'text' }, style: { [input]: { fontSize: '1.05rem' } } },
    {
      props: { look: 'choice' },
      style: {
        [input]: { fontSize: '1rem', paddingInline: 6, '@media (max-width: 640px)': { fontSize: '0.95rem', paddingInline: 3 } },
      },
    },
    { props: { planned: true }, style: { [input]: { border: '1.5px dashed var(--soft)', background: 'transparent' } } },
    {
      props: { assumed: true },
      style: {
        [input]: {
          border: '2px dotted var(--soft)',
          background: 'var(--sheet)',
          '&::placeholder': { color: 'var(--soft)', opacity: 1 },
        },
      },
    },
    {
      props: {},
      style: {
        [input]: {
          "&[aria-invalid='true']": { borderColor: 'var(--stop)', borderWidth: 3 },
          '&[readonly], &:disabled': {
            background: 'transparent',
            borderColor: 'var(--hair)',
            color: 'var(--ink)',
            WebkitTextFillColor: 'var(--ink)',
          },
        },
        '.row & .MuiInputBase-input': { fontSize: '1.05rem', paddingInline: 7 },
        '.part-list & .MuiInputBase-input': { fontSize: '1rem', paddingInline: 6 },
      },
    },
    { props: { look: 'choice' }, style: { '.row & .MuiInputBase-input': { paddingInline: 3 } } },
  ],
});

type InputAttributes = Omit<ComponentProps<'input'>, 'size' | 'color'>;
interface InputProps extends Pick<
  InputBaseProps,
  'id' | 'value' | 'placeholder' | 'readOnly' | 'type' | 'onChange' | 'onBlur' | 'onFocus' | 'onKeyDown' | 'aria-describedby'
> {
  /** What the cell holds, spoken; left out where a label stands round it. */ name?: string | undefined;
  look?: 'figure' | 'text';
  planned?: boolean;
  /** it is empty, and shows what is assumed */ assumed?: boolean;
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
  assumed = false,
  onChoose,
  children,
}: {
  name: string;
  value: string;
  disabled: boolean;
  planned?: boolean;
  assumed?: boolean;
  onChoose: (value: string) => void;
  children: ReactNode;
}) {
  return (
    <NativeSelect
      value={value}
      disabled={disabled}
      onChange={(event) => onChoose(event.target.value)}
      input={<CellBox look="choice" planned={planned} assumed={assumed} />}
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
