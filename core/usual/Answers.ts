import type { SourceId } from '../build/fuelSources';
import type { UnitCard } from '../build/unit/UnitCard';
import type { BodyShapeId } from '../model/heat/bodyShapes';

/** Where the heater is to sit. */
export const heaterPlaces = {
  floor: 'inside, over holes in the floor',
  shelf: 'inside, on a shelf or bracket',
  under: 'under the floor',
} as const;
export type HeaterPlace = keyof typeof heaterPlaces;
/** How far off something is from the heater. */
export const distances = { near: 'beside it', middle: 'halfway off', far: 'at the other end' } as const;
export type Distance = keyof typeof distances;

/** What a person says of a build before anything is measured: five questions, the last of two halves. */
export interface Answers {
  shape: BodyShapeId;
  card: UnitCard;
  source: SourceId;
  place: HeaterPlace;
  tankAway: Distance;
  batteryAway: Distance;
}
