'use client';
import { useEffect, useRef, useState } from 'react';

/**
 * What a worker that stands by makes of each input; the last answer stays until the next is there.
 * Where no worker can be had (without coverage its script can't be fetched), the same work is done on the page itself.
 * @param make builds the worker, `onPage` does its work; both must stay the same function
 */
export function useStandingWorker<I, O>(make: () => Worker, onPage: (input: I) => O, input: I): O | null {
  const key = JSON.stringify(input);
  const worker = useRef<Worker | null>(null);
  const [told, setTold] = useState<{ key: string; answer: O } | null>(null);
  const wanted = useRef(key);
  useEffect(() => {
    let standing: Worker | null = null;
    try {
      standing = make();
      standing.onmessage = ({ data }: MessageEvent<{ key: string; answer: O }>) => {
        if (data.key === wanted.current) setTold(data);
      };
      standing.onerror = () => {
        worker.current?.terminate();
        worker.current = null;
        setTold({ key: wanted.current, answer: onPage(JSON.parse(wanted.current) as I) });
      };
    } catch {
      standing = null;
    }
    worker.current = standing;
    return () => {
      standing?.terminate();
      worker.current = null;
    };
  }, [make, onPage]);
  useEffect(() => {
    wanted.current = key;
    // Read back from the key, which stays the same while nothing changes.
    const asked = JSON.parse(key) as I;
    if (worker.current) worker.current.postMessage({ key, input: asked });
    else queueMicrotask(() => setTold({ key, answer: onPage(asked) }));
  }, [key, onPage]);
  return told?.answer ?? null;
}
