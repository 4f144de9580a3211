import { readFile } from 'node:fs/promises';
import path from 'node:path';

export const dynamic = 'force-dynamic';

/** The service worker that the build wrote; there is none while developing. */
export async function GET() {
  try {
    const text = await readFile(path.join(process.cwd(), '.next/lorbet-sw.js'), 'utf8');
    return new Response(text, { headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' } });
  } catch {
    return new Response('// none', { status: 404, headers: { 'content-type': 'text/javascript; charset=utf-8' } });
  }
}
