import type { Clash } from '../../core/commands/define';
import type { Command } from '../../core/commands/allCommands';

/** What was entered and is not acknowledged yet. */
export interface Waiting {
  commandId: string;
  command: Command;
  /** When it was entered, by this device's clock. */
  madeAt: string;
  /** Sign-in name of whoever entered it: nobody else's session sends it. */
  by: string;
}
/** An entry that the server did not take: it waits for its person's decision. */
export interface Held extends Waiting {
  clashes: Clash[];
  errors: string[];
}

// One key an entry, so that two tabs never write over each other's; keys sort in the order of entry.
const prefix = (kind: 'out' | 'held', buildId: string) => `lorbet-${kind}:${buildId}:`;
let lastKey = 0;
export function nextKey(): string {
  lastKey = Math.max(Date.now(), lastKey + 1);
  return String(lastKey).padStart(15, '0');
}

function readAll<T>(start: string): [string, T][] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(start))
      .sort()
      .flatMap((key): [string, T][] => {
        const text = localStorage.getItem(key);
        try {
          return text === null ? [] : [[key, JSON.parse(text) as T]];
        } catch {
          return [];
        }
      });
  } catch {
    return [];
  }
}
/** @returns whether this device could keep it; where not, it lives as long as the page */
function put(key: string, value: unknown): boolean {
  try {
    localStorage.setItem(key, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}
function remove(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // A forbidden store held nothing.
  }
}

export interface Kept<T> {
  key: string;
  entry: T;
}
const listed = <T>(start: string): Kept<T>[] => readAll<T>(start).map(([key, entry]) => ({ key, entry }));

export const outbox = {
  read: (buildId: string) => listed<Waiting>(prefix('out', buildId)),
  add: (buildId: string, entry: Waiting): Kept<Waiting> & { stored: boolean } => {
    const key = `${prefix('out', buildId)}${nextKey()}-${entry.commandId}`;
    return { key, entry, stored: put(key, entry) };
  },
  readHeld: (buildId: string) => listed<Held>(prefix('held', buildId)),
  /** Moves an entry from those on their way to those that wait for a decision. */
  hold: (buildId: string, waiting: Kept<Waiting>, why: { clashes: Clash[]; errors: string[] }): Kept<Held> => {
    const key = `${prefix('held', buildId)}${nextKey()}-${waiting.entry.commandId}`;
    const entry = { ...waiting.entry, ...why };
    put(key, entry);
    remove(waiting.key);
    return { key, entry };
  },
  remove,
};
