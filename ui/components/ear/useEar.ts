'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Heard } from '../../../core/physics/sound/ClickEar';
import { openEar, type Deaf, type OpenEar } from './openEar';

export type EarState =
  { kind: 'shut' } | { kind: 'opening' } | { kind: 'deaf'; why: Deaf } | { kind: 'open'; heard: Heard | null };

/** The microphone as long as it is wanted and the page is looked at; turned away from, it is shut. */
export function useEar() {
  const [state, setState] = useState<EarState>({ kind: 'shut' });
  const ear = useRef<OpenEar | null>(null);
  const close = useCallback(() => {
    ear.current?.close();
    ear.current = null;
    setState({ kind: 'shut' });
  }, []);
  const open = useCallback(async () => {
    setState({ kind: 'opening' });
    const opened = await openEar((heard) => setState((old) => (old.kind === 'shut' ? old : { kind: 'open', heard })));
    if (typeof opened === 'string') setState({ kind: 'deaf', why: opened });
    else {
      ear.current = opened;
      setState((old) => (old.kind === 'open' ? old : { kind: 'open', heard: null }));
    }
  }, []);
  useEffect(() => {
    const away = () => {
      if (document.visibilityState === 'hidden') close();
    };
    document.addEventListener('visibilitychange', away);
    return () => {
      document.removeEventListener('visibilitychange', away);
      ear.current?.close();
      ear.current = null;
    };
  }, [close]);
  const hint = useCallback((hz: number | null) => ear.current?.hint(hz), []);
  return { state, open, close, hint };
}
