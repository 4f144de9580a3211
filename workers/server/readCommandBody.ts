import { readCommand } from '../../core/commands/applyCommand';
import { jsonObject } from '../../formats/jsonObject';

export interface ReadCommandTask {
  kind: 'readCommand';
  /** what was sent: an object with the command and what goes with it */ body: Uint8Array;
}
export type ReadCommandAnswer =
  | {
      ok: true;
      value: { commandId: unknown; afterSeq: unknown; madeAt: unknown; by: unknown; read: ReturnType<typeof readCommand> };
    }
  | { ok: false; error: string };

/** A log of 20,000 readings with their three fields. */
const valuesMax = 100_000;

/** Reads a sent command; where it is large, away from the loop that serves everybody. */
export function readCommandTask({ body }: Pick<ReadCommandTask, 'body'>): ReadCommandAnswer {
  const sent = jsonObject(body, { marks: valuesMax });
  if (!sent.ok) return sent;
  const { commandId, command, afterSeq, madeAt, by } = sent.value;
  return { ok: true, value: { commandId, afterSeq, madeAt, by, read: readCommand(command) } };
}
