import { quantities, startEvents, type Build, type QuantityId, type StartEventKind, type StartRun } from '../build/Build';
import { metric } from '../units/inUnits';
import { cellUnit, parseTyped } from '../units/parseTyped';
import type { Entry, EntryContext } from './Entry';

/** What a person calls what happens at a start. */
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
  lowest: 'low',
  'set to its lowest': 'low',
  'flame out': 'out',
  'flame went out': 'out',
  off: 'off',
  'button off': 'off',
  'fan stopped': 'end',
  'power cut': 'cut',
};

/** An event of the start that is being logged; null where the line is none. */
export function eventEntry(line: string, context: EntryContext): Entry | null {
  const event = eventWords[line];
  return event ? startEntry(context, { events: [event] }, startEvents[event]) : null;
}

/** The start that is being logged now: the last one, while its fan has not stopped and its power was not cut. */
export function liveStart({ starts }: Build): StartRun | null {
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

/** A reading of the start that is being logged. */
export function readingEntry(context: EntryContext, quantity: QuantityId, text: string): Entry {
  const { unit, label, min, max } = quantities[quantity];
  const parsed = parseTyped(text, unit, cellUnit(null, unit, context.unitPreferences ?? metric));
  if (!parsed.ok)
    return { kind: 'refused', sentence: `${label}: “${text}” ${parsed.reason}; allowed is ${min} to ${max} ${unit}.` };
  if (parsed.value < min || parsed.value > max)
    return { kind: 'refused', sentence: `${label} is ${parsed.value} ${unit}; allowed is ${min} to ${max} ${unit}.` };
  return startEntry(context, { reading: { quantity, value: parsed.value } }, `${label} ${parsed.value} ${unit}`);
}
