import { emptyBuild } from '../core/build/emptyBuild';
import type { Build } from '../core/build/Build';
import type { UnitCard } from '../core/build/unit/UnitCard';
import { distances, heaterPlaces, type Answers, type Distance, type HeaterPlace } from '../core/usual/Answers';
import { bodyShapes, type BodyShapeId } from '../core/model/heat/bodyShapes';
import { sources, type SourceId } from '../core/build/fuelSources';
import { classCards } from '../core/usual/classes';
import { startFrom, withStart } from '../core/usual/startFrom';
import fc from 'fast-check';
import { id } from './soundBuild';

export const airCard = classCards[0] as UnitCard;
/** The answers of an ordinary van. */
export const vanAnswers: Answers = {
  shape: 'van',
  card: airCard,
  source: 'kitTank',
  place: 'floor',
  tankAway: 'middle',
  batteryAway: 'middle',
};
/** A build as it stands after the five questions. */
export function startedBuild(more: Partial<Answers> = {}): Build {
  const start = startFrom({ ...vanAnswers, ...more });
  const empty = emptyBuild(id(1), { name: 'New', what: '', kind: start.kind, place: '', heaterSerial: '', invented: true });
  return withStart(empty, start);
}
const keys = <K extends string>(table: Readonly<Record<K, unknown>>) => Object.keys(table) as K[];
export const anyAnswers: fc.Arbitrary<Answers> = fc.record({
  shape: fc.constantFrom(...keys<BodyShapeId>(bodyShapes)),
  card: fc.constantFrom(...classCards),
  source: fc.constantFrom(...keys<SourceId>(sources)),
  place: fc.constantFrom(...keys<HeaterPlace>(heaterPlaces)),
  tankAway: fc.constantFrom(...keys<Distance>(distances)),
  batteryAway: fc.constantFrom(...keys<Distance>(distances)),
});
