import { NextResponse, type NextRequest } from 'next/server';

/** Each page may run our own scripts and those that bear its nonce, and nothing else; Next reads the nonce from the request's header. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const development = process.env.NODE_ENV !== 'production' ? " 'unsafe-eval'" : '';
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development}`,
    // React and the drawings set sizes and colours by style attributes; those can't run anything.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

// Files and data are no pages; next.config.ts gives them a policy under which nothing runs.
export const config = { matcher: '/((?!_next/static|_next/image|api/|health/|sw.js|icon.svg).*)' };
