/** From here on a body counts as large, bytes: a command of a few figures has a tenth of it. */
export const largeBytes = 16 * 1024;
/** After a large body that person's next one waits so many times as long as it took, within these bounds in ms. */
const pause = { times: 8, minMs: 1000, maxMs: 3000 };
/** How many large bodies of one person may wait at once. */
const waitingMax = 12;

interface Pace {
  waiting: number;
  last: Promise<void>;
}
const shared = globalThis as typeof globalThis & { lorbetPaces?: Map<string, Pace> };
const rest = (ms: number) => new Promise<void>((done) => setTimeout(done, ms).unref());

/** Whether a request brings, or may bring, a large body. */
export function isLarge(request: Request): boolean {
  if (request.method === 'GET' || request.body === null) return false;
  const length = request.headers.get('content-length');
  return length === null || Number(length) > largeBytes;
}

/**
 * Does what comes in large bodies one after the other for each person, with pauses between, so that however much one person
 * sends, most of the time is everybody else's. Counted by each process of the app for itself.
 * @returns null where too much of that person waits already; nothing is done then
 */
export async function paced<T>(personId: string, work: () => Promise<T>): Promise<T | null> {
  const paces = (shared.lorbetPaces ??= new Map<string, Pace>());
  const pace = paces.get(personId) ?? { waiting: 0, last: Promise.resolve() };
  if (pace.waiting >= waitingMax) return null;
  pace.waiting += 1;
  paces.set(personId, pace);
  const before = pace.last;
  let rested = (): void => undefined;
  pace.last = new Promise<void>((done) => (rested = done));
  await before;
  const began = performance.now();
  try {
    return await work();
  } finally {
    pace.waiting -= 1;
    const tookMs = performance.now() - began;
    void rest(Math.min(pause.maxMs, Math.max(pause.minMs, tookMs * pause.times))).then(() => {
      rested();
      if (pace.waiting === 0) paces.delete(personId);
    });
  }
}
