import { isIP } from 'node:net';
import { headers } from 'next/headers';
import type { Site } from '../../store/passkeys';

/** Whether this request came by HTTPS, as our own proxy tells; from anybody else the server takes that header away. */
export const isHttps = async (): Promise<boolean> => (await headers()).get('x-forwarded-proto') === 'https';

/** How the app is reached in the workshop's network; null where it is not opened to it. */
export const lanAddress = (): string | null => process.env.LORBET_LAN || null;

/** The address under which whoever asked has reached the app: what is printed leads back to it, or to the workshop's network. */
export function originOf(request: Request): string {
  const lan = lanAddress();
  if (lan) return lan;
  const host = request.headers.get('host') ?? new URL(request.url).host;
  return `${request.headers.get('x-forwarded-proto') === 'https' ? 'https' : 'http'}://${host}`;
}

/** Where passkeys hold for whoever asks: a name, over HTTPS or on the machine itself; null elsewhere, as with an address of numbers. */
export function siteOf(request: Request): Site | null {
  const https = request.headers.get('x-forwarded-proto') === 'https';
  const origin = `${https ? 'https' : 'http'}://${request.headers.get('host') ?? ''}`;
  if (!URL.canParse(origin)) return null;
  const { hostname } = new URL(origin);
  const secure = https || hostname === 'localhost';
  return secure && isIP(hostname) === 0 && !hostname.startsWith('[') ? { origin, rpId: hostname } : null;
}
