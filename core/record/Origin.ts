/** Who put a value in, and when. */
export interface Origin {
  by: string;
  at: string;
  /** It came in with a file; `by` is who brought the file in. */
  file?: boolean;
}
/** For each value of a build, by key, where it came from. A fold over the ledger; kept beside the build so that nobody has to read it all. */
export type Origins = Readonly<Record<string, Origin>>;

export const originKey = {
  figure: (path: string, slot: string) => `${path}/${slot}`,
  maker: (key: string) => `maker/${key}`,
  row: (list: string, row: string, column: string) => `list/${list}/${row}/${column}`,
  text: (part: 'identity' | 'practices', key: string) => `${part}/${key}`,
};
/** Stands for every value that no later row has changed. */
export const allOrigins = '*';

export const originAt = (origins: Origins, key: string): Origin | undefined => origins[key] ?? origins[allOrigins];
