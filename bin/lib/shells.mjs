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
  // Kept whole: to open, read and close a file for each page takes longer than all else about it.
  const shells = new Map(
    Object.keys(policies).map((name) => {
      const file = path.join(shellFolder, name);
      const forms = { br: readFileSync(`${file}.br`), gzip: readFileSync(`${file}.gz`), identity: readFileSync(file) };
      const etag = `"${createHash('sha256').update(forms.identity).digest('hex').slice(0, 32)}"`;
      return [name === '/index.html' ? '/' : name.replace(/\.html$/, ''), { forms, etag, policy: policies[name] }];
    }),
  );
  const giveShell = (request, response, { forms, etag, policy }) => {
    bare(response);
    response.setHeader('content-security-policy', policy);
    response.setHeader('cache-control', 'no-cache');
    response.setHeader('content-type', 'text/html;charset=utf-8');
    response.setHeader('vary', 'accept-encoding');
    response.setHeader('etag', etag);
    if (request.headers['if-none-match'] === etag) return response.writeHead(304).end();
    const accepted = request.headers['accept-encoding'] ?? '';
    const encoding = ['br', 'gzip'].find((name) => new RegExp(`\\b${name}\\b`).test(accepted)) ?? 'identity';
    if (encoding !== 'identity') response.setHeader('content-encoding', encoding);
    response.setHeader('content-length', forms[encoding].length);
    return response.end(request.method === 'HEAD' ? undefined : forms[encoding]);
  };
  const built = sirv(staticFolder, {
    etag: true,
    brotli: true,
    gzip: true,
    dotfiles: true,
    immutable: true,
    maxAge: 31536000,
    setHeaders: bare,
  });
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
    const shell = address.startsWith('/_') ? undefined : shells.get(address);
    if (shell) return giveShell(request, response, shell);
    if (!/^\/(api|health)\//.test(pathname)) response.setHeader('content-security-policy', policies['/_not-found.html']);
    return next();
  };
}
