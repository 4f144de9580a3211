/** By these names this machine is its own. */
const own = ['localhost', '127.0.0.1', '[::1]'];

/**
 * Whether a request asks for us by a name that we have. Without this a page elsewhere could give its own name our address,
 * and a browser would take us for a part of it.
 * @param listed further names, parted by commas: LORBET_HOSTS
 */
export function hostCheck(listed = '') {
  const named = listed
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean);
  const allowed = new Set([...own, ...named]);
  return (host) => {
    if (typeof host !== 'string' || !/^[a-z0-9.:[\]-]{1,255}$/i.test(host)) return false;
    return allowed.has(host.toLowerCase().replace(/:\d{1,5}$/, ''));
  };
}

/** Answers a request for somebody else in one sentence. */
export function refuseHost(request, response) {
  const said = String(request.headers.host ?? '')
    .replace(/[^a-z0-9.:[\]-]/gi, '')
    .slice(0, 80);
  const errors = [`This Lorbet is not known as “${said}”; whoever runs it can add a name by LORBET_HOSTS.`];
  response.writeHead(421, { 'content-type': 'application/json', connection: 'close' }).end(JSON.stringify({ errors }));
}
