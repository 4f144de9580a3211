import type { Slot } from '../commands/kinds/figures';
import { parseQuantity } from '../units/parseQuantity';
import type { UnitId } from '../units/units';
import { coEntry } from './coEntry';
import { asNote, type Entry, type EntryContext } from './Entry';
import { primeEntry } from './primeEntry';
import { quantityEntry } from './quantityEntry';
import { sightEntry } from './sightEntry';
import { eventEntry } from './startEntry';

const numberWithUnit = /([-+−]?\d[\d.,]*)\s*(°\s?[cf]|°|"|'|[a-zµωΩ%][a-zΩω²2]*)?/iu;
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

/**
 * Understands one line of quick entry: a figure (`pump 24 deg`), a reading (`12.4 V under glow`), an event (`flame`), what is seen (`white smoke`),
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
  const event = eventEntry(lower, context);
  if (event) return event;
  const sight = sightEntry(lower, context);
  if (sight) return sight;
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
