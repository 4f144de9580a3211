// Beside the page that is measured: the other streams, and when each reading leaves its device.
import { connect } from 'node:net';
import { parentPort, workerData } from 'node:worker_threads';

const { devices, cookie, others, kinds, buildId } = workerData;
const [host, port] = devices.split(':');
const left = {};
for (const kind of kinds) {
  const socket = connect(Number(port), host).setNoDelay(true).setEncoding('utf8');
  // From now on.
  socket.write(`${JSON.stringify({ do: 'hello', device: `${kind}:${buildId}`, since: Number.MAX_SAFE_INTEGER - 1 })}\n`);
  let rest = '';
  socket.on('data', (text) => {
    const at = performance.timeOrigin + performance.now();
    const lines = (rest + text).split('\n');
    rest = lines.pop();
    for (const line of lines) {
      const n = /"n":(\d+)/.exec(line)?.[1];
      if (n) left[`${kind}:${n}`] = at;
    }
  });
}
for (const way of others)
  void fetch(way, { headers: { cookie } }).then(async ({ body }) => {
    for await (const part of body) void part;
  });
parentPort.on('message', () => parentPort.postMessage(left));
