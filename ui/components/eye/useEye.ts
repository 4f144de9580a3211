'use client';
import { useEffect, useRef, useState, type RefObject } from 'react';

export type EyeState =
  | { kind: 'opening' }
  | { kind: 'refused' }
  | { kind: 'none' }
  | { kind: 'looking'; torch: boolean }
  | { kind: 'read'; text: string };

/** What zxing hands back while it looks. */
interface Looking {
  stop: () => void;
  switchTorch?: (on: boolean) => Promise<void>;
}

/** The camera as long as this is shown, until a bar code or QR code is read; no picture is kept. */
export function useEye(video: RefObject<HTMLVideoElement | null>, round: number) {
  const [state, setState] = useState<EyeState>({ kind: 'opening' });
  const looking = useRef<Looking | null>(null);
  useEffect(() => {
    let wanted = true;
    const open = async () => {
      setState({ kind: 'opening' });
      const { BrowserMultiFormatReader } = await import('@zxing/browser');
      const reader = new BrowserMultiFormatReader();
      try {
        const controls = await reader.decodeFromConstraints(
          { video: { facingMode: 'environment' } },
          video.current ?? undefined,
          (result, _error, own) => {
            if (!result || !wanted) return;
            own.stop();
            setState({ kind: 'read', text: result.getText().trim() });
          },
        );
        if (!wanted) controls.stop();
        else {
          looking.current = controls;
          setState((old) => (old.kind === 'read' ? old : { kind: 'looking', torch: controls.switchTorch !== undefined }));
        }
      } catch (error) {
        const refused = error instanceof DOMException && error.name === 'NotAllowedError';
        if (wanted) setState({ kind: refused ? 'refused' : 'none' });
      }
    };
    queueMicrotask(() => void open());
    return () => {
      wanted = false;
      looking.current?.stop();
      looking.current = null;
    };
  }, [video, round]);
  return { state, switchTorch: (on: boolean) => void looking.current?.switchTorch?.(on) };
}
