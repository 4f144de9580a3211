/** One number or several of one unit, as they stand in a sentence. */
export interface Quantity {
  n: readonly number[];
  unit: string;
  decimals: number;
  /** zeros at the end are left out */ short?: true;
  /** the word between several numbers */ join?: 'to' | 'and' | 'by';
}
/** A name that a person gave: shown in quotes. */
export interface Name {
  name: string;
  /** a person, who is not quoted */ person?: true;
}
/** A word of one of our own tables, by its key, so that a better word changes no record. */
export interface Term {
  term: string;
}
/** A part of a sentence, from the same check's catalogue. */
export interface Clause {
  code: string;
  values: Values;
}
/** Several, one after the other; of more than `most` the first are told, and how many more there are. */
export interface Several {
  several: readonly Value[];
  most?: number;
}
/** What stands in a sentence in place of a slot; null stands for nothing. */
export type Value = Quantity | Name | Term | Clause | Several | null;
export type Values = Readonly<Record<string, Value>>;
