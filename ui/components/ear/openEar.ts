import type { Heard } from '../../../core/physics/sound/ClickEar';

export interface OpenEar {
  /** Tells it the beat as a person has tapped it. */ hint: (hz: number | null) => void;
  close: () => void;
}
/** Why nothing is heard: the person or the browser says no; there is no microphone; this browser can't. */
export type Deaf = 'refused' | 'none' | 'cannot';

export const couldHear = (): boolean =>
  typeof AudioWorkletNode !== 'undefined' && typeof navigator !== 'undefined' && 'mediaDevices' in navigator;

/** Opens the microphone and counts the clicks in it; nothing is kept or sent. @param onHeard told four times a second */
export async function openEar(onHeard: (heard: Heard) => void): Promise<OpenEar | Deaf> {
  if (!couldHear()) return 'cannot';
  let stream: MediaStream;
  try {
    // What a telephone does for voices would take the clicks for noise.
    stream = await navigator.mediaDevices.getUserMedia({
      audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
    });
  } catch (error) {
    return error instanceof DOMException && error.name === 'NotFoundError' ? 'none' : 'refused';
  }
  const context = new AudioContext();
  const close = () => {
    stream.getTracks().forEach((track) => track.stop());
    if (context.state !== 'closed') void context.close();
  };
  try {
    await context.audioWorklet.addModule(`/_next/static/${process.env.LORBET_EAR ?? ''}`);
  } catch {
    close();
    return 'cannot';
  }
  const ear = new AudioWorkletNode(context, 'lorbet-ear', { numberOfOutputs: 0 });
  ear.port.onmessage = ({ data }: MessageEvent<Heard>) => onHeard(data);
  context.createMediaStreamSource(stream).connect(ear);
  return { hint: (hintHz) => ear.port.postMessage({ hintHz }), close };
}
