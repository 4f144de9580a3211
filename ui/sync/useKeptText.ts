'use client';
import { useCallback, useEffect, useState } from 'react';

const storeKey = (key: string) => `lorbet-draft:${key}`;
export function keepDraft(key: string, text: string | null): void {
  try {
    if (text === null) localStorage.removeItem(storeKey(key));
    else localStorage.setItem(storeKey(key), text);
  } catch {
    // A full or forbidden store: the text lives as long as the page.
  }
}
export function readDraft(key: string): string | null {
  try {
    return localStorage.getItem(storeKey(key));
  } catch {
    return null;
  }
}

/** What is being typed, kept on the device so that a closed tab loses nothing; null where nothing is. */
export function useDraft(key: string): [string | null, (text: string | null) => void] {
  const [text, setText] = useState<string | null>(null);
  useEffect(() => {
    const draft = readDraft(key);
    if (draft !== null) queueMicrotask(() => setText(draft));
  }, [key]);
  const keep = useCallback(
    (next: string | null) => {
      setText(next);
      keepDraft(key, next);
    },
    [key],
  );
  return [text, keep];
}

/** As `useDraft` for a field that begins empty: set it to '' once it is sent or thrown away. */
export function useKeptText(key: string): [string, (text: string) => void] {
  const [text, keep] = useDraft(key);
  return [text ?? '', useCallback((next: string) => keep(next === '' ? null : next), [keep])];
}
