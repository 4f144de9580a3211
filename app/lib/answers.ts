import { NextResponse } from 'next/server';
import type { Deed } from '../../core/people/roles';
import { roleMay } from '../../core/people/roles';
import type { Person } from '../../store/people';
import { loadBuild, type KeptBuild } from '../../store/builds';
import { currentPerson } from './session';

export const refused = (status: number, ...errors: string[]) => NextResponse.json({ errors }, { status });

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
export const isUuid = (text: string): boolean => uuid.test(text);

/** A browser tells where a request comes from; one sent by another site is refused. */
export function fromElsewhere(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site !== null) return site !== 'same-origin' && site !== 'none';
  const origin = request.headers.get('origin');
  return origin !== null && new URL(origin).host !== request.headers.get('host');
}

/** Reads a JSON body of bounded size. */
export async function readBody(
  request: Request,
  maxBytes: number,
): Promise<{ ok: true; value: unknown } | { ok: false; response: NextResponse }> {
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes)
    return {
      ok: false,
      response: refused(
        413,
        `The request holds ${request.headers.get('content-length')} bytes; at most ${maxBytes} are allowed.`,
      ),
    };
  const text = await request.text();
  if (text.length > maxBytes)
    return { ok: false, response: refused(413, `The request holds ${text.length} characters; at most ${maxBytes} are allowed.`) };
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch {
    return { ok: false, response: refused(400, 'The request is not JSON.') };
  }
}

/** Whoever asks must be signed in, allowed to, and not sent by another site; each route begins with this. */
export async function admit(
  request: Request,
  deed: Deed,
): Promise<{ ok: true; person: Person } | { ok: false; response: NextResponse }> {
  if (request.method !== 'GET' && fromElsewhere(request))
    return { ok: false, response: refused(403, 'This request was sent by another site.') };
  const person = await currentPerson();
  if (!person) return { ok: false, response: refused(401, 'You are signed out; sign in again.') };
  if (!roleMay(person.role, deed))
    return { ok: false, response: refused(403, `${person.name} signs in as ${person.role}; this is not for that role.`) };
  return { ok: true, person };
}

const noBuild = () => refused(404, 'There is no such build in this workshop.');

/** As `admit`, for looking at one build: it must be of the person's own workshop; any other id is not there. */
export async function admitToBuild(
  request: Request,
  params: Promise<{ id: string }>,
): Promise<{ ok: true; person: Person; kept: KeptBuild } | { ok: false; response: NextResponse }> {
  const admitted = await admit(request, 'look');
  if (!admitted.ok) return admitted;
  const { id } = await params;
  const kept = isUuid(id) ? await loadBuild(admitted.person, id) : null;
  return kept ? { ok: true, person: admitted.person, kept } : { ok: false, response: noBuild() };
}
