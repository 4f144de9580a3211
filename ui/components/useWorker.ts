'use client';
import { useEffect, useState } from 'react';

interface State<O> {
  key: string;
  answer: O | null;
  failed: boolean;
}

/**
 * What a worker makes of an input; null while it works. A new input ends the work on the old one.
 * Where no worker can be had (without coverage its script can't be fetched), the same work is done on the page itself.
 * @param make builds the worker, `onPage` does its work; both must stay the same function
 * @param input null asks for nothing
 * @param waitMs how long an input must stand still first
 */
export function useWorker<I, O>(
  make: () => Worker,
  onPage: (input: I) => Promise<O>,
  input: I | null,
  waitMs = 200,
): { answer: O | null; failed: boolean } {
  const key = JSON.stringify(input);
  const [state, setState] = useState<State<O>>({ key: '', answer: null, failed: false });
  useEffect(() => {
    // Read back from the key, which stays the same while nothing changes.
    const asked = JSON.parse(key) as I | null;
    if (asked === null) return undefined;
    let worker: Worker | null = null;
    let wanted = true;
    const tell = (answer: O | null) => {
      if (wanted) setState({ key, answer, failed: answer === null });
    };
    const without = () => {
      worker?.terminate();
      onPage(asked).then(tell, () => tell(null));
    };
    const timer = setTimeout(() => {
      try {
        worker = make();
      } catch {
        without();
        return;
      }
      worker.onmessage = ({ data }: MessageEvent<O>) => {
        tell(data);
        worker?.terminate();
      };
      worker.onerror = without;
      worker.postMessage(asked);
    }, waitMs);
    return () => {
      wanted = false;
      clearTimeout(timer);
      worker?.terminate();
    };
  }, [key, make, onPage, waitMs]);
  return state.key === key ? state : { answer: null, failed: false };
}
