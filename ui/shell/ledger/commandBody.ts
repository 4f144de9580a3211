import type { Command } from '../../../core/commands/allCommands';
import type { Build } from '../../../core/build/Build';
import { rowNames } from '../../../core/commands/changeRows';

/** The row that a command will become, as far as it is told on the roll. */
export function commandBody(command: Command, build: Build): unknown {
  switch (command.kind) {
    case 'start':
      return { ...command, events: command.events.length, readings: command.readings.length };
    case 'waive':
      return { checkId: command.checkId, reason: command.why };
    case 'pack': {
      const named = command.pack ?? build.packs?.find(({ id }) => id === command.packId);
      return { name: named?.name ?? command.packId, edition: command.pack?.edition ?? null };
    }
    case 'ruleAnswer':
      return { ...command, name: build.packs?.find(({ id }) => id === command.packId)?.name ?? command.packId };
    case 'rows':
      return { ...command, names: rowNames(build, command.changes) };
    default:
      return command;
  }
}
