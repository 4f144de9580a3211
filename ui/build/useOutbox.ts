'use client';
import type { Command } from '../../core/commands/allCommands';
import { useCallback, useEffect, useRef, useState } from 'react';
import { outbox, type Held, type Kept, type Waiting } from './outbox';
import { fetchSince, sendCommand, type Answer, type News } from './send';
import type { Link } from './BuildContext';

const often = 6000;
const seldom = 30000;

/** Runs one at a time over all tabs of this device, where the browser can; else just runs. */
const inOneTabOnly = async (name: string, work: () => Promise<void>): Promise<void> => {
  if ('locks' in navigator) await navigator.locks.request(name, work);
  else await work();
};

/**
 * Sends what is entered, in order and once, as soon as there is a way; keeps it on the device until it is acknowledged;
 * and hears of what others do.
 */
export function useOutbox(buildId: string, login: string, initialSeq: number, take: (news: News) => void) {
  const [waiting, setWaiting] = useState<readonly Waiting[]>([]);
  const [held, setHeld] = useState<readonly Kept<Held>[]>([]);
  const [others, setOthers] = useState<readonly string[]>([]);
  const [storeFull, setStoreFull] = useState(false);
  const [link, setLink] = useState<Link>('kept');
  const queue = useRef<Kept<Waiting>[]>([]);
  const lastSeq = useRef(initialSeq);
  const busy = useRef(false);

  const formatFixed = useCallback(() => setWaiting(queue.current.map(({ entry }) => entry)), []);
  const takeAnswer = useCallback(
    (answer: Answer) => {
      if (answer.kind !== 'kept' || answer.kept.lastSeq < lastSeq.current) return;
      lastSeq.current = answer.kept.lastSeq;
      take(answer);
    },
    [take],
  );

  // One command at a time, in order; what can't be sent stays at the head and is tried again.
  const flush = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      await inOneTabOnly(`lorbet-send-${buildId}`, async () => {
        for (let head = queue.current[0]; head; head = queue.current[0]) {
          setLink('sending');
          const answer = await sendCommand(buildId, head.entry, lastSeq.current);
          if (answer.kind === 'unreachable' || answer.kind === 'signed-out') {
            setLink(answer.kind);
            return;
          }
          queue.current = queue.current.slice(1);
          if (answer.kind === 'refused') {
            const kept = outbox.hold(buildId, head, answer);
            setHeld((old) => [...old, kept]);
            takeAnswer(await fetchSince(buildId, lastSeq.current));
          } else {
            outbox.remove(head.key);
            takeAnswer(answer);
          }
          formatFixed();
        }
        setLink('kept');
      });
    } finally {
      busy.current = false;
    }
  }, [buildId, takeAnswer, formatFixed]);

  const look = useCallback(async () => {
    if (queue.current.length > 0) return flush();
    const answer = await fetchSince(buildId, lastSeq.current);
    takeAnswer(answer);
    setLink(answer.kind === 'unreachable' || answer.kind === 'signed-out' ? answer.kind : 'kept');
  }, [buildId, flush, takeAnswer]);

  useEffect(() => {
    // What this device kept from an earlier visit goes in first, each person's under that person's own session.
    const kept = outbox.read(buildId);
    queue.current = kept.filter(({ entry }) => entry.by === login);
    queueMicrotask(() => {
      setOthers([...new Set(kept.filter(({ entry }) => entry.by !== login).map(({ entry }) => entry.by))]);
      setHeld(outbox.readHeld(buildId).filter(({ entry }) => entry.by === login));
      formatFixed();
      void flush();
    });
    const stream = new EventSource(`/api/builds/${buildId}/changes`);
    stream.onmessage = ({ data }) => {
      const seq = Number(data);
      if (seq === 0 || seq > lastSeq.current) void look();
    };
    let quiet = 0;
    const timer = setInterval(() => {
      quiet += often;
      if (document.hidden || (queue.current.length === 0 && quiet < seldom && stream.readyState === EventSource.OPEN)) return;
      quiet = 0;
      void look();
    }, often);
    const wake = () => void look();
    window.addEventListener('focus', wake);
    window.addEventListener('online', wake);
    return () => {
      stream.close();
      clearInterval(timer);
      window.removeEventListener('focus', wake);
      window.removeEventListener('online', wake);
    };
  }, [buildId, login, flush, look, formatFixed]);

  const add = useCallback(
    (command: Command) => {
      const entry = { commandId: crypto.randomUUID(), command, madeAt: new Date().toISOString(), by: login };
      const { stored, ...kept } = outbox.add(buildId, entry);
      if (!stored) setStoreFull(true);
      queue.current = [...queue.current, kept];
      formatFixed();
      void flush();
    },
    [buildId, login, flush, formatFixed],
  );
  const dismiss = useCallback((settled: Kept<Held>) => {
    outbox.remove(settled.key);
    setHeld((old) => old.filter(({ key }) => key !== settled.key));
  }, []);
  const pending = useCallback(() => queue.current.map(({ entry }) => entry), []);
  return { waiting, held, others, storeFull, link, add, dismiss, pending };
}
