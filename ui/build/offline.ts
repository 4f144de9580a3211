/** Where the service worker keeps pages (bin/lib/serviceWorker.mjs has the same name). */
const pages = 'lorbet-pages';

/** Keeps this build's pages on the device, so that priming, first start and proving open without a way through to the server. */
export function keepForOffline(buildId: string): void {
  if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return;
  void navigator.serviceWorker
    .register('/sw.js')
    .then(() => navigator.serviceWorker.ready)
    .then(() => caches.open(pages))
    .then((cache) => cache.addAll(['priming', 'startup', 'proving'].map((stage) => `/builds/${buildId}/${stage}`)))
    // Without room or without a way through there is simply nothing kept.
    .catch(() => undefined);
}

/** Takes the kept pages off the device; the next person to use it has no business with them. */
export async function forgetOffline(): Promise<void> {
  if ('caches' in window) await caches.delete(pages);
}
