import { AsyncLocalStorage } from 'node:async_hooks';

// One a process, also where a bundle holds this module twice.
const shared = globalThis as typeof globalThis & { lorbetScope?: { of: AsyncLocalStorage<string | null>; outside: string } };
const scope = () => (shared.lorbetScope ??= { of: new AsyncLocalStorage(), outside: '' });
const every = '*';

/** Does work that sees the rows of one workshop, and no others: PostgreSQL itself holds the others back, whatever is asked. */
export const inWorkshop = <T>(workshopId: string, work: () => T): T => scope().of.run(workshopId, work);

/** Does work that has to see all workshops: whose sign-in, link or key it is can't be known before. Short, and never with what somebody sent as its only condition. */
export const acrossWorkshops = <T>(work: () => T): T => scope().of.run(every, work);

/** Does work on tables that are no workshop's (sessions by their token, limits): a connection is taken as it is, and not told anything first. */
export const ofNoWorkshop = <T>(work: () => T): T => scope().of.run(null, work);

/** For commands on the machine itself and for tests: what is not done within a workshop sees all. The server never calls it. */
export function workAcrossWorkshops(): void {
  scope().outside = every;
}

/** What PostgreSQL is told before a connection is used: a workshop's id, `*`, or nothing, which sees nothing. Null: it needs to be told nothing. */
export function scopeNow(): string | null {
  const now = scope().of.getStore();
  return now === undefined ? scope().outside : now;
}
