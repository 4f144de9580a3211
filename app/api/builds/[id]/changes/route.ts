import { watchBuild } from '../../../../../store/changes';
import { buildRoute, tooMuch } from '../../../../lib/handle';
import { takeShare } from '../../../../lib/shares';

/** After this long the stream ends; the browser comes again, and is asked anew who it is. */
const longestMs = 5 * 60 * 1000;
const beatMs = 20 * 1000;

/** Tells of each new ledger row as it is kept: server-sent events, the sequence number as data. */
export const GET = buildRoute('look', async ({ request, head, person }) => {
  const giveBack = takeShare('stream', person.id);
  if (!giveBack) return tooMuch();
  const encoder = new TextEncoder();
  let end = () => undefined as void;
  const stream = new ReadableStream<Uint8Array>({
    async start(controller) {
      let open = true;
      const say = (text: string) => {
        if (open) controller.enqueue(encoder.encode(text));
      };
      const beat = setInterval(() => say(': still here\n\n'), beatMs);
      const timer = setTimeout(() => end(), longestMs);
      let forget = () => undefined as unknown;
      end = () => {
        if (!open) return;
        open = false;
        giveBack();
        clearInterval(beat);
        clearTimeout(timer);
        forget();
        controller.close();
      };
      request.signal.addEventListener('abort', () => end());
      forget = await watchBuild(head.id, (seq) => (seq === null ? end() : say(`data: ${seq}\n\n`)));
      // What was written between looking and listening is not missed.
      say(`retry: 2000\ndata: ${head.lastSeq}\n\n`);
    },
    cancel: () => end(),
  });
  return new Response(stream, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-cache, no-transform', 'x-accel-buffering': 'no' },
  });
});
