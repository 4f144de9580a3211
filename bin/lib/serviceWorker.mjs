import path from 'node:path';
import { root } from './run.mjs';
import { shellEntries } from './shells.mjs';

/** Pages that open without coverage: their shells are kept once for all builds. */
const keptShells = ['/', '/workspace', '/settings', '/people', '/builds/new', '/cards', '/packs', '/owner'];

/**
 * Writes the service worker that lets any page be opened without a way through to the server: shells, scripts, styles and fonts are kept
 * on the device. `app/sw.js/route.ts` serves it; what the pages show is kept by `ui/sync/device.ts`.
 */
export async function writeServiceWorker() {
  // Loaded here, since `npm start` looks at this file before the packages are installed.
  const { generateSW } = await import('workbox-build');
  await generateSW({
    swDest: path.join(root, '.next/lorbet-sw.js'),
    globDirectory: path.join(root, '.next/static'),
    // The wide fallback faces are large and seldom needed.
    globPatterns: ['**/*.{js,css,woff2}'],
    // A worker's script is told by the end of its address what to load; served from a cache it would not see that end.
    globIgnores: ['**/dejavu-*', '**/turbopack-worker-*'],
    modifyURLPrefix: { '': '/_next/static/' },
    // Names of built files hold their hash already.
    dontCacheBustURLsMatching: /./,
    maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    skipWaiting: true,
    clientsClaim: true,
    cleanupOutdatedCaches: true,
    additionalManifestEntries: shellEntries(keptShells),
    // Every sheet of every build is one shell (next.config.ts).
    navigateFallback: '/workspace',
    navigateFallbackAllowlist: [/^\/builds\/[0-9a-f-]{36}(\/[a-z]+){0,2}$/],
    // What a page is asked to look for is the page's own affair.
    ignoreURLParametersMatching: [/^(find|from|mine|stop|due|waits)$/],
  });
}
