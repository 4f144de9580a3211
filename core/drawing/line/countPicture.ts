import type { Build } from '../../build/Build';
import { primedStrokes } from '../../model/priming/primedStrokes';
import { countTells, type CountTells } from '../../physics/fuel/countTells';
import { fillPicture } from './fillPicture';

/** What the last count says of dose, line and gaps; null where none ended with fuel at the heater, or too little is known of the line. */
export function countPicture(build: Build): { strokes: number; tells: CountTells | null } | null {
  const { strokes, last } = primedStrokes(build);
  if (last?.outcome !== 'reached' || strokes <= 0) return null;
  const facts = fillPicture(build);
  return 'missing' in facts ? null : { strokes, tells: countTells(facts, strokes) };
}
