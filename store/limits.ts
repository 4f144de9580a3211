import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { database } from './database';

/** How often, in the time of `seconds`; counted in the database, so that it holds for all processes together. */
const allowed = {
  /** wrong passwords for one sign-in name */ login: { points: 10, seconds: 15 * 60 },
  /** wrong passwords from one address */ address: { points: 50, seconds: 15 * 60 },
  /** files sent by one person */ upload: { points: 60, seconds: 10 * 60 },
  /** photographs sent by one person */ photo: { points: 120, seconds: 10 * 60 },
} as const;
export type LimitName = keyof typeof allowed;

const shared = globalThis as typeof globalThis & { lorbetLimiters?: Map<LimitName, RateLimiterPostgres> };

function limiter(name: LimitName): RateLimiterPostgres {
  shared.lorbetLimiters ??= new Map();
  let found = shared.lorbetLimiters.get(name);
  if (!found) {
    const { points, seconds } = allowed[name];
    found = new RateLimiterPostgres({
      storeClient: database().sequelize,
      storeType: 'sequelize',
      tableName: 'rate_limits',
      tableCreated: true,
      clearExpiredByTimeout: false,
      keyPrefix: name,
      points,
      duration: seconds,
    });
    shared.lorbetLimiters.set(name, found);
  }
  return found;
}
const minutes = (ms: number) => Math.max(1, Math.ceil(ms / 60000));

/** Whether a limit is used up already, without counting. @returns minutes to wait, or null */
export async function waitFor(name: LimitName, key: string): Promise<number | null> {
  const now = await limiter(name).get(key);
  return now && now.consumedPoints >= allowed[name].points ? minutes(now.msBeforeNext) : null;
}

/** Counts one. @returns minutes to wait where that was one too many, else null */
export async function count(name: LimitName, key: string): Promise<number | null> {
  try {
    await limiter(name).consume(key);
    return null;
  } catch (refusal) {
    if (refusal instanceof RateLimiterRes) return minutes(refusal.msBeforeNext);
    throw refusal;
  }
}

/** Forgets what was counted, once the person has proven to be who was meant. */
export async function forget(name: LimitName, key: string): Promise<void> {
  await limiter(name).delete(key);
}
