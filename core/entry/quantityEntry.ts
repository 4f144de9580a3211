import { quantities, type QuantityId } from '../build/Build';
import { fieldAt, figureAt, figurePaths, type FigurePath } from '../build/sheets';
import { valueProblem, type Slot } from '../commands/kinds/figures';
import { supersededBy } from '../model/superseded';
import { metric } from '../units/inUnits';
import { parseQuantity } from '../units/parseQuantity';
import { cellUnit, parseTyped } from '../units/parseTyped';
import { asNote, type Entry, type EntryContext } from './Entry';
import { liveStart, readingEntry } from './startEntry';

const readingWords: Record<string, QuantityId> = {
  'under glow': 'volts',
  volts: 'volts',
  amps: 'amps',
  hertz: 'hertz',
  hz: 'hertz',
  outlet: 'outletC',
  return: 'returnC',
  case: 'caseC',
  sound: 'noiseDb',
  noise: 'noiseDb',
};
const steadyWords = /^(running|at full|at minimum|while running)$/;
const unitQuantity: Record<string, QuantityId> = { v: 'volts', a: 'amps', hz: 'hertz' };

/** A number with words about it: the figure or the reading that it is; what could mean two things is asked. */
export function quantityEntry(
  text: string,
  rest: string,
  quantity: string,
  unitWord: string,
  slot: Slot,
  context: EntryContext,
): Entry {
  const fits = (path: FigurePath) => {
    const field = fieldAt(path);
    return field.kind === 'number' && parseQuantity(quantity, field.unit).ok;
  };
  const named = (test: (word: string) => boolean) => figurePaths.filter((path) => (fieldAt(path).words ?? []).some(test));
  const exact = rest === '' ? [] : named((word) => word === rest);
  const reading = readingWords[rest] ?? (steadyWords.test(rest) ? unitQuantity[unitWord] : undefined);
  if (reading && exact.length === 0) return readingEntry(context, reading, quantity);
  const exactFit = exact.filter(fits);
  const [only] = exactFit;
  if (only && exactFit.length === 1) return figureEntry(only, quantity, slot, context);
  // A number that does not fit the one figure that was named: say so, unless another figure of that name takes it.
  const near = (
    rest === '' ? figurePaths.filter((path) => fieldAt(path).words) : named((word) => wordsOverlap(word, rest))
  ).filter((path) => fits(path) && (unitWord !== '' || rest !== ''));
  const readings =
    !liveStart(context.build) || rest !== ''
      ? []
      : unitQuantity[unitWord]
        ? [unitQuantity[unitWord]]
        : /c$/.test(unitWord)
          ? (['outletC', 'returnC'] as const)
          : [];
  const options = [
    ...readings.map((id) => ({
      label: `${quantities[id].label}, now: ${quantity}`,
      line: `${Object.entries(readingWords).find(([, q]) => q === id)?.[0]} ${quantity}`,
    })),
    ...near.slice(0, 6).map((path) => ({
      label: `${fieldAt(path).label}: ${quantity}`,
      line: `${slot === 'planned' ? 'planned ' : ''}${fieldAt(path).words?.[0]} ${quantity}`,
    })),
  ];
  const [named1] = exact;
  if (named1 && options.length === 0) return figureEntry(named1, quantity, slot, context);
  if (options.length === 0) return asNote(text, 'That line names no figure that is known here.');
  return {
    kind: 'ask',
    question: `Which is “${text}”?`,
    options: [...options, { label: 'Keep it as a note', line: `note ${text}` }],
  };
}

const wordsOverlap = (word: string, rest: string): boolean => word.split(' ').some((w) => rest.split(' ').includes(w));

function figureEntry(path: FigurePath, quantity: string, slot: Slot, { build, unitPreferences = metric }: EntryContext): Entry {
  // Kept without effect it would mislead: what counts are the rows.
  const finer = supersededBy(build, path);
  if (finer)
    return {
      kind: 'refused',
      sentence: `${fieldAt(path).label} counts no longer: ${finer === 'segments' ? 'the line is known segment by segment' : 'the space is known surface by surface'}; change it there.`,
    };
  const field = fieldAt(path);
  if (field.kind !== 'number') return { kind: 'refused', sentence: `${field.label} is chosen on its sheet, not typed here.` };
  if (slot === 'planned' && field.found)
    return { kind: 'refused', sentence: `${field.label} is measured or looked at, not planned; leave out “planned”.` };
  const at: Slot = field.given ? 'planned' : slot;
  const now = figureAt(build.sheets, path)[at];
  const parsed = parseTyped(quantity, field.unit, cellUnit(typeof now === 'number' ? now : null, field.unit, unitPreferences));
  if (!parsed.ok)
    return {
      kind: 'refused',
      sentence: `${field.label}: “${quantity}” ${parsed.reason}; allowed is ${field.min} to ${field.max} ${field.unit}.`,
    };
  const problem = valueProblem(path, parsed.value);
  if (problem) return { kind: 'refused', sentence: problem };
  return {
    kind: 'command',
    command: { kind: 'figures', changes: [{ path, slot: at, from: now, to: parsed.value }] },
    reads: `${field.label} ${parsed.value} ${field.unit}, ${field.given ? 'given' : at === 'planned' ? 'planned' : 'as fitted'}`,
  };
}
