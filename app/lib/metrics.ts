import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';
import { probeWrite } from '../../store/probe';

interface Metrics {
  registry: Registry;
  requests: Histogram<'method' | 'route' | 'status'>;
}
const shared = globalThis as typeof globalThis & { lorbetMetrics?: Metrics };

function metrics(): Metrics {
  if (!shared.lorbetMetrics) {
    const registry = new Registry();
    collectDefaultMetrics({ register: registry, prefix: 'lorbet_' });
    new Gauge({
      name: 'lorbet_keeps',
      help: '1 where the database keeps what is written, 0 where not',
      registers: [registry],
      async collect() {
        this.set((await probeWrite()) === null ? 1 : 0);
      },
    });
    const requests = new Histogram({
      name: 'lorbet_request_seconds',
      help: 'How long requests took, by route and status',
      labelNames: ['method', 'route', 'status'] as const,
      buckets: [0.01, 0.03, 0.1, 0.3, 1, 3, 10],
      registers: [registry],
    });
    shared.lorbetMetrics = { registry, requests };
  }
  return shared.lorbetMetrics;
}

/** A path without what names a build, a person, a picture or a secret: those are many, and nobody's business here. */
export const routeName = (path: string): string =>
  path
    .split('/')
    .map((part) => (/^[a-z][a-z-]{0,30}$/.test(part) ? part : part === '' ? '' : ':id'))
    .join('/');

/** Counts one request that was answered. */
export function countRequest({ method, path, status, ms }: { method: string; path: string; status: number; ms: number }): void {
  metrics().requests.observe({ method, route: routeName(path), status: String(status) }, ms / 1000);
}

/** Everything that is counted, as Prometheus reads it. */
export const metricsText = (): Promise<string> => metrics().registry.metrics();
