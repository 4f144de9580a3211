import { NextResponse } from 'next/server';
import { readCommand } from '../../../../../core/commands/applyCommand';
import { commandRules } from '../../../../../core/commands/Command';
import { roleMay } from '../../../../../core/people/roles';
import { commandBuild, ledgerOf } from '../../../../../store/builds';
import { admit, isUuid, readBody, refused } from '../../../../lib/answers';

const statuses = { missing: 404, forbidden: 403, clash: 409, locked: 423, standing: 422, invalid: 400 } as const;

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const admitted = await admit(request, 'look');
  if (!admitted.ok) return admitted.response;
  const body = await readBody(request, 4 * 1024 * 1024);
  if (!body.ok) return body.response;
  const { id } = await params;
  const { commandId, command, afterSeq } = (body.value ?? {}) as { commandId?: unknown; command?: unknown; afterSeq?: unknown };
  if (!isUuid(id)) return refused(404, 'There is no such build in this workshop.');
  if (typeof commandId !== 'string' || !isUuid(commandId)) return refused(400, 'commandId must be a UUID in small letters.');
  const read = readCommand(command);
  if (!read.ok) return refused(400, ...read.errors);
  if (!roleMay(admitted.person.role, commandRules[read.command.kind].deed))
    return refused(403, `${admitted.person.name} signs in as ${admitted.person.role}; this is not for that role.`);
  const done = await commandBuild(admitted.person, id, read.command, commandId);
  if (!done.ok)
    return NextResponse.json(
      { errors: done.errors, ...('clashes' in done ? { clashes: done.clashes } : {}) },
      { status: statuses[done.why] },
    );
  const rows = await ledgerOf(id, typeof afterSeq === 'number' ? afterSeq : done.kept.lastSeq - 1);
  return NextResponse.json({ kept: done.kept, rows });
}
