import { definitionOf } from '../../../../../core/commands/allCommands';
import { NextResponse } from 'next/server';
import { roleMay } from '../../../../../core/people/roles';
import { commandBuild } from '../../../../../store/builds/command';
import { readCommandTask, type ReadCommandAnswer } from '../../../../../workers/server/readCommandBody';
import { isUuid, readBytes, refused } from '../../../../lib/answers';
import { buildRoute } from '../../../../lib/handle';
import { offLoop } from '../../../../lib/offLoop';
import { largeBytes } from '../../../../lib/pace';
import { stateAnswer } from '../../../../lib/state';

const statuses = {
  missing: 404,
  forbidden: 403,
  clash: 409,
  other: 409,
  locked: 423,
  standing: 422,
  unproven: 428,
  invalid: 400,
} as const;
/** A log of 20,000 readings, each at its longest. */
const bodyMaxBytes = 2 * 1024 * 1024;

/** Carries out one command; who may only look is told so before anything of it is read; the same `commandId` again is answered as the first time and changes nothing. */
export const POST = buildRoute('work', async ({ request, person, head }) => {
  const sent = await readBytes(request, bodyMaxBytes);
  if (!sent.ok) return sent.response;
  const body =
    sent.bytes.length > largeBytes
      ? await offLoop<ReadCommandAnswer>({ kind: 'readCommand', body: sent.bytes })
      : readCommandTask({ body: sent.bytes });
  if (!body.ok) return refused(400, body.error);
  const { commandId, read, by = person.login, afterSeq = head.lastSeq, madeAt = new Date().toISOString() } = body.value;
  if (typeof commandId !== 'string' || !isUuid(commandId)) return refused(400, 'commandId must be a UUID in small letters.');
  if (!Number.isSafeInteger(afterSeq) || Number(afterSeq) < 0) return refused(400, 'afterSeq must be a whole number from 0.');
  if (typeof madeAt !== 'string' || Number.isNaN(Date.parse(madeAt)))
    return refused(400, 'madeAt must be a time such as 2026-11-24T08:30:00Z.');
  // A device that kept somebody else's entry must not send it under this person's name.
  if (by !== person.login) return refused(401, `This entry is not ${person.name}’s; whoever made it has to sign in.`);
  if (!read.ok) return refused(400, ...read.errors);
  if (!roleMay(person.role, definitionOf(read.command.kind).permission))
    return refused(403, `${person.name} signs in as ${person.role}; this is not for that role.`);
  const done = await commandBuild(person, head.id, read.command, commandId, { madeAt: new Date(madeAt) });
  if (!done.ok)
    return NextResponse.json(
      {
        errors: done.errors,
        ...('clashes' in done ? { clashes: done.clashes } : {}),
        ...('kept' in done ? { kept: done.kept, sent: read.command } : {}),
      },
      { status: statuses[done.why] },
    );
  const { lastSeq, lastHash } = done.kept;
  return stateAnswer(request, person, { id: head.id, lastSeq, lastHash }, Number(afterSeq), done);
});
