// What the benchmarks share.
import { demoSignIn } from './demoSignIn.mjs';

export const at = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN;
export const sorted = (values) => [...values].sort((a, b) => a - b);

export async function signedIn(address, login) {
  const answer = await fetch(`${address}/api/sign-in`, {
    method: 'POST',
    body: JSON.stringify({ login, password: demoSignIn.password }),
  });
  const cookie = answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .find((one) => one.startsWith('lorbet='));
  return { cookie, ask: (way, init = {}) => fetch(address + way, { ...init, headers: { cookie } }) };
}
