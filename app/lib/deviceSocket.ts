import { connect, type Socket } from 'node:net';
import { readDeviceLine } from '../../formats/device/readDeviceLine';
import { LineCutter } from '../../formats/device/LineCutter';
import { type DeviceCommand } from '../../formats/device/deviceLines';

/** Where the stand-ins and loggers of this machine are spoken to; null where none were started. */
export function devicesAt(): { host: string; port: number } | null {
  const [host = '', port = ''] = (process.env.LORBET_DEVICES ?? '').split(':');
  return host && Number(port) > 0 ? { host, port: Number(port) } : null;
}
const line = (command: DeviceCommand): string => `${JSON.stringify(command)}\n`;

/** A connection to one device. @param heard each whole line of it, as it came */
export function openDevice(
  device: string,
  since: number,
  heard: (text: string) => void,
  gone: () => void,
): { send: (command: DeviceCommand) => void; end: () => void } | null {
  const at = devicesAt();
  if (!at) return null;
  const socket: Socket = connect(at.port, at.host);
  const cutter = new LineCutter();
  socket.setNoDelay(true);
  socket.setEncoding('utf8');
  // Written before anything else, and sent once there is a way.
  socket.write(line({ do: 'hello', device, since }));
  socket.on('data', (text: string) => {
    for (const one of cutter.take(text)) if (one !== null) heard(one);
  });
  socket.on('error', () => socket.destroy());
  socket.on('close', gone);
  return { send: (command) => void socket.write(line(command)), end: () => socket.destroy() };
}

/** Has a device do something. @returns its answer in a sentence where it does not */
export function orderDevice(device: string, command: DeviceCommand, ms = 3000): Promise<string | null> {
  return new Promise((resolve) => {
    let wants = ['hello', command.do];
    const done = (error: string | null) => {
      clearTimeout(timer);
      link?.end();
      resolve(error);
    };
    const timer = setTimeout(() => done('The device does not answer.'), ms);
    // It is not asked for what it has said before: only its answers count here.
    const link = openDevice(
      device,
      Number.MAX_SAFE_INTEGER - 1,
      (text) => {
        const read = readDeviceLine(text);
        if (!read.ok) return;
        const { value } = read;
        if (value.line === 'hello') wants = [command.do];
        if (value.line !== 'answer') return;
        if (!value.ok) done(value.error ?? 'The device refuses.');
        else if (wants.includes(value.to)) done(null);
      },
      () => done('No device answers here; start Lorbet anew.'),
    );
    if (!link) done('No devices were started with this Lorbet.');
    else link.send(command);
  });
}
