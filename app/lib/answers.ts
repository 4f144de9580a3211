import { NextResponse } from 'next/server';
import type { Refusal } from '../../core/build/readBuild';
import { jsonObject } from '../../formats/jsonObject';

export const refused = (status: number, ...errors: string[]) => NextResponse.json({ errors }, { status });

/** Why what was sent can't be taken, and at which field. */
export const refusedFor = ({ errors, fields = {} }: Refusal) => NextResponse.json({ errors, fields }, { status: 400 });

export const noBuild = (): NextResponse => refused(404, 'There is no such build in this workshop.');

/** Refuses what came too often, and says when to come again. */
export const tooOften = (what: string, minutes: number) =>
  refused(429, `${what}; try again in ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}.`);

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
export const isUuid = (text: string): boolean => uuid.test(text);

/** Told to whoever has signed out: photographs and answers that the browser keeps are not for whoever takes up the device next. */
export const signedOut = (more: object = {}): NextResponse =>
  NextResponse.json({ signedOut: true, ...more }, { headers: { 'clear-site-data': '"cache"' } });

/** A file to take away. The name is made of plain letters by whoever calls. */
export const download = (body: BodyInit, type: string, name: string): Response =>
  new Response(body, { headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` } });

/** A browser tells where a request comes from; one sent by another site is refused. */
export function fromElsewhere(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site !== null) return site !== 'same-origin' && site !== 'none';
  const origin = request.headers.get('origin');
  // “null” is what a page without an origin says: none of ours.
  return origin !== null && (!URL.canParse(origin) || new URL(origin).host !== request.headers.get('host'));
}

/** The body, never holding more than is allowed; null where it is longer. */
async function bytesOf(request: Request, maxBytes: number): Promise<Buffer | null> {
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes) return null;
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  for await (const chunk of (request.body ?? []) as unknown as AsyncIterable<Uint8Array>) {
    bytes += chunk.byteLength;
    if (bytes > maxBytes) return null;
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}

/** Reads the body as bytes, never holding more than are allowed. */
export async function readBytes(
  request: Request,
  maxBytes: number,
): Promise<{ ok: true; bytes: Buffer } | { ok: false; response: NextResponse }> {
  const bytes = await bytesOf(request, maxBytes);
  if (bytes === null)
    return {
      ok: false,
      response: refused(413, `What was sent is larger than the ${Math.floor(maxBytes / 1024 / 1024)} MB that are allowed.`),
    };
  return bytes.length === 0 ? { ok: false, response: refused(400, 'The request is empty.') } : { ok: true, bytes };
}

/** How many values a form holds at the most. */
const formMarks = 2000;

/**
 * Reads a JSON object of bounded size, count and depth. What is too large is refused before it is read through.
 */
export async function readBody(
  request: Request,
  maxBytes: number,
): Promise<{ ok: true; value: Record<string, unknown> } | { ok: false; response: NextResponse }> {
  const sent = await bytesOf(request, maxBytes);
  if (sent === null)
    return { ok: false, response: refused(413, `The request is longer than the ${maxBytes} bytes that are allowed.`) };
  const read = jsonObject(sent, { marks: formMarks });
  return read.ok ? read : { ok: false, response: refused(400, read.error) };
}
