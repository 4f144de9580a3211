import type { LedgerContent } from './chain';

/** What a row keeps of time beside the server's own: see `entryTime`. */
export interface SaidTimes {
  /** the device said so, and was believed */ madeAt?: string;
  /** the device said so, and was not believed */ deviceAt?: string;
  /** it was said to be before an entry that the same person had made earlier, at this time */ afterOwnAt?: string;
  /** the server's clock had been put back since the row before, ms */ clockBackMs?: number;
}
/** Times that a row's body keeps; rows of commands whose bodies are no objects keep none. */
export function saidTimes({ body }: Pick<LedgerContent, 'body'>): SaidTimes {
  if (typeof body !== 'object' || body === null) return {};
  const { madeAt, deviceAt, afterOwnAt, clockBackMs } = body as Record<keyof SaidTimes, unknown>;
  return {
    ...(typeof madeAt === 'string' ? { madeAt } : {}),
    ...(typeof deviceAt === 'string' ? { deviceAt } : {}),
    ...(typeof afterOwnAt === 'string' ? { afterOwnAt } : {}),
    ...(typeof clockBackMs === 'number' ? { clockBackMs } : {}),
  };
}
