import type { Build } from '../build/Build';
import type { Command } from '../commands/allCommands';
import type { UnitPreferences } from '../units/inUnits';

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

/** Not understood: it may be kept as a note. */
export function asNote(text: string, why: string): Entry {
  return { kind: 'ask', question: why, options: [{ label: 'Keep it as a note', line: `note ${text}` }] };
}
