import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { LRUCache } from 'lru-cache';
import type { Who } from '../../core/people/Who';
import type { Head } from '../../store/builds/kept';
import { newsOf } from '../../store/builds/state';
import type { Person } from '../../store/people';
import { noBuild } from './answers';
import { whoOf } from './signed';

type Encoding = 'br' | 'gzip' | 'identity';
const encodingFor = (request: Request): Encoding => {
  const accepted = request.headers.get('accept-encoding') ?? '';
  return /\bbr\b/.test(accepted) ? 'br' : /\bgzip\b/.test(accepted) ? 'gzip' : 'identity';
};
// Shorter ones gain nothing by it.
const compressedFrom = 1400;
const squeeze = {
  br: (bytes: Buffer) => promisify(brotliCompress)(bytes, { params: { [constants.BROTLI_PARAM_QUALITY]: 5 } }),
  gzip: promisify(gzip) as (bytes: Buffer) => Promise<Buffer>,
};

interface Answered {
  bytes: Buffer<ArrayBuffer>;
  encoding: Encoding;
}
async function encode(value: object, wanted: Encoding): Promise<Answered> {
  const bytes = Buffer.from(JSON.stringify(value));
  if (wanted === 'identity' || bytes.length < compressedFrom) return { bytes, encoding: 'identity' };
  return { bytes: Buffer.from(await squeeze[wanted](bytes)), encoding: wanted };
}

// Whole states as they were sent last. A state is known by its tag, which the database tells anew with every request, so an old one is never given.
const answered = new LRUCache<string, Answered>({
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
 */
export async function stateAnswer(request: Request, person: Person, head: Head, after: number | null): Promise<Response> {
  const who = whoOf(person);
  const tag = tagOf(head, who);
  const headers = { etag: `"${tag}"`, 'cache-control': 'private, no-store', 'content-type': 'application/json' };
  if (request.method === 'GET' && request.headers.get('if-none-match') === headers.etag)
    return new Response(null, { status: 304, headers });
  const encoding = encodingFor(request);
  const key = `${tag} ${encoding}`;
  const whole = after === null || (after >= head.lastSeq && request.method === 'GET');
  let found = whole ? answered.get(key) : undefined;
  if (!found) {
    const news = await newsOf(head.id, whole ? null : after);
    if (!news) return noBuild();
    const { lastSeq, lastHash } =
      'kept' in news ? news.kept : { lastSeq: news.rows.at(-1)?.seq ?? 0, lastHash: news.rows.at(-1)?.hash ?? '' };
    // Somebody may have written since the head was read: the tag is of what is sent.
    const sent = tagOf({ id: head.id, lastSeq, lastHash }, who);
    headers.etag = `"${sent}"`;
    found = await encode({ tag: sent, who, ...news }, encoding);
    if ('kept' in news) answered.set(`${sent} ${encoding}`, found);
  }
  // bin/server.mjs makes it `content-encoding`.
  return new Response(found.bytes, {
    headers: { ...headers, vary: 'accept-encoding', ...(found.encoding === 'identity' ? {} : { 'x-packed': found.encoding }) },
  });
}
