import { NotMeasured } from '../reading/NotMeasured';
import type { Verdict } from './Finding';

/** One question of a check; it answers null where it finds nothing to say. */
export type Question = () => Verdict | null;

/**
 * Asks every question of a check by itself: what one of them can't answer for want of a figure hides no fault that another one finds.
 * A stop goes before a fix, a fix before what is not measured, that before watch and sound; of equals the first.
 * @throws NotMeasured with all that is missing, where nothing bad is known and something is not measured
 */
export function worstOf(...questions: readonly Question[]): Verdict {
  const said: Verdict[] = [];
  const lacking: NotMeasured[] = [];
  for (const question of questions) {
    try {
      const verdict = question();
      if (verdict) said.push(verdict);
    } catch (error) {
      if (!(error instanceof NotMeasured)) throw error;
      lacking.push(error);
    }
  }
  const at = (level: Verdict['level']) => said.find((verdict) => verdict.level === level);
  const bad = at('stop') ?? at('fix');
  if (bad) return bad;
  const rest = lacking.length > 0 ? undefined : (at('watch') ?? at('sound'));
  if (rest) return rest;
  throw new NotMeasured(lacking.flatMap(({ needs }) => needs));
}
