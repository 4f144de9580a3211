// Serves the app. Its own small server, since only here the address of whoever asks is known for sure.
import { timingSafeEqual } from 'node:crypto';
import { createServer } from 'node:http';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import next from 'next';
import { pagePolicy } from './lib/headers.mjs';
import { hostCheck, refuseHost } from './lib/hosts.mjs';
import { routeServer } from './lib/routes.mjs';
import { shellServer } from './lib/shells.mjs';

const dev = process.argv.includes('--dev');
const port = Number(process.env.PORT);
const hostname = '127.0.0.1';
const behindProxy = process.env.LORBET_PROXY === '1';
/** Our own proxy for the workshop's network proves itself by this. */
const proxySecret = process.env.LORBET_PROXY_SECRET ?? '';
const isOwnProxy = (sent) =>
  proxySecret !== '' &&
  typeof sent === 'string' &&
  sent.length === proxySecret.length &&
  timingSafeEqual(Buffer.from(sent), Buffer.from(proxySecret));

const app = next({ dev, hostname, port });
await app.prepare();
const handle = app.getRequestHandler();
// While developing pages are drawn anew at each request, and scripts stand in them that no fingerprint can name.
const inDevelopment = (request, response, following) => {
  if (!request.url.startsWith('/api/'))
    response.setHeader('content-security-policy', pagePolicy(["'unsafe-inline'", "'unsafe-eval'"]));
  following();
};
const shells = dev ? inDevelopment : await shellServer();
const routes = dev ? (_request, _response, following) => following() : routeServer();

// How long the loop that answers everybody was held, and how long this process has worked; asked for by tests and the bench alone.
const loop = process.env.LORBET_LOOP === '1' ? monitorEventLoopDelay({ resolution: 5 }) : null;
loop?.enable();

const knows = hostCheck(process.env.LORBET_HOSTS);
const server = createServer((request, response) => {
  if (!knows(request.headers.host)) return refuseHost(request, response);
  if (loop && request.url === '/health/loop') {
    const maxMs = loop.max / 1e6;
    const { user, system } = process.cpuUsage();
    loop.reset();
    return response
      .setHeader('content-type', 'application/json')
      .end(JSON.stringify({ maxMs, workedMs: (user + system) / 1000 }));
  }
  const own = isOwnProxy(request.headers['x-lorbet-proxy']);
  delete request.headers['x-lorbet-proxy'];
  if (!behindProxy && !own) {
    // Whatever was sent as an address is nobody's word; the socket's own is.
    delete request.headers.forwarded;
    delete request.headers['x-real-ip'];
    delete request.headers['x-forwarded-proto'];
    delete request.headers['x-forwarded-host'];
    request.headers['x-forwarded-for'] = request.socket.remoteAddress ?? '';
  }
  // Next takes away what a route says of how its answer is packed; said under another name it comes through.
  const { setHeader } = response;
  response.setHeader = (name, value) => setHeader.call(response, name === 'x-packed' ? 'content-encoding' : name, value);
  // Next sends the head of an answer apart from its body; each way to the socket costs as much as to make a short answer.
  response.flushHeaders = () => undefined;
  return shells(request, response, () => routes(request, response, () => void handle(request, response)));
});
server.requestTimeout = 120_000;
// Longer than a fitter's or a proxy's pause between two requests: a connection that is closed just as one is sent loses it.
server.keepAliveTimeout = 75_000;
server.headersTimeout = 20_000;
if (dev) server.on('upgrade', app.getUpgradeHandler());
server.on('error', (error) => {
  const why = error.code === 'EADDRINUSE' ? `port ${port} is held by another program` : error.code;
  process.stderr.write(`lorbet: the app can't listen: ${why}; set PORT to a free one.\n`);
  process.exit(1);
});
server.listen(port, hostname);

let ending = false;
const end = () => {
  if (ending) return;
  ending = true;
  // What is under way is answered; what only waits is let go.
  server.close(() => process.exit(0));
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), 6000).unref();
};
process.on('SIGTERM', end);
process.on('SIGINT', end);
