import { randomUUID } from 'node:crypto';
import { roleMay, type Permission } from '../../core/people/roles';
import { stepIsDue } from '../../core/people/secondStep';
import type { KeptState } from '../../core/ledger/News';
import { loadBuild } from '../../store/builds/kept';
import { isDatabaseAway, isDiskFull } from '../../store/database';
import { count, type LimitName } from '../../store/limits';
import { log } from '../../store/log';
import { TooManyAtOnce } from '../../store/passwords';
import { rotateSession, type Head, type SignedIn } from '../../store/sessions';
import { inWorkshop } from '../../store/scope';
import type { Caller } from '../../store/signIns';
import { Overloaded } from './offLoop';
import { countRequest } from './metrics';
import { isLarge, paced } from './pace';
import { fromElsewhere, isUuid, noBuild, refused, tooOften } from './answers';
import { currentPersonAt, keepToken, session } from './session';
import { takeShare } from './shares';

type Params = Record<string, string>;
interface Asked {
  request: Request;
  params: Params;
  caller: Caller;
}
export interface AskedBy extends Asked {
  person: SignedIn;
  /** the build that the address names, where it is of the person's own workshop */ head: Head | null;
}
interface RouteOptions {
  /** it decides by which ways people come in: whoever has a second step has given it shortly before */ proven?: boolean;
  limit?: LimitName | readonly LimitName[];
  /** its large bodies are worked on elsewhere, in a queue of their own */ apart?: boolean;
  /** it takes long or much: a few of one person's at once */ heavy?: boolean;
}
type Handler = (request: Request, context: { params: Promise<Params | undefined> }) => Promise<Response>;

/** Where a request comes from: by the socket, or by the last proxy, which is our own. No longer than what is kept of it. */
export function callerOf(request: Request): Caller {
  // Without a proxy of our own bin/server.mjs writes the socket's own address there, whatever was sent; a proxy adds its caller last.
  const address = (request.headers.get('x-forwarded-for') ?? '').split(',').at(-1)?.trim() ?? '';
  return { address: address.slice(0, 64), agent: (request.headers.get('user-agent') ?? '').slice(0, 200) };
}

/** Refuses what one person has too much of under way. */
export const tooMuch = () => refused(429, 'Too much of yours is under way at once; send one after the other.');

/** Asks for the second step once more. */
export const unproven = () => refused(428, 'Your second step is asked for once more before this.');

/** What is said of an error: one sentence, and nothing that is not known. */
function failed(error: unknown, about: { requestId: string; method: string; path: string }): Response {
  if (error instanceof Overloaded || error instanceof TooManyAtOnce) return refused(503, error.message);
  log().error({ ...about, err: error instanceof Error ? error : new Error(String(error)) }, 'request failed');
  if (isDiskFull(error))
    return refused(
      507,
      'The disk of the machine on which Lorbet runs is full, and nothing of this was kept. Make room there, then try again.',
    );
  if (isDatabaseAway(error))
    return refused(503, 'The database does not answer. Look whether this was kept before you enter it again.');
  return refused(
    500,
    `Something went wrong on the server. Look whether this was kept before you enter it again. It stands in the log under ${about.requestId}.`,
  );
}

/** Runs a handler; whatever it throws becomes one sentence, never a stack. Each request is a line in the log. */
function guarded(handler: (asked: Asked) => Promise<Response>): Handler {
  return async (request, context) => {
    const began = performance.now();
    const requestId = randomUUID();
    const about = { requestId, method: request.method, path: new URL(request.url).pathname };
    let response: Response;
    try {
      response =
        request.method !== 'GET' && fromElsewhere(request)
          ? refused(403, 'This request was sent by another site.')
          : await handler({ request, params: (await context.params) ?? {}, caller: callerOf(request) });
    } catch (error) {
      // What Next throws to redirect is no failure.
      if (error instanceof Error && 'digest' in error) throw error;
      response = failed(error, about);
    }
    const ms = performance.now() - began;
    countRequest({ method: about.method, path: about.path, status: response.status, ms });
    log().info({ ...about, status: response.status, ms: Math.round(ms) }, 'request');
    return response;
  };
}

/** A route that anybody may ask. */
export const openRoute = guarded;

async function renewToken(): Promise<void> {
  const { token } = await session();
  const next = token ? await rotateSession(token) : null;
  if (next) await keepToken(next);
}

/**
 * A route for people who are signed in and hold a permission. The session's token is renewed here when it is an hour old.
 * @param limit counts each request against limits of the person
 */
export function route(
  permission: Permission,
  handler: (asked: AskedBy) => Promise<Response>,
  { limit = [], apart = false, heavy = false, proven = false }: RouteOptions = {},
): Handler {
  return guarded(async (asked) => {
    const { id = '' } = asked.params;
    const signedIn = await currentPersonAt(isUuid(id) ? id : null);
    if (!signedIn) return refused(401, 'You are signed out; sign in again.');
    const { person, head } = signedIn;
    if (!roleMay(person.role, permission))
      return refused(403, `${person.name} signs in as ${person.role}; this is not for that role.`);
    if (proven && stepIsDue(person.secondStep, Date.now())) return unproven();
    for (const name of [limit].flat()) {
      const wait = await count(name, person.id);
      if (wait !== null) return tooOften('That was too often', wait);
    }
    if (person.tokenIsOld && asked.request.method !== 'GET') await renewToken();
    const giveBack = heavy ? takeShare('heavy', person.id) : () => undefined;
    if (!giveBack) return tooMuch();
    const handle = () => inWorkshop(person.workshopId, () => handler({ ...asked, person, head }));
    try {
      if (apart || !isLarge(asked.request)) return await handle();
      return (await paced(person.id, handle)) ?? tooMuch();
    } finally {
      giveBack();
    }
  });
}

/** As `route`, about one build: it must be of the person's own workshop; any other id is not there. The build itself is not read. */
export function buildRoute(
  permission: Permission,
  handler: (asked: AskedBy & { head: Head }) => Promise<Response>,
  options: RouteOptions = {},
): Handler {
  return route(permission, async (asked) => (asked.head ? handler({ ...asked, head: asked.head }) : noBuild()), options);
}

/** As `buildRoute`, for what needs all of the build. */
export function documentRoute(
  permission: Permission,
  handler: (asked: AskedBy & { head: Head; kept: KeptState }) => Promise<Response>,
  options: RouteOptions = {},
): Handler {
  return buildRoute(
    permission,
    async (asked) => {
      const kept = await loadBuild(asked.person, asked.head.id);
      return kept ? handler({ ...asked, kept }) : noBuild();
    },
    options,
  );
}
