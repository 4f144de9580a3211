// Shells: pages that are the same for everybody, made once by the build. The server gives them from memory, the service worker keeps them.
import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { pagePolicy, safeHeaders } from './headers.mjs';
import { root } from './run.mjs';

const shellFolder = path.join(root, '.next/lorbet-shells');
const policyFile = path.join(root, '.next/lorbet-policies.json');
const staticFolder = path.join(root, '.next/static');

const filesIn = (folder) =>
  readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => statSync(path.join(folder, name)).isFile());

/** Beside each file its compressed forms, so that nobody waits for them. */
function compressIn(folder, quality) {
  for (const name of filesIn(folder).filter((file) => /\.(js|css|html|json|svg)$/.test(file))) {
    const bytes = readFileSync(path.join(folder, name));
    const params = { [constants.BROTLI_PARAM_QUALITY]: quality, [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length };
    writeFileSync(path.join(folder, `${name}.br`), brotliCompressSync(bytes, { params }));
    writeFileSync(path.join(folder, `${name}.gz`), gzipSync(bytes, { level: 9 }));
  }
}

/** Fingerprints of the scripts that stand in a page itself: these may run, and no other that somebody might get into it. */
const inlineScripts = (html) => [
  ...new Set(
    [...html.matchAll(/<script(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(
      ([, text]) => `'sha256-${createHash('sha256').update(text, 'utf8').digest('base64')}'`,
    ),
  ),
];

/** Takes the pages that the build drew, with the policy of each, and readies what they load. */
export async function writeShells() {
  // Loaded here, since `npm start` looks at this file before the packages are installed.
  const { compileAtOnce } = await import('./compileAtOnce.mjs');
  const drawn = path.join(root, '.next/server/app');
  rmSync(shellFolder, { recursive: true, force: true });
  const policies = {};
  for (const name of filesIn(drawn).filter((file) => file.endsWith('.html') && !file.startsWith('_global-error'))) {
    const html = readFileSync(path.join(drawn, name), 'utf8');
    mkdirSync(path.dirname(path.join(shellFolder, name)), { recursive: true });
    writeFileSync(path.join(shellFolder, name), html);
    policies[`/${name}`] = pagePolicy(inlineScripts(html));
  }
  writeFileSync(policyFile, JSON.stringify(policies, null, 1));
  for (const name of filesIn(staticFolder).filter((file) => file.endsWith('.js'))) {
    const file = path.join(staticFolder, name);
    writeFileSync(file, compileAtOnce(readFileSync(file, 'utf8')));
  }
  compressIn(shellFolder, 11);
  compressIn(staticFolder, 10);
}

/** Pages as the service worker keeps them: address, and a fingerprint of what it holds. */
export const shellEntries = (addresses) =>
  addresses.map((url) => {
    const html = readFileSync(path.join(shellFolder, url === '/' ? 'index.html' : `${url}.html`));
    return { url, revision: createHash('sha256').update(html).digest('hex').slice(0, 16) };
  });

/**
 * Gives shells and built files; whatever else is asked for is left to Next.
 * @returns whether it has answered
 */
export async function shellServer() {
  const { default: sirv } = await import('sirv');
  const policies = JSON.parse(readFileSync(policyFile, 'utf8'));
  const { rewrites } = JSON.parse(readFileSync(path.join(root, '.next/routes-manifest.json'), 'utf8'));
  // Which addresses are one page is written in next.config.ts alone.
  const rules = [rewrites].flat().flatMap((list) => (Array.isArray(list) ? list : Object.values(list).flat()));
  const rewritten = rules.map(({ regex, destination }) => [new RegExp(regex), destination]);
  const bare = (response) => safeHeaders.forEach(({ key, value }) => response.setHeader(key, value));
  const files = { etag: true, brotli: true, gzip: true, dotfiles: true };
  const shells = sirv(shellFolder, {
    ...files,
    extensions: ['html'],
    setHeaders: (response, address) => {
      bare(response);
      const html = address === '/' ? '/index.html' : `${address}.html`;
      response.setHeader('content-security-policy', policies[html] ?? policies['/_not-found.html']);
      response.setHeader('cache-control', 'no-cache');
    },
  });
  const built = sirv(staticFolder, { ...files, immutable: true, maxAge: 31536000, setHeaders: bare });
  const known = new Set(Object.keys(policies).map((name) => (name === '/index.html' ? '/' : name.replace(/\.html$/, ''))));
  return (request, response, next) => {
    const { pathname, searchParams } = new URL(request.url, 'http://own');
    if (request.method !== 'GET' && request.method !== 'HEAD') return next();
    if (pathname.startsWith('/_next/static/')) {
      const asked = request.url;
      request.url = pathname.slice('/_next/static'.length);
      return built(request, response, () => {
        request.url = asked;
        next();
      });
    }
    // What Next's own router fetches is no page.
    if (request.headers.rsc !== undefined || searchParams.has('_rsc')) return next();
    const address = rewritten.find(([rule]) => rule.test(pathname))?.[1] ?? pathname;
    if (known.has(address) && !address.startsWith('/_')) {
      const asked = request.url;
      request.url = address;
      return shells(request, response, () => {
        request.url = asked;
        next();
      });
    }
    if (!/^\/(api|health)\//.test(pathname)) response.setHeader('content-security-policy', policies['/_not-found.html']);
    return next();
  };
}
