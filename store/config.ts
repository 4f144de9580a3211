import * as yup from 'yup';

export interface Config {
  /** Under which role the app works. */
  databaseUrl: string;
  /** Who owns the tables; only migrations, backup and restore work as the owner. */
  ownerUrl: string;
  sessionSecret: string;
  /** Closes the private halves of the workshops' keys; lies beside the database, never in it. */
  sealSecret: string;
  /** Cookies only over HTTPS. */
  https: boolean;
  /** Behind a reverse proxy that writes X-Forwarded-For anew. */
  behindProxy: boolean;
  log: 'silent' | 'error' | 'warn' | 'info' | 'debug';
  /** What the first lead has to bring along; printed by the start command. Null where none was set: nobody can be named then. */
  setUpCode: string | null;
  /** Who bears it may read what is counted at /metrics; null: nobody may. */
  metricsToken: string | null;
  /** Connections to the database, a process. */
  poolSize: number;
}

const address = () =>
  yup
    .string()
    .defined('${path} is not set; it has to be a postgres:// address (npm start sets it by itself)')
    .matches(/^postgres(ql)?:\/\/[^\s]+$/, '${path} is no postgres:// address (npm start sets it by itself)');
const yesNo = () => yup.string().oneOf(['0', '1'], '${path} is “${value}”; allowed is 0 or 1').default('0');

/** Every setting that the server reads, by the name of its environment variable. `docs/operations.md` lists them. */
const environment = yup.object({
  LORBET_DATABASE_URL: address(),
  LORBET_OWNER_URL: address().optional(),
  LORBET_SESSION_SECRET: yup
    .string()
    .defined('LORBET_SESSION_SECRET is not set; it has to hold 32 characters or more')
    .min(32, 'LORBET_SESSION_SECRET is too short; it has to hold 32 characters or more'),
  LORBET_SEAL_SECRET: yup
    .string()
    .defined('LORBET_SEAL_SECRET is not set; it has to hold 32 characters or more')
    .min(32, 'LORBET_SEAL_SECRET is too short; it has to hold 32 characters or more'),
  LORBET_HTTPS: yesNo(),
  LORBET_PROXY: yesNo(),
  LORBET_LOG: yup
    .string()
    .oneOf(['silent', 'error', 'warn', 'info', 'debug'], '${path} is “${value}”; allowed is silent, error, warn, info or debug')
    .default('warn'),
  LORBET_METRICS_TOKEN: yup.string().min(16, '${path} is too short; it has to hold 16 characters or more').optional(),
  LORBET_SETUP_CODE: yup.string().min(8, '${path} is too short; it has to hold 8 characters or more').optional(),
  LORBET_DB_POOL: yup
    .string()
    .matches(/^([1-9]|[1-9]\d)$/, '${path} is “${value}”; allowed is a whole number from 1 to 99')
    .default('10'),
});

let known: { from: string; config: Config } | null = null;

/** What the server needs to know, from the environment. Throws one error with a sentence a line for each variable that is wrong. */
export function config(env: NodeJS.ProcessEnv = process.env): Config {
  const from = Object.keys(environment.fields)
    .map((name) => `${name}=${env[name] ?? ''}`)
    .join('\n');
  if (known?.from === from) return known.config;
  const given = Object.fromEntries(Object.keys(environment.fields).map((name) => [name, env[name] || undefined]));
  try {
    const read = environment.validateSync(given, { abortEarly: false });
    const result: Config = {
      databaseUrl: read.LORBET_DATABASE_URL,
      ownerUrl: read.LORBET_OWNER_URL ?? read.LORBET_DATABASE_URL,
      sessionSecret: read.LORBET_SESSION_SECRET,
      sealSecret: read.LORBET_SEAL_SECRET,
      https: read.LORBET_HTTPS === '1',
      behindProxy: read.LORBET_PROXY === '1',
      metricsToken: read.LORBET_METRICS_TOKEN ?? null,
      setUpCode: read.LORBET_SETUP_CODE ?? null,
      log: read.LORBET_LOG,
      poolSize: Number(read.LORBET_DB_POOL),
    };
    known = { from, config: result };
    return result;
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    throw new Error([...new Set(error.errors)].map((sentence) => `${sentence}.`).join('\n'));
  }
}
