import { createHash, timingSafeEqual } from 'node:crypto';
import { config } from '../../store/config';
import { metricsText } from '../lib/metrics';

export const dynamic = 'force-dynamic';
const digest = (text: string): Buffer => createHash('sha256').update(text).digest();

/** What this process counts, for whoever bears the token; without one set it is not there. */
export async function GET(request: Request): Promise<Response> {
  const { metricsToken } = config();
  const sent = /^Bearer (.{1,200})$/.exec(request.headers.get('authorization') ?? '')?.[1];
  if (metricsToken === null || sent === undefined || !timingSafeEqual(digest(sent), digest(metricsToken)))
    return new Response('There is nothing here.\n', { status: 404 });
  return new Response(await metricsText(), { headers: { 'content-type': 'text/plain; version=0.0.4; charset=utf-8' } });
}
