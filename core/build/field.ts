import type { UnitId } from '../units/units';

/** The parts of the run that a figure or a finding can sit on. */
export const parts = [
  'tank',
  'pickup',
  'suction',
  'filter',
  'pump',
  'line',
  'heater',
  'intake',
  'exhaust',
  'battery',
  'cabin',
] as const;
export type Part = (typeof parts)[number];

interface FieldBase {
  label: string;
  part: Part;
  /** Words of the quick-entry line that mean this figure ("pump", "pump angle"). */
  words?: readonly string[];
  /** A condition of the job (coldest night, kind of fuel): one value, nothing is fitted. */
  given?: boolean;
  /** A look, a test or a state: nobody plans it, it is what is found. */
  found?: boolean;
  /** Not wanted of every build; a stage is proven without it. */
  optional?: boolean;
  /** It came after the first builds were kept: a document without it is whole. */
  later?: boolean;
  /** How or where to measure; shown under the label. */
  hint?: string;
}
export interface NumberField extends FieldBase {
  kind: 'number';
  unit: UnitId;
  min: number;
  max: number;
  decimals: number;
}
export interface ChoiceField<V extends string = string> extends FieldBase {
  kind: 'choice';
  options: Readonly<Record<V, string>>;
}
export type Field = NumberField | ChoiceField;
export type FieldTable = Readonly<Record<string, Field>>;

export const number = <const F extends Omit<NumberField, 'kind'>>(field: F) => ({ kind: 'number', ...field }) as const;
export const choice = <const V extends string, const F extends Omit<ChoiceField<V>, 'kind'>>(
  field: F & { options: Readonly<Record<V, string>> },
) => ({ kind: 'choice', ...field }) as const;

/** A figure as planned and then as fitted; null where nobody has said. */
export interface Figure<V> {
  planned: V | null;
  fitted: V | null;
  /** It is neither, but what is assumed (`takeAssumed`): only in a build that is judged or drawn, never in one that is kept. */
  assumed?: true;
}
export type ValueOf<F> = F extends { kind: 'number' }
  ? number
  : F extends { kind: 'choice'; options: infer O }
    ? keyof O & string
    : never;
export type Sheet<T extends FieldTable> = { [K in keyof T]: Figure<ValueOf<T[K]>> };

/** Text of a row of a list: a name, a serial number. */
export interface TextColumn {
  kind: 'text';
  label: string;
  max: number;
  hint?: string;
  /** Set when the row is made, and never after. */
  fixed?: boolean;
  /** a time of day, HH:MM */
  time?: boolean;
}
/** A moment, as an ISO instant. */
export interface InstantColumn {
  kind: 'instant';
  label: string;
  hint?: string;
}
/** The layers of a wall, from inside to outside. */
export interface LayersColumn {
  kind: 'layers';
  label: string;
  max: number;
  hint?: string;
}
/** A column of a list; a number or a choice there sits on the list's own part. */
export type Column =
  | (Omit<NumberField, 'part' | 'words' | 'given'> & { fixed?: boolean })
  | (Omit<ChoiceField, 'part' | 'words' | 'given'> & { fixed?: boolean })
  | TextColumn
  | InstantColumn
  | LayersColumn;
