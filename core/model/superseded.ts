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
/** What is said of each of the two pipes as a whole; its pieces stand for it. */
export const roughPipes: readonly string[] = [
  'air.exhaustLengthM',
  'air.exhaustFallMm',
  'pipes.exhaustBoreMm',
  'pipes.exhaustBendsDeg',
  'pipes.cover',
  'pipes.near',
  'pipes.nearMm',
  'pipes.nearLies',
  'pipes.shield',
  'pipes.through',
  'pipes.gapMm',
  'pipes.supportsApartMm',
  'pipes.burnerJoint',
  'pipes.state',
];
export const roughIntake: readonly string[] = [
  'air.intakeLengthM',
  'air.intakeFallMm',
  'pipes.intakeBoreMm',
  'pipes.intakeBendsDeg',
];
/** What is said of the feed as one cable; the loom stands for it. */
export const roughFeed: readonly string[] = [
  'wiring.feedLengthM',
  'wiring.cableAreaMm2',
  'wiring.insulationC',
  'wiring.bundled',
  'wiring.jointsMohm',
  'wiring.fuseA',
  'wiring.fuseFromBatteryMm',
];
const piecesOf = (way: 'exhaust' | 'intake') => (build: Build) => rowsOf(build.lists, 'pipes').some(({ of }) => of === way);
const finer: readonly { list: ListId; rough: readonly string[]; said?: (build: Build) => boolean }[] = [
  { list: 'surfaces', rough: roughAreas },
  { list: 'segments', rough: roughLine },
  { list: 'cables', rough: roughFeed },
  { list: 'pipes', rough: roughPipes, said: piecesOf('exhaust') },
  { list: 'pipes', rough: roughIntake, said: piecesOf('intake') },
];

/** The list that says more finely what a rough figure says, where it has rows; null where the figure counts. */
export const supersededBy = (build: Build, path: string): ListId | null =>
  finer.find(({ list, rough, said }) => rough.includes(path) && (said?.(build) ?? rowsOf(build.lists, list).length > 0))?.list ??
  null;

/** Whether a rough figure is no longer asked for, since rows say it more finely. */
export const isSuperseded = (build: Build, path: string): boolean => supersededBy(build, path) !== null;
