import type { Clash } from './applyCommand';
import type { RowChange } from './changeRows';
import type { Command } from './Command';
import { originKey } from '../ledger/origins';

export type Choice = 'theirs' | 'yours';

/**
 * The command to send after a person has chosen, value by value, between theirs and their own.
 * What did not clash goes in as it was; where theirs is kept, nothing is sent for it.
 * @returns null where nothing is left to send
 */
export function settleClash(
  command: Command,
  clashes: readonly Clash[],
  choices: Readonly<Record<string, Choice>>,
): Command | null {
  const theirs = new Map(clashes.map((clash) => [clash.key, clash.theirs]));
  const settle = <C extends { from: unknown }>(changes: readonly C[], key: (change: C) => string): C[] =>
    changes
      .filter((change) => !theirs.has(key(change)) || choices[key(change)] === 'yours')
      .map((change) => (theirs.has(key(change)) ? { ...change, from: theirs.get(key(change)) } : change));
  switch (command.kind) {
    case 'figures': {
      const changes = settle(command.changes, (c) => originKey.figure(c.path, c.slot));
      return changes.length > 0 ? { ...command, changes } : null;
    }
    case 'maker': {
      const changes = settle(command.changes, (c) => originKey.maker(c.key));
      return changes.length > 0 ? { ...command, changes } : null;
    }
    case 'identity': {
      const changes = settle(command.changes, (c) => originKey.text('identity', c.key));
      return changes.length > 0 ? { ...command, changes } : null;
    }
    case 'practices': {
      const changes = settle(command.changes, (c) => originKey.text('practices', c.key));
      return changes.length > 0 ? { ...command, changes } : null;
    }
    case 'rows': {
      const held = new Map(clashes.map((clash) => [clash.key, clash.held ?? null]));
      const taken = command.changes.flatMap((c): RowChange[] => {
        const key = c.action === 'set' ? originKey.row(c.list, c.row, c.column) : '';
        if (c.action !== 'set' || !held.has(key)) return [c];
        return choices[key] === 'yours' ? [{ ...c, from: held.get(key) ?? null }] : [];
      });
      return taken.length > 0 ? { ...command, changes: taken } : null;
    }
    default:
      return command;
  }
}
