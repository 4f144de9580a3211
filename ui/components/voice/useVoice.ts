import { useCallback, useEffect, useRef, useState } from 'react';

/** What of the browser's recognition of speech is used here, by the names of the W3C's Web Speech API; not every browser has it, and few have it without a network. */
interface Recognition {
  lang: string;
  processLocally: boolean;
  maxAlternatives: number;
  onresult: ((event: { results: ArrayLike<ArrayLike<{ transcript: string }>> }) => void) | null;
  onerror: (() => void) | null;
  onend: (() => void) | null;
  start: () => void;
  abort: () => void;
}
interface RecognitionClass {
  new (): Recognition;
  available?: (options: { langs: string[]; processLocally: true }) => Promise<string>;
}
const lang = 'en-GB';
const recognition = (): RecognitionClass | undefined =>
  typeof window === 'undefined' ? undefined : (window as unknown as { SpeechRecognition?: RecognitionClass }).SpeechRecognition;

/** Whether this device understands speech by itself, so that nothing said leaves it. */
async function understandsHere(): Promise<boolean> {
  try {
    return (await recognition()?.available?.({ langs: [lang], processLocally: true })) === 'available';
  } catch {
    return false;
  }
}

export type VoiceState = 'cannot' | 'ready' | 'listening' | 'nothing';

/**
 * A figure by voice, where the browser understands speech without a network. The microphone is open from a touch until something was understood.
 * @param onSaid what was understood
 */
export function useVoice(onSaid: (said: string) => void): { state: VoiceState; listen: () => void } {
  const [state, setState] = useState<VoiceState>('cannot');
  const heard = useRef<Recognition | null>(null);
  const told = useRef(onSaid);
  useEffect(() => {
    told.current = onSaid;
  });
  useEffect(() => {
    let here = true;
    void understandsHere().then((can) => here && can && setState('ready'));
    const away = () => document.visibilityState === 'hidden' && heard.current?.abort();
    document.addEventListener('visibilitychange', away);
    return () => {
      here = false;
      document.removeEventListener('visibilitychange', away);
      heard.current?.abort();
    };
  }, []);
  const listen = useCallback(() => {
    const Known = recognition();
    if (!Known) return;
    const one = new Known();
    let understood = false;
    one.lang = lang;
    one.processLocally = true;
    one.maxAlternatives = 1;
    one.onresult = ({ results }) => {
      const said = results[0]?.[0]?.transcript;
      if (said === undefined) return;
      understood = true;
      told.current(said);
    };
    one.onend = () => {
      heard.current = null;
      setState(understood ? 'ready' : 'nothing');
    };
    one.onerror = () => setState('nothing');
    heard.current?.abort();
    heard.current = one;
    setState('listening');
    one.start();
  }, []);
  return { state, listen };
}
