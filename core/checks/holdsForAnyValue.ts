import type { Build } from '../build/Build';
import type { Field } from '../build/field';
import { fieldAt, figureAt, type FigurePath, type SheetId } from '../build/sheets';
import { NotMeasured } from '../reading/NotMeasured';
import type { Reader, Trail } from '../reading/Reader';
import type { Check } from './Check';
import type { Told, Verdict } from './Finding';

/** The build with one unknown figure supposed to be something. */
function supposing(build: Build, path: FigurePath, value: number | string): Build {
  const [sheet, name] = path.split('.') as [SheetId, string];
  const figure = { ...figureAt(build.sheets, path), planned: value };
  return { ...build, sheets: { ...build.sheets, [sheet]: { ...build.sheets[sheet], [name]: figure } } };
}

/**
 * Values over all that a figure may be: every option; or its range in steps, with what the check compares it to,
 * since it is there that a narrow window of good values would lie.
 */
function* valuesOf(field: Field, { inputs, rules }: Trail): Generator<number | string> {
  if (field.kind === 'choice') {
    yield* Object.keys(field.options);
    return;
  }
  const { min, max, unit } = field;
  const compared = [
    ...rules.map(({ value }) => value),
    ...inputs.flatMap((input) => (typeof input.value === 'number' && (input.unit === unit || unit === 'm') ? [input.value] : [])),
  ];
  const about = compared.flatMap((value) => [1, 0.98, 1.02, 0.9, 1.1, 0.5, 2].map((share) => value * share));
  const near = compared.flatMap((value) => [-0.2, 0.2, -20, 20].map((by) => value + by));
  for (const value of [...about, ...near]) if (value >= min && value <= max) yield value;
  const steps = 48;
  for (let i = 0; i <= steps; i += 1) yield min + ((max - min) * i) / steps;
  // Ranges over several decades have their usual values low.
  if (min > 0) for (let i = 1; i < steps; i += 1) yield min * (max / min) ** (i / steps);
}

/**
 * The verdict that holds whatever one unknown figure may turn out to be; null where some value of it would be no fault.
 * The mildest is told, with the value that was supposed for it, so that nothing looks measured that is not.
 * @param trail what the check had read before it found the figure missing
 * @param readerOf makes a reader of a build
 */
export function holdsForAnyValue(
  check: Check,
  build: Build,
  path: FigurePath,
  trail: Trail,
  readerOf: (supposed: Build, trail: Trail) => Reader,
): { verdict: Verdict; supposed: NonNullable<Told['supposed']> } | null {
  const field = fieldAt(path);
  let mildest: { verdict: Verdict; value: number | string } | null = null;
  const seen: Trail = { inputs: [...trail.inputs], rules: [...trail.rules] };
  const checked = (value: number | string): Verdict | null => {
    const own: Trail = { inputs: [], rules: [] };
    try {
      const verdict = check.assess(readerOf(supposing(build, path, value), own), []);
      return verdict.level === 'stop' || verdict.level === 'fix' ? verdict : null;
    } catch (error) {
      if (!(error instanceof NotMeasured)) throw error;
      return null;
    } finally {
      // What a first try compares it to tells where to look.
      if (seen.inputs.length < own.inputs.length) Object.assign(seen, own);
    }
  };
  const first = field.kind === 'number' ? (field.min + field.max) / 2 : (Object.keys(field.options)[0] ?? '');
  if (checked(first) === null) return null;
  for (const value of valuesOf(field, seen)) {
    const verdict = checked(value);
    if (verdict === null) return null;
    if (mildest === null || (mildest.verdict.level === 'stop' && verdict.level === 'fix')) mildest = { verdict, value };
  }
  return mildest && { verdict: mildest.verdict, supposed: { path, value: mildest.value } };
}
