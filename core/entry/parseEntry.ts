import { type Slot, valueProblem } from '../commands/kinds/figures';
import type { Command } from '../commands/allCommands';
import {
  coPlaces,
  coStates,
  primingOutcomes,
  quantities,
  startEvents,
  type Build,
  type QuantityId,
  type StartEventKind,
  type StartRun,
} from '../build/Build';
import { supersededBy } from '../model/superseded';
import { fieldAt, figureAt, figurePaths, valueAt, type FigurePath } from '../build/sheets';
import { metric, type UnitPreferences } from '../units/inUnits';
import { parseQuantity } from '../units/parseQuantity';
import { readNumber } from '../units/readNumber';
import { cellUnit, parseTyped } from '../units/parseTyped';
import type { UnitId } from '../units/units';

export interface EntryContext {
  build: Build;
  /** the clock, ms */ nowMs: number;
  newId: () => string;
  /** in which units bare numbers are meant; metric where it isn't said */ unitPreferences?: UnitPreferences;
}
export type Entry =
  /** Understood; `reads` says back how. */
  | { kind: 'command'; command: Command; reads: string }
  /** Could mean several things: each option is a line that could not. */
  | { kind: 'ask'; question: string; options: { label: string; line: string }[] }
  | { kind: 'refused'; sentence: string };

const numberWithUnit = /([-+−]?\d[\d.,]*)\s*(°\s?[cf]|°|"|'|[a-zµωΩ%][a-zΩω²2]*)?/iu;
const eventWords: Record<string, StartEventKind> = {
  on: 'on',
  'button on': 'on',
  glow: 'glow',
  'glow on': 'glow',
  'glow plug on': 'glow',
  'pump clicks': 'pump',
  clicks: 'pump',
  flame: 'flame',
  full: 'full',
  'full output': 'full',
  off: 'off',
  'button off': 'off',
  'fan stopped': 'end',
  'power cut': 'cut',
};
const readingWords: Record<string, QuantityId> = {
  'under glow': 'volts',
  volts: 'volts',
  amps: 'amps',
  hertz: 'hertz',
  hz: 'hertz',
  outlet: 'outletC',
  return: 'returnC',
};
const steadyWords = /^(running|at full|at minimum|while running)$/;
const unitQuantity: Record<string, QuantityId> = { v: 'volts', a: 'amps', hz: 'hertz' };

/**
 * Understands one line of quick entry: a figure (`pump 24 deg`), a reading (`12.4 V under glow`), an event (`flame`),
 * `prime 140 strokes`, `CO 0 ppm pillow`, or `note …`. What could mean two things is asked back, never guessed.
 */
export function parseEntry(line: string, context: EntryContext): Entry {
  const text = line.normalize('NFKC').trim().replace(/\s+/g, ' ');
  if (text === '') return { kind: 'refused', sentence: 'The line is empty.' };
  if (text.length > 1000)
    return { kind: 'refused', sentence: `The line holds ${text.length} characters; at most 1000 are allowed.` };
  const note = /^note:?\s+(.+)$/i.exec(text);
  if (note?.[1]) return { kind: 'command', command: { kind: 'note', text: note[1] }, reads: `note: ${note[1]}` };
  const lower = text.toLowerCase();
  const event = eventWords[lower];
  if (event) return startEntry(context, { events: [event] }, startEvents[event]);
  const slot: Slot = /^planned?\s/.test(lower) ? 'planned' : 'fitted';
  const bare = lower.replace(/^planned?\s+/, '').replace(/\s*(=|:)\s*/, ' ');
  if (/^prime\b/.test(bare)) return primeEntry(bare, context);
  if (/^co2?\b/.test(bare)) return coEntry(bare, context);
  const match = numberWithUnit.exec(bare);
  if (!match) return asNote(text, 'No figure was found in that line.');
  let quantity = match[0].trim();
  let rest = `${bare.slice(0, match.index)} ${bare.slice(match.index + match[0].length)}`.replace(/\s+/g, ' ').trim();
  // "11.2 under glow": the word after the number is no unit but part of the name.
  if (match[2] && !isUnit(match[2])) {
    quantity = match[1] ?? '';
    rest = `${bare.slice(0, match.index)} ${bare.slice(match.index + (match[1] ?? '').length)}`.replace(/\s+/g, ' ').trim();
  }
  return quantityEntry(text, rest, quantity, match[2] && isUnit(match[2]) ? match[2].toLowerCase() : '', slot, context);
}

const allUnits: readonly UnitId[] = [
  'mm',
  'deg',
  '°C',
  'V',
  'A',
  'Ah',
  'mΩ',
  'mm²',
  'Hz',
  'mL',
  'kW',
  '%',
  'h',
  's',
  'ppm',
  'strokes',
];
const isUnit = (word: string): boolean =>
  word.toLowerCase() === 'awg' || allUnits.some((unit) => parseQuantity(`1 ${word}`, unit).ok);

function quantityEntry(text: string, rest: string, quantity: string, unitWord: string, slot: Slot, context: EntryContext): Entry {
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

function asNote(text: string, why: string): Entry {
  return { kind: 'ask', question: why, options: [{ label: 'Keep it as a note', line: `note ${text}` }] };
}

/** The start that is being logged now: the last one, while its fan has not stopped and its power was not cut. */
function liveStart({ starts }: Build): StartRun | null {
  const run = starts[starts.length - 1];
  return run && !run.events.some(({ event }) => event === 'end' || event === 'cut') ? run : null;
}

function startEntry(
  { build, nowMs }: EntryContext,
  what: { events?: StartEventKind[]; reading?: { quantity: QuantityId; value: number } },
  reads: string,
): Entry {
  const run = liveStart(build);
  if (!run)
    return { kind: 'refused', sentence: 'No start is being logged; begin one on the First start sheet, then enter readings.' };
  const atS = Math.round(Math.max(0, nowMs - Date.parse(run.at)) / 100) / 10;
  if (atS > 86400)
    return {
      kind: 'refused',
      sentence: 'The last start was begun more than a day ago; begin a new one on the First start sheet.',
    };
  return {
    kind: 'command',
    command: {
      kind: 'readings',
      startId: run.id,
      events: (what.events ?? []).map((event) => ({ atS, event })),
      readings: what.reading ? [{ atS, ...what.reading }] : [],
    },
    reads: `${reads}, ${Math.round(atS)} s into the start`,
  };
}

function readingEntry(context: EntryContext, quantity: QuantityId, text: string): Entry {
  const { unit, label, min, max } = quantities[quantity];
  const parsed = parseTyped(text, unit, cellUnit(null, unit, context.unitPreferences ?? metric));
  if (!parsed.ok)
    return { kind: 'refused', sentence: `${label}: “${text}” ${parsed.reason}; allowed is ${min} to ${max} ${unit}.` };
  if (parsed.value < min || parsed.value > max)
    return { kind: 'refused', sentence: `${label} is ${parsed.value} ${unit}; allowed is ${min} to ${max} ${unit}.` };
  return startEntry(context, { reading: { quantity, value: parsed.value } }, `${label} ${parsed.value} ${unit}`);
}

function primeEntry(text: string, { build, newId }: EntryContext): Entry {
  const typed = /\d[\d.,'x]*/.exec(text)?.[0];
  if (!typed) return { kind: 'refused', sentence: `“${text}” has no count; write it as: prime 140 strokes.` };
  const number = readNumber(typed);
  if (!number.ok || !Number.isInteger(number.value) || number.value > 100000)
    return {
      kind: 'refused',
      sentence: `Strokes: “${typed}” ${number.ok ? 'is no count' : number.reason}; allowed is a whole number from 0 to 100000.`,
    };
  const count = String(number.value);
  const outcome = (Object.keys(primingOutcomes) as (keyof typeof primingOutcomes)[]).find((id) =>
    new RegExp(`\\b${id}\\b`).test(text),
  );
  const start = /\bempty\b/.test(text) ? true : /\bmore\b/.test(text) ? false : build.primingRuns.length === 0 ? true : null;
  const base = `prime ${count} strokes${/\bempty\b/.test(text) ? ' empty' : /\bmore\b/.test(text) ? ' more' : ''}`;
  if (!outcome)
    return {
      kind: 'ask',
      question: `${count} strokes: how did it end?`,
      options: Object.entries(primingOutcomes).map(([id, label]) => ({ label, line: `${base} ${id}` })),
    };
  if (start === null)
    return {
      kind: 'ask',
      question: 'Was the line empty before these strokes?',
      options: [
        { label: 'Yes, it was empty', line: `prime ${count} strokes empty ${outcome}` },
        { label: 'No, they add to the last run', line: `prime ${count} strokes more ${outcome}` },
      ],
    };
  const frequencyHz = valueAt(build.sheets, 'priming.primingHz');
  if (frequencyHz === null)
    return { kind: 'refused', sentence: 'Pump frequency while priming is not known; enter it on the Priming sheet first.' };
  return {
    kind: 'command',
    command: { kind: 'priming', run: { id: newId(), strokes: Number(count), frequencyHz, fromEmpty: start, outcome } },
    reads: `priming, ${count} strokes, ${primingOutcomes[outcome]}`,
  };
}

function coEntry(text: string, { newId }: EntryContext): Entry {
  if (/^co2\b/.test(text)) return { kind: 'refused', sentence: 'CO2 is carbon dioxide; only carbon monoxide (CO) is kept here.' };
  const parsed = parseQuantity(/(-?\d[\d.,]*\s*(?:ppm)?)/.exec(text)?.[1] ?? '', 'ppm');
  if (!parsed.ok) return { kind: 'refused', sentence: `Carbon monoxide ${parsed.reason}; write it as: CO 0 ppm pillow.` };
  if (parsed.value < 0 || parsed.value > 2000)
    return { kind: 'refused', sentence: `Carbon monoxide is ${parsed.value} ppm; allowed is 0 to 2000 ppm.` };
  const place = (Object.keys(coPlaces) as (keyof typeof coPlaces)[]).find((id) => new RegExp(`\\b${id}\\b`).test(text));
  const doors = /\bopen\b/.test(text) ? 'open' : /\b(closed|shut)\b/.test(text) ? 'closed' : null;
  const state = (Object.keys(coStates) as (keyof typeof coStates)[]).find((id) => new RegExp(`\\b${id}\\b`).test(text));
  if (!place)
    return {
      kind: 'ask',
      question: `Where was ${parsed.value} ppm read?`,
      options: Object.entries(coPlaces).map(([id, label]) => ({ label, line: `co ${parsed.value} ppm ${id}` })),
    };
  return {
    kind: 'command',
    command: {
      kind: 'co',
      reading: {
        id: newId(),
        ppm: parsed.value,
        place,
        ...(doors ? { doors } : {}),
        ...(state ? { state } : {}),
      },
    },
    reads: `carbon monoxide ${parsed.value} ppm at the ${coPlaces[place]}`,
  };
}
