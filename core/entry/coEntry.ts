import { coPlaces, coStates } from '../build/Build';
import { parseQuantity } from '../units/parseQuantity';
import type { Entry, EntryContext } from './Entry';

/** `CO 0 ppm pillow`: where it was read is asked where it is not said. */
export function coEntry(text: string, { newId }: EntryContext): Entry {
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
