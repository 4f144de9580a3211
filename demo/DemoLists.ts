import type { ListId, RowOf } from '../core/build/lists';

/** Rows without their ids: the loader gives each one. */
export type DemoLists = { [L in ListId]?: Omit<RowOf<L>, 'id'>[] };
