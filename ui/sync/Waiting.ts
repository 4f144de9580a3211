import type { Command } from '../../core/commands/allCommands';
import type { Clash } from '../../core/commands/define';

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
export interface Shelved<T> {
  key: string;
  entry: T;
}
export type Link = 'kept' | 'sending' | 'unreachable' | 'signed-out' | 'unproven';
