import type { Command } from '../../core/commands/Command';

/** The row that a command will become, as far as it is told on the roll. */
export function commandBody(command: Command): unknown {
  if (command.kind === 'start') return { ...command, events: command.events.length, readings: command.readings.length };
  return command.kind === 'waive' ? { callId: command.callId, reason: command.why } : command;
}
