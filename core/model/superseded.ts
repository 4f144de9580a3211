import { roughAreas } from './heat/spaceParts';
import type { Build } from '../build/Build';
import { rowsOf, type ListId } from '../build/lists';

/** The two rough lengths of the fuel line; its segments stand for them. */
export const roughLine: readonly string[] = [
  'fuel.suctionLengthM',
  'fuel.suctionBoreMm',
  'fuel.pressureLengthM',
  'fuel.pressureBoreMm',
];
const finer: readonly { list: ListId; rough: readonly string[] }[] = [
  { list: 'surfaces', rough: roughAreas },
  { list: 'segments', rough: roughLine },
];

/** The list that says more finely what a rough figure says, where it has rows; null where the figure counts. */
export const supersededBy = (build: Build, path: string): ListId | null =>
  finer.find(({ list, rough }) => rough.includes(path) && rowsOf(build.lists, list).length > 0)?.list ?? null;

/** Whether a rough figure is no longer asked for, since rows say it more finely. */
export const isSuperseded = (build: Build, path: string): boolean => supersededBy(build, path) !== null;
