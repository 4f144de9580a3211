import { LineCutter } from '../../../formats/device/LineCutter';
import type { OpenSource } from './DeviceLink';

interface SerialPort {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
}
const serialOf = (): Serial | null => (navigator as Navigator & { serial?: Serial }).serial ?? null;
/** Whether this browser lets a page read from a wire. */
export const couldRead = (): boolean => typeof navigator !== 'undefined' && serialOf() !== null;
/** Asks which one; the person chooses it in the browser's own window. @returns null where none was chosen */
export async function chooseSerial(): Promise<SerialPort | null> {
  return (
    (await serialOf()
      ?.requestPort()
      .catch(() => null)) ?? null
  );
}

const usualBaud = 115_200;
/** A logger on a wire that writes the lines of `docs/device-lines.md`. */
export const serialSource =
  (port: SerialPort, baudRate = usualBaud): OpenSource =>
  (_since, heard) => {
    let ended = false;
    void (async () => {
      try {
        await port.open({ baudRate });
        heard.open();
        const cutter = new LineCutter();
        const letters = new TextDecoder();
        const reader = port.readable?.getReader();
        while (reader && !ended) {
          const { value, done } = await reader.read();
          if (done) break;
          for (const line of cutter.take(letters.decode(value, { stream: true }))) heard.line(line ?? 'a line that is too long');
        }
        reader?.releaseLock();
      } catch {
        /* pulled out, or refused: told below */
      }
      await port.close().catch(() => undefined);
      heard.gone();
    })();
    return { close: () => void (ended = true) };
  };
