// npm start and npm run dev: everything installed, database started, demo loaded, app served, and kept running. Whatever ends this ends all.
import { buildTasks, ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/install.mjs';
import { defaultData } from './lib/postgres.mjs';
import { guarded, say, Trouble } from './lib/run.mjs';
import { serve } from './lib/serve.mjs';
import { endWithNpm } from './lib/supervise.mjs';

await guarded(async () => {
  const dev = process.argv.includes('--dev');
  const demo = process.env.LORBET_DEMO !== '0';
  const lan = process.argv.includes('--lan') || process.env.LORBET_LAN_ON === '1';
  const port = Number(process.env.PORT ?? 3777);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Trouble(`PORT is ${process.env.PORT}; allowed is a whole number from 0 (any free port) to 65535.`);
  ensurePackages();
  if (dev) await buildTasks();
  else await ensureBuilt();
  say('starting the database …');
  let stopping = null;
  let starting = null;
  const end = (status = 0) => {
    stopping ??= (async () => {
      say('stopping …');
      // One that is still starting is awaited: what it has begun by then would be left behind.
      const running = await starting?.catch(() => null);
      await running?.stop();
      say('stopped; everything is kept.');
      process.exit(status);
    })();
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => end());
  endWithNpm(end);
  const giveUp = (why) => {
    process.stderr.write(`lorbet: ${why}\n`);
    end(1);
  };
  starting = serve({ data: defaultData(), port, dev, demo, lan, giveUp });
  const running = await starting;
  say('');
  say(`Lorbet is at ${running.address}`);
  if (demo) {
    const { demoSignIn } = await import('./lib/demoSignIn.mjs');
    say('Demo people, all invented (password for each: ' + demoSignIn.password + '):');
    for (const person of demoSignIn.people) say(`  ${person.login.padEnd(8)} ${person.role}`);
  } else say(`Open it to name the first lead, if nobody has yet; the set-up code is ${running.env.LORBET_SETUP_CODE}`);
  if (running.lan) {
    const { toString } = (await import('qrcode')).default;
    say('');
    say(`Phones in this network: first ${running.lan.trust} (four steps to trust this machine), then ${running.lan.address}`);
    say(await toString(running.lan.trust, { type: 'terminal', small: true }));
    if (demo) say('The demo’s password is known to everybody: for work of your own start with LORBET_DEMO=0.');
  }
  say('Ctrl-C stops it.');
});
