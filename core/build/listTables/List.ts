import type { Column, Part } from '../field';

/** A list of a build. */
export interface List {
  label: string;
  /** one of them, in a sentence */ one: string;
  /** rows at most */ max: number;
  part: Part;
  columns: Readonly<Record<string, Column>>;
}

export const yesNo = { yes: 'yes', no: 'no' } as const;
export const mm = <const L extends string>(label: L, min: number, max: number, hint?: string) =>
  ({ kind: 'number', label, unit: 'mm', min, max, decimals: 1, ...(hint ? { hint } : {}) }) as const;
export const text = (label: string, max: number) => ({ kind: 'text', label, max }) as const;
