// Route handlers as the build made them, asked as Next's adapters ask them, without its router between: to find a route anew for each
// request costs a third of what a short answer does.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { root } from './run.mjs';

const built = path.join(root, '.next/server');
const readJson = (name) => JSON.parse(readFileSync(path.join(root, '.next', name), 'utf8'));

/** Whether what is written with % in an address stands for letters at all. */
function isText(pathname) {
  try {
    return decodeURIComponent(pathname) !== '';
  } catch {
    return false;
  }
}

/** @returns what answers at the address of a route handler, and leaves all else to whoever follows */
export function routeServer() {
  const files = readJson('server/app-paths-manifest.json');
  const { staticRoutes, dynamicRoutes, headers } = readJson('routes-manifest.json');
  const bears = headers.map(({ regex, headers: list }) => ({ rule: new RegExp(regex), list }));
  const load = createRequire(path.join(built, 'index.js'));
  // An address that is fixed goes before one that holds a name, as with Next.
  const routes = [...staticRoutes, ...dynamicRoutes].flatMap(({ page, regex }) => {
    const file = files[`${page}/route`];
    return file === undefined ? [] : [{ rule: new RegExp(regex), file: path.join(built, file) }];
  });
  const context = { requestMeta: { relativeProjectDir: '.', hostname: '127.0.0.1' } };
  return (request, response, following) => {
    const [pathname] = request.url.split('?', 1);
    const found = /^\/(api|health)\//.test(pathname) && routes.find(({ rule }) => rule.test(pathname));
    if (!found) return following();
    for (const { rule, list } of bears)
      if (rule.test(pathname)) for (const { key, value } of list) response.setHeader(key, value);
    if (!isText(pathname)) {
      response.writeHead(400, { 'content-type': 'application/json' });
      return response.end(JSON.stringify({ errors: ['This address holds a % that stands for no letter; write it as %25.'] }));
    }
    // A handler of ours answers whatever goes wrong in it itself; what is left is not said to anybody outside.
    return load(found.file)
      .handler(request, response, context)
      .catch(() => {
        if (!response.headersSent) response.statusCode = 500;
        response.end();
      });
  };
}
