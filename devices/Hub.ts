import { createServer, type Server, type Socket } from 'node:net';
import { createServer as createHttp, type Server as HttpServer } from 'node:http';
import { WebSocketServer, type WebSocket } from 'ws';
import { LineCutter } from '../formats/device/LineCutter';
import { lineMaxBytes, linesVersion, type DeviceKind, type DeviceLine } from '../formats/device/deviceLines';
import { readDeviceCommand } from '../formats/device/readDeviceCommand';
import { BenchDevice } from './BenchDevice';
import { meterKinds, StandInMeter } from './StandInMeter';
import type { Feed } from './Feed';

/** Whoever is connected: lines go out, and it can be ended. */
interface Peer {
  send(text: string): void;
  /** bytes that wait to be sent */ waits(): number;
  end(): void;
}
type Device = (BenchDevice | StandInMeter) & { feed: Feed };

/** One that takes nothing for so long that so much waits is let go; it comes back and is told what it missed. */
const waitsMost = 8_000_000;
/** Heaters of their own for rehearsals, and how long one stays that nobody has used, ms. */
const mostBenches = 40;
const idleMs = 20 * 60_000;
const tickMs = 50;

/** All stand-ins of a machine, spoken to by lines over a socket or a WebSocket, on this machine only. */
export class Hub {
  readonly #devices = new Map<string, Device>();
  #tcp: Server | null = null;
  #http: HttpServer | null = null;
  #timer: NodeJS.Timeout | null = null;
  readonly #peers = new Set<Peer>();

  constructor(private readonly nowMs: () => number = Date.now) {
    const bench = new BenchDevice('bench', 'Bench heater', nowMs);
    this.#devices.set('bench', bench);
    for (const kind of Object.keys(meterKinds) as (keyof typeof meterKinds)[])
      this.#devices.set(kind, new StandInMeter(kind, kind, bench, kind.length));
  }

  /** Opens it. @returns the ports; 0 takes any that is free */
  async open(tcpPort: number, webPort: number): Promise<{ tcpPort: number; webPort: number }> {
    const tcp = createServer((socket) => this.#overSocket(socket));
    const http = createHttp((_, response) => {
      response.writeHead(426, { 'content-type': 'text/plain; charset=utf-8' });
      response.end('Devices speak by WebSocket here.\n');
    });
    // A page of another site must not reach what stands on this machine: browsers tell where they come from, and programs do not.
    const web = new WebSocketServer({
      server: http,
      maxPayload: lineMaxBytes,
      verifyClient: ({ origin }: { origin?: string }) => !origin || /^https?:\/\/(127\.0\.0\.1|localhost)(:\d+)?$/.test(origin),
    });
    web.on('connection', (socket) => this.#overWeb(socket));
    this.#tcp = tcp;
    this.#http = http;
    await new Promise<void>((done, failed) => tcp.once('error', failed).listen(tcpPort, '127.0.0.1', done));
    await new Promise<void>((done, failed) => http.once('error', failed).listen(webPort, '127.0.0.1', done));
    let last = performance.now();
    this.#timer = setInterval(() => {
      const now = performance.now();
      this.pass((now - last) / 1000);
      last = now;
    }, tickMs);
    const port = (server: Server | HttpServer) => (server.address() as { port: number }).port;
    return { tcpPort: port(tcp), webPort: port(http) };
  }
  /** Time passes for all of them. */
  pass(wallS: number): void {
    for (const device of this.#devices.values()) device.pass(wallS);
    for (const [id, device] of this.#devices) {
      const [kind = '', of] = id.split(':');
      if (of === undefined || device.feed.heard > 0) continue;
      const bench = this.#devices.get(`bench:${of}`);
      const idle = !(bench instanceof BenchDevice) || (bench.feed.heard === 0 && this.nowMs() - bench.lastUsedMs > idleMs);
      if (idle && (kind !== 'bench' || !this.#isRead(of))) this.#devices.delete(id);
    }
  }
  /** Whether somebody still reads a meter that hangs on the heater of a build. */
  #isRead(of: string): boolean {
    return (Object.keys(meterKinds) as (keyof typeof meterKinds)[]).some(
      (kind) => (this.#devices.get(`${kind}:${of}`)?.feed.heard ?? 0) > 0,
    );
  }
  async close(): Promise<void> {
    if (this.#timer) clearInterval(this.#timer);
    for (const peer of this.#peers) peer.end();
    await Promise.all([this.#tcp, this.#http].map((server) => new Promise((done) => (server ? server.close(done) : done(null)))));
  }

  /** A device by its name; a heater for a build of its own, and meters that hang on it, are made when they are first asked for. */
  #device(id: string): Device | string {
    const known = this.#devices.get(id);
    if (known) return known;
    const [, kind = '', of = ''] = /^([a-z]+):([a-z0-9-]{1,50})$/.exec(id) ?? [];
    if (kind !== 'bench' && !Object.hasOwn(meterKinds, kind)) return `There is no device “${id}” here.`;
    const heater = this.#devices.get(`bench:${of}`);
    if (!heater && [...this.#devices.keys()].filter((name) => name.startsWith('bench:')).length >= mostBenches)
      return `All ${mostBenches} bench heaters are in use; end a rehearsal first.`;
    const bench = heater instanceof BenchDevice ? heater : new BenchDevice(`bench:${of}`, 'Bench heater', this.nowMs);
    this.#devices.set(`bench:${of}`, bench);
    if (kind === 'bench') return bench;
    const meter = new StandInMeter(id, kind as keyof typeof meterKinds, bench, of.length);
    this.#devices.set(id, meter);
    return meter;
  }

  /** One who has connected: says which device it wants, is told what it missed, and then hears all. */
  #talk(peer: Peer): { take: (line: string | null) => void; gone: () => void } {
    let device: Device | null = null;
    let stop: (() => void) | null = null;
    this.#peers.add(peer);
    const send = (line: DeviceLine) => {
      if (peer.waits() > waitsMost) peer.end();
      else peer.send(`${JSON.stringify(line)}\n`);
    };
    const answer = (to: string, error?: string) =>
      send({ line: 'answer', to, ok: error === undefined, ...(error === undefined ? {} : { error }) });
    return {
      take: (text) => {
        if (text === null)
          return answer('line', `A line is longer than the ${lineMaxBytes} bytes that are allowed; it was dropped.`);
        const read = readDeviceCommand(text);
        if (!read.ok) return answer('line', read.error);
        const command = read.value;
        if (command.do === 'devices') {
          for (const [id, one] of this.#devices) send(this.#hello(id, one));
          return answer('devices');
        }
        if (command.do === 'hello') {
          const found = this.#device(command.device);
          if (typeof found === 'string') return answer('hello', found);
          stop?.();
          device = found;
          send(this.#hello(command.device, found));
          for (const line of found.feed.since(command.since)) send(line);
          stop = found.feed.listen(send);
          return undefined;
        }
        if (!device) return answer(command.do, 'Say hello with a device first.');
        if (command.do === 'got') return undefined;
        if (!(device instanceof BenchDevice)) return answer(command.do, 'A meter only reads; it takes no orders.');
        try {
          device.do(command);
          return answer(command.do);
        } catch (error) {
          if (!(error instanceof RangeError)) throw error;
          return answer(command.do, error.message);
        }
      },
      gone: () => {
        stop?.();
        this.#peers.delete(peer);
      },
    };
  }
  #hello(id: string, device: Device): DeviceLine {
    const kind: DeviceKind = device instanceof BenchDevice ? 'heater' : device.kind;
    return {
      line: 'hello',
      lorbet: linesVersion,
      device: id,
      kind,
      name: device.name,
      from: device.feed.from,
      next: device.feed.next,
      standIn: true,
    };
  }
  #overSocket(socket: Socket): void {
    socket.setNoDelay(true);
    socket.setEncoding('utf8');
    const talk = this.#talk({
      send: (text) => void socket.write(text),
      waits: () => socket.writableLength,
      end: () => socket.destroy(),
    });
    const cutter = new LineCutter();
    socket.on('data', (text: string) => cutter.take(text).forEach(talk.take));
    socket.on('error', () => socket.destroy());
    socket.on('close', talk.gone);
  }
  #overWeb(socket: WebSocket): void {
    const talk = this.#talk({
      send: (text) => socket.send(text),
      waits: () => socket.bufferedAmount,
      end: () => socket.terminate(),
    });
    const cutter = new LineCutter();
    socket.on('message', (data) => {
      if (Buffer.isBuffer(data))
        cutter
          .take(
            `${data.toString('utf8')}
`,
          )
          .forEach(talk.take);
    });
    socket.on('error', () => socket.terminate());
    socket.on('close', talk.gone);
  }
}
