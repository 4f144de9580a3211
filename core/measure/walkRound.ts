import type { Build } from '../build/Build';
import { fieldAt, figureAt, type FigurePath } from '../build/sheets';
import { holdPointIds, type HoldPoint } from '../build/stages';
import { nextHoldPoint } from '../checks/progress';
import type { Slot } from '../commands/kinds/figures';
import type { NextMeasurement } from './nextMeasurements';
import { walkPlaceIds, walkPlaceOf, walkPlaceOfList, type WalkPlace } from './stands';

/** What is measured at one place. */
export interface WalkStop {
  place: WalkPlace;
  items: NextMeasurement[];
}

/** Where a measurement is taken. */
export const placeOfMeasurement = ({ at }: NextMeasurement): WalkPlace =>
  'path' in at ? walkPlaceOf(at.path) : walkPlaceOfList(at.list);

/**
 * The next measurements by where the person stands, in the order of least walking; at each place what changes most comes first.
 * @param upTo only what is wanted at this hold point or before it; all where nothing is said
 */
export function walkRound(all: readonly NextMeasurement[], upTo?: HoldPoint): WalkStop[] {
  const wanted = upTo ? all.filter(({ holdPoint }) => holdPointIds.indexOf(holdPoint) <= holdPointIds.indexOf(upTo)) : all;
  return walkPlaceIds
    .map((place) => ({ place, items: wanted.filter((one) => placeOfMeasurement(one) === place) }))
    .filter(({ items }) => items.length > 0);
}

/** How many figures and looks are still asked for: before the next hold point, and in all. */
export function countAsked(build: Build, all: readonly NextMeasurement[]): { next: number; all: number; holdPoint: HoldPoint } {
  const holdPoint = nextHoldPoint(build) ?? 'handover';
  return { next: walkRound(all, holdPoint).reduce((sum, { items }) => sum + items.length, 0), all: all.length, holdPoint };
}

/**
 * Whether a figure that is taken now is a plan or is as fitted: before the first hole and before anything is bolted what is measured
 * of the run is where it will lie; what is found or given has one value.
 */
export function slotNow(build: Build, path: FigurePath): Slot {
  const field = fieldAt(path);
  if (field.given) return 'planned';
  if (field.found || figureAt(build.sheets, path).fitted !== null) return 'fitted';
  const next = nextHoldPoint(build);
  return next === 'cutting' || next === 'bolting' ? 'planned' : 'fitted';
}
