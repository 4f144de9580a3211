import { primingOutcomes } from '../build/Build';
import { valueAt } from '../build/sheets';
import { readNumber } from '../units/readNumber';
import type { Entry, EntryContext } from './Entry';

/** `prime 140 strokes`: what is not said of it is asked. */
export function primeEntry(text: string, { build, newId }: EntryContext): Entry {
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
