import type { LedgerContent } from './chain';

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
const all = '*';

interface Changed {
  path?: string;
  slot?: string;
  key?: string;
  list?: string;
  row?: string;
  column?: string;
  values?: object;
}
/** Origins after one more ledger row. `madeAt` in a row's body is when it was entered on a device that had no way through. */
export function noteOrigins(
  origins: Origins,
  { kind, body, by, at }: Pick<LedgerContent, 'kind' | 'body' | 'by' | 'at'>,
): Origins {
  const { changes, madeAt } = body as { changes?: Changed[]; madeAt?: string };
  const origin: Origin = { by, at: madeAt ?? at };
  if (kind === 'created') return { [all]: origin };
  if (kind === 'imported') return { [all]: { ...origin, file: true } };
  if (kind === 'rows') {
    const cells = (changes ?? []).flatMap(({ list = '', row = '', column, values }) =>
      [...Object.keys(values ?? {}), ...(column ? [column] : [])].map((name) => originKey.row(list, row, name)),
    );
    return { ...origins, ...Object.fromEntries(cells.map((key) => [key, origin])) };
  }
  const keyOf = (change: Changed): string => {
    if (kind === 'figures') return originKey.figure(change.path ?? '', change.slot ?? '');
    if (kind === 'maker') return originKey.maker(change.key ?? '');
    return originKey.text(kind as 'identity' | 'practices', change.key ?? '');
  };
  if (!['figures', 'maker', 'identity', 'practices'].includes(kind) || !changes) return origins;
  return { ...origins, ...Object.fromEntries(changes.map((change) => [keyOf(change), origin])) };
}

export const originAt = (origins: Origins, key: string): Origin | undefined => origins[key] ?? origins[all];
