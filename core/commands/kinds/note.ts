import { text } from '../../build/schemaParts';
import { defineCommand, shape } from '../define';

export interface NoteCommand {
  kind: 'note';
  text: string;
}

/** A sentence for the ledger. */
export const noteCommand = defineCommand<NoteCommand>({
  kind: 'note',
  permission: 'work',
  schema: shape(() => ({ text: text(1000, 1) })),
  afterSigning: true,
  apply: (build, { text: told }) => ({ ok: true, build, body: { text: told } }),
  describe: (body) => String(body.text),
});
