import type { OpenSource } from './DeviceLink';

/** A device of the machine on which Lorbet runs, by way of the server; the browser comes back by itself, and so do we. */
export const serverSource =
  (buildId: string, device: string): OpenSource =>
  (since, heard) => {
    const source = new EventSource(`/api/builds/${buildId}/live?device=${encodeURIComponent(device)}&since=${since}`);
    source.onopen = () => heard.open();
    source.onmessage = (message: MessageEvent<string>) => heard.line(message.data);
    // Its own way of coming back would not know which numbers were taken.
    source.onerror = () => heard.gone();
    return { close: () => source.close() };
  };
