// npm run devices: the bench heater and the stand-in meters by themselves, for loggers and programs of one's own.
import { buildTasks } from './lib/build.mjs';
import { startDevices } from './lib/devices.mjs';
import { ensurePackages } from './lib/install.mjs';
import { guarded, say } from './lib/run.mjs';

await guarded(async () => {
  ensurePackages();
  await buildTasks();
  const devices = await startDevices({
    port: Number(process.env.LORBET_DEVICES_PORT ?? 3781),
    webPort: Number(process.env.LORBET_DEVICES_WEB_PORT ?? 3782),
  });
  say(`Devices are at ${devices.address} (lines) and ${devices.webAddress}; Ctrl-C stops them.`);
  const stop = () => void devices.end().then(() => process.exit(0));
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
});
