import { NextResponse } from 'next/server';
import { readDeviceCommand } from '../../../../../formats/device/readDeviceCommand';
import { jsonObject } from '../../../../../formats/jsonObject';
import { noBuild, readBytes, refused } from '../../../../lib/answers';
import { devicesAt, openDevice, orderDevice } from '../../../../lib/deviceSocket';
import { route, tooMuch } from '../../../../lib/handle';
import { takeShare } from '../../../../lib/shares';

const named = /^[a-z]{1,20}$/;
/** A way that says nothing for so long is closed by what lies between; ms. */
const breathMs = 15_000;
/** Lines that may wait for a page. */
const waitsMost = 20_000;
/** Each build has a bench heater of its own, with meters that hang on it. */
const nameFor = (device: string, buildId: string): string => `${device}:${buildId}`;

/** What a device says, line by line as it says it; from where the page left off. */
export const GET = route('look', async ({ request, params, head, person }) => {
  if (!head) return noBuild();
  const asked = new URL(request.url).searchParams;
  const device = asked.get('device') ?? '';
  if (!named.test(device)) return refused(400, `device is “${device.slice(0, 40)}”; allowed is 1 to 20 of a to z.`);
  const since = Number(request.headers.get('last-event-id') ?? asked.get('since') ?? 0);
  if (!Number.isSafeInteger(since) || since < 0)
    return refused(400, `since is “${asked.get('since')?.slice(0, 40)}”; allowed is a whole number from 0.`);
  if (!devicesAt()) return refused(503, 'No devices were started with this Lorbet.');
  const giveBack = takeShare('stream', person.id);
  if (!giveBack) return tooMuch();
  let end = () => undefined as void;
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const letters = new TextEncoder();
      const say = (text: string) => {
        try {
          controller.enqueue(letters.encode(text));
        } catch {
          end();
        }
        // A page that takes nothing for so long is let go: it comes back, and is told what it missed.
        if ((controller.desiredSize ?? 0) < -waitsMost) end();
      };
      const breath = setInterval(() => say(':\n\n'), breathMs);
      const link = openDevice(
        nameFor(device, params.id ?? ''),
        since,
        (line) => {
          const n = /"n":(\d+)/.exec(line)?.[1];
          say(`${n ? `id: ${n}\n` : ''}data: ${line}\n\n`);
        },
        () => end(),
      );
      end = () => {
        giveBack();
        clearInterval(breath);
        link?.end();
        try {
          controller.close();
        } catch {
          /* closed already */
        }
        end = () => undefined;
      };
    },
    cancel() {
      end();
    },
  });
  request.signal.addEventListener('abort', () => end());
  return new Response(body, {
    headers: { 'content-type': 'text/event-stream; charset=utf-8', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  });
});

/** Has the build's bench heater do something. */
export const POST = route('work', async ({ request, params, head }) => {
  if (!head) return noBuild();
  const body = await readBytes(request, 20_000);
  if (!body.ok) return body.response;
  const sent = jsonObject(body.bytes, { marks: 4000 });
  if (!sent.ok) return refused(400, sent.error);
  const read = readDeviceCommand(JSON.stringify(sent.value));
  if (!read.ok) return refused(400, read.error);
  const error = await orderDevice(nameFor('bench', params.id ?? ''), read.value);
  return error ? refused(409, error) : NextResponse.json({ ok: true });
});
