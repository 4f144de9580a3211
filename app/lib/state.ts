import { createHash } from 'node:crypto';
import { LRUCache } from 'lru-cache';
import type { Who } from '../../core/people/Who';
import type { Held } from '../../store/builds/kept';
import { isNear, newsOf } from '../../store/builds/state';
import type { Person } from '../../store/people';
import type { Head } from '../../store/sessions';
import { noBuild } from './answers';
import { encode, encodingFor, packed, withRows, type Packed } from './packed';
import { whoOf } from './signed';

// Whole states as they were sent last. A state is known by its tag, which the database tells anew with every request, so an old one is never given.
const answered = new LRUCache<string, Packed>({
  maxSize: 24 * 1024 * 1024,
  sizeCalculation: ({ bytes }) => bytes.length + 500,
});

const tagOf = ({ id, lastSeq, lastHash }: Head, who: Who): string =>
  createHash('sha256')
    .update(JSON.stringify([id, lastSeq, lastHash, who]))
    .digest('hex')
    .slice(0, 32);

/**
 * Answers with the state of a build: nothing new, what has changed after a ledger row, or all of it.
 * @param after the newest ledger row that the device holds, null for none
 * @param read the build, where it was read just now
 */
export async function stateAnswer(
  request: Request,
  person: Person,
  head: Head,
  after: number | null,
  read?: Held,
): Promise<Response> {
  const who = whoOf(person);
  const tag = tagOf(head, who);
  const headers = { etag: `"${tag}"`, 'cache-control': 'private, no-store', 'content-type': 'application/json' };
  if (request.method === 'GET' && request.headers.get('if-none-match') === headers.etag)
    return new Response(null, { status: 304, headers });
  const encoding = encodingFor(request);
  const key = `${tag} ${encoding}`;
  const whole = after === null || !isNear(after, head.lastSeq) || (after === head.lastSeq && request.method === 'GET');
  let found = whole ? answered.get(key) : undefined;
  if (!found) {
    const told = await newsOf(head.id, whole ? null : after, read);
    if (!told) return noBuild();
    // Somebody may have written since the head was read: the tag is of what is sent.
    const sent = tagOf({ id: head.id, lastSeq: told.lastSeq, lastHash: told.lastHash }, who);
    headers.etag = `"${sent}"`;
    found = await encode(withRows({ tag: sent, who, ...told.news }, told.rows), encoding);
    if ('kept' in told.news) answered.set(`${sent} ${encoding}`, found);
  }
  return packed(found, headers);
}
