// The stand-ins of this machine: a bench heater and meters, spoken to by lines (docs/device-lines.md).
import { Hub } from './Hub';

const portOf = (name: string, usual: number): number => {
  const port = Number(process.env[name] ?? usual);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new RangeError(`${name} is ${process.env[name]}; allowed is a whole number from 0 to 65535.`);
  return port;
};
const hub = new Hub();
void hub.open(portOf('LORBET_DEVICES_PORT', 3781), portOf('LORBET_DEVICES_WEB_PORT', 3782)).then((ports) => {
  // Whoever began it reads from this where it can be reached.
  process.stdout.write(`${JSON.stringify(ports)}\n`);
  const end = () => void hub.close().then(() => process.exit(0));
  process.on('SIGTERM', end);
  process.on('SIGINT', end);
  // Whoever began it holds the other end: where that goes, so does this.
  process.stdin.on('end', end).resume();
});
