// One person who attacks a running app: every hostile body once, with how long the loop was held by each; or all of them, over and over, until stopped.
import { hostiles } from '../tests/hostile';
import cast from '../demo/people.json';

const [address = '', buildId = '', mode = 'once'] = process.argv.slice(2);
async function signedIn(login: string): Promise<string> {
  const answer = await fetch(`${address}/api/sign-in`, {
    method: 'POST',
    body: JSON.stringify({ login, password: cast.password }),
  });
  return answer.headers
    .getSetCookie()
    .map((set) => set.split(';')[0])
    .join('; ');
}
const heldMs = async (): Promise<number> => ((await (await fetch(`${address}/health/loop`)).json()) as { maxMs: number }).maxMs;

async function main(): Promise<void> {
  const cookies = { viewer: await signedIn('ines'), fitter: await signedIn('bram') };
  const held: { name: string; ms: number; status: number }[] = [];
  const storm = mode === 'storm';
  // What is sent in a storm is made beforehand, enough for a while: an attacker makes it on a machine of his own.
  const made = storm ? [1, 2, 3].map(() => hostiles.map(({ body }) => body())) : [];
  for (let round = 0; storm || round === 0; round += 1) {
    for (const [i, { name, by, way, body }] of hostiles.entries()) {
      const sent = made[round % 3]?.[i] ?? body();
      await heldMs();
      const answer = await fetch(address + way(buildId), { method: 'POST', body: sent, headers: { cookie: cookies[by] } });
      await answer.arrayBuffer();
      held.push({ name, ms: await heldMs(), status: answer.status });
      if (storm) process.stdout.write('.');
    }
  }
  process.stdout.write(`${JSON.stringify(held)}\n`);
}
main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
});
