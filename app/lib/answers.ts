import { NextResponse } from 'next/server';

export const refused = (status: number, ...errors: string[]) => NextResponse.json({ errors }, { status });

/** Refuses what came too often, and says when to come again. */
export const tooOften = (what: string, minutes: number) =>
  refused(429, `${what}; try again in ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}.`);

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
export const isUuid = (text: string): boolean => uuid.test(text);

/** A file to take away. The name is made of plain letters by whoever calls. */
export const download = (body: BodyInit, type: string, name: string): Response =>
  new Response(body, { headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` } });

/** A browser tells where a request comes from; one sent by another site is refused. */
export function fromElsewhere(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site !== null) return site !== 'same-origin' && site !== 'none';
  const origin = request.headers.get('origin');
  return origin !== null && URL.canParse(origin) && new URL(origin).host !== request.headers.get('host');
}

/** Reads the body as text of bounded size and valid encoding, without ever holding more than that. */
async function readText(request: Request, maxBytes: number): Promise<string | { status: number; error: string }> {
  const tooLong = { status: 413, error: `The request is longer than the ${maxBytes} bytes that are allowed.` };
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes) return tooLong;
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let [text, bytes] = ['', 0];
  try {
    const chunks = (request.body ?? []) as unknown as AsyncIterable<Uint8Array>;
    for await (const chunk of chunks) {
      bytes += chunk.byteLength;
      if (bytes > maxBytes) return tooLong;
      text += decoder.decode(chunk, { stream: true });
    }
    return text + decoder.decode();
  } catch (error) {
    if (error instanceof TypeError) return { status: 400, error: 'The request is not text in UTF-8.' };
    throw error;
  }
}

/** Reads the body as bytes, never holding more than are allowed. */
export async function readBytes(
  request: Request,
  maxBytes: number,
): Promise<{ ok: true; bytes: Buffer } | { ok: false; response: NextResponse }> {
  const tooLong = () => ({
    ok: false as const,
    response: refused(413, `The file is larger than the ${Math.floor(maxBytes / 1024 / 1024)} MB that are allowed.`),
  });
  if (Number(request.headers.get('content-length') ?? 0) > maxBytes) return tooLong();
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  for await (const chunk of (request.body ?? []) as unknown as AsyncIterable<Uint8Array>) {
    bytes += chunk.byteLength;
    if (bytes > maxBytes) return tooLong();
    chunks.push(chunk);
  }
  return bytes === 0
    ? { ok: false, response: refused(400, 'The request holds no file.') }
    : { ok: true, bytes: Buffer.concat(chunks) };
}

/** How deep a request may be nested; a build file needs six. */
const deepest = 40;
const tooDeep = (value: unknown, left = deepest): boolean =>
  typeof value === 'object' && value !== null && (left === 0 || Object.values(value).some((inner) => tooDeep(inner, left - 1)));

/** Reads a JSON object of bounded size and depth. */
export async function readBody(
  request: Request,
  maxBytes: number,
): Promise<{ ok: true; value: Record<string, unknown> } | { ok: false; response: NextResponse }> {
  const text = await readText(request, maxBytes);
  if (typeof text !== 'string') return { ok: false, response: refused(text.status, text.error) };
  const wrong = (sentence: string) => ({ ok: false as const, response: refused(400, sentence) });
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return wrong('The request is not JSON.');
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return wrong('The request holds no JSON object; one is wanted.');
  if (tooDeep(value)) return wrong(`The request is nested deeper than the ${deepest} levels that are allowed.`);
  // Postgres keeps no such character, and no sheet needs one.
  if (text.includes('\\u0000')) return wrong('The request holds the character U+0000, which is not allowed.');
  return { ok: true, value: value as Record<string, unknown> };
}
