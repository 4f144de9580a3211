import { buildUps, glazings, type BuildUpId, type GlazingId } from '../physics/heat/buildUps';

/** The names of a table's entries by their ids. */
export const labelsOf = <K extends string>(table: Readonly<Record<K, { label: string }>>): Record<K, string> =>
  Object.fromEntries(Object.entries<{ label: string }>(table).map(([id, { label }]) => [id, label])) as Record<K, string>;

export const glazingLabels: Record<GlazingId, string> = labelsOf(glazings);
export const wallLabels: Record<BuildUpId, string> = labelsOf(buildUps);
