/** What the server needs to know, from the environment; `npm start` sets it. Throws one sentence naming the variable. */
export function config() {
  const databaseUrl = process.env.LORBET_DATABASE_URL ?? '';
  if (!/^postgres(ql)?:\/\//.test(databaseUrl))
    throw new Error('LORBET_DATABASE_URL is not set to a postgres:// address; npm start sets it by itself.');
  const sessionSecret = process.env.LORBET_SESSION_SECRET ?? '';
  if (sessionSecret.length < 32)
    throw new Error(`LORBET_SESSION_SECRET holds ${sessionSecret.length} characters; at least 32 are needed.`);
  return { databaseUrl, sessionSecret, secureCookie: process.env.LORBET_HTTPS === '1' };
}
