import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { database } from './database';
import { ofNoWorkshop } from './scope';

/** How often, in the time of `seconds`; counted in the database, so that it holds for all processes together. */
const allowed = {
  /** tries at one sign-in name from one address */ login: { points: 10, seconds: 15 * 60 },
  /** tries at one sign-in name from devices that nobody knows, wherever they are */ name: { points: 100, seconds: 15 * 60 },
  /** tries from one address */ address: { points: 50, seconds: 15 * 60 },
  /** tries on a device on which that person has signed in before */ device: { points: 10, seconds: 15 * 60 },
  /** second steps tried for one person, whoever tries */ code: { points: 10, seconds: 15 * 60 },
  /** own passwords changed by one person */ ownPassword: { points: 10, seconds: 15 * 60 },
  /** certificates looked at from one address */ verify: { points: 120, seconds: 10 * 60 },
  /** cases of the trainer ended by one person */ training: { points: 60, seconds: 10 * 60 },
  /** files sent by one person */ upload: { points: 60, seconds: 10 * 60 },
  /** photographs sent by one person */ photo: { points: 60, seconds: 10 * 60 },
  /** and in an hour */ photoHour: { points: 180, seconds: 3600 },
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

/** Counts one. @returns minutes to wait where that was one too many, else null */
export async function count(name: LimitName, key: string): Promise<number | null> {
  try {
    await ofNoWorkshop(() => limiter(name).consume(key));
    return null;
  } catch (refusal) {
    if (refusal instanceof RateLimiterRes) return minutes(refusal.msBeforeNext);
    throw refusal;
  }
}

/** Gives one back that turned out to be none. */
export async function giveBack(name: LimitName, key: string): Promise<void> {
  await ofNoWorkshop(() => limiter(name).reward(key, 1));
}

/** Forgets what was counted, once the person has proven to be who was meant. */
export async function forget(name: LimitName, key: string): Promise<void> {
  await ofNoWorkshop(() => limiter(name).delete(key));
}
