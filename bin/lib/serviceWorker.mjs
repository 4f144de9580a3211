import path from 'node:path';
import { root } from './run.mjs';

/**
 * Writes the service worker that lets a build be opened without a way through to the server: all scripts, styles and fonts are kept
 * on the device, and pages as they were last seen. `app/sw.js/route.ts` serves it; `ui/build/offline.ts` keeps the pages.
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
    runtimeCaching: [
      {
        urlPattern: ({ request, url }) =>
          request.mode === 'navigate' && (url.pathname === '/' || url.pathname.startsWith('/builds/')),
        handler: 'NetworkFirst',
        options: {
          cacheName: 'lorbet-pages',
          networkTimeoutSeconds: 6,
          expiration: { maxEntries: 60, maxAgeSeconds: 7 * 24 * 3600 },
          // Never a redirect to the sign-in page.
          cacheableResponse: { statuses: [200] },
        },
      },
    ],
  });
}
