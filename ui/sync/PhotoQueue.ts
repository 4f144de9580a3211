import type { Device } from './device';
import type { PhotoWaiting, Picture } from './PhotoWaiting';
import { sync as t } from '../texts/en/sync';

export type Sent = { kind: 'kept'; value: Picture } | { kind: 'later' } | { kind: 'refused'; error: string };

/** Sends a picture to its build. */
export async function sendPicture({ buildId, file, name }: Pick<PhotoWaiting, 'buildId' | 'file' | 'name'>): Promise<Sent> {
  try {
    const response = await fetch(`/api/builds/${buildId}/photos`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: file,
    });
    if (response.status === 401 || response.status === 429 || response.status >= 500) return { kind: 'later' };
    const answer = (await response.json()) as Picture & { errors?: string[] };
    if (response.ok) return { kind: 'kept', value: answer };
    return { kind: 'refused', error: `${name}: ${answer.errors?.join(' ') ?? t.theServerRefusedItWithoutA}` };
  } catch {
    return { kind: 'later' };
  }
}

interface Means {
  buildId: string;
  login: string;
  device: Pick<Device, 'photosOf' | 'keepPhoto' | 'dropPhoto'>;
  send: (photo: PhotoWaiting) => Promise<Sent>;
  /** Puts a photograph that was sent onto the build's list. @returns why not, or an empty list */
  add: (photo: PhotoWaiting, picture: Picture) => string[];
  exclusively: (name: string, work: () => Promise<void>) => Promise<void>;
}

/** Keeps photographs on the device until there is a way through, and sends them one at a time, over all tabs. */
export class PhotoQueue {
  #waiting: readonly PhotoWaiting[] = [];
  #running: Promise<void> | null = null;
  readonly #listeners = new Set<() => void>();
  readonly #means: Means;

  constructor(means: Means) {
    this.#means = means;
  }
  /** This person's photographs that wait, the first taken first. */
  get waiting(): readonly PhotoWaiting[] {
    return this.#waiting;
  }
  subscribe(listener: () => void): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  /** Takes a photograph. @returns why not, or null */
  async take(photo: Omit<PhotoWaiting, 'buildId' | 'by'>): Promise<string | null> {
    const { buildId, login, device } = this.#means;
    const waiting: PhotoWaiting = { ...photo, buildId, by: login };
    if (await device.keepPhoto(waiting)) {
      this.#show([...this.#waiting, waiting]);
      void this.flush();
      return null;
    }
    // Without room on the device it goes straight through, or not at all.
    const sent = await this.#means.send(waiting);
    if (sent.kind === 'kept') return this.#means.add(waiting, sent.value).join(' ') || null;
    return sent.kind === 'refused' ? sent.error : t.wasNotSentTheServerCant({ name: photo.name });
  }

  /** Throws away one that waits. */
  async drop(id: string): Promise<void> {
    await this.#means.device.dropPhoto(id);
    this.#show(this.#waiting.filter((photo) => photo.id !== id));
  }

  /** Sends what waits; what can't be sent now stays. */
  flush(): Promise<void> {
    this.#running ??= this.#run();
    return this.#running;
  }
  async #run(): Promise<void> {
    try {
      let free = true;
      // Once more, where one was taken between the last answer and the giving back of the lock.
      while (free)
        await this.#means.exclusively(`lorbet-photos-${this.#means.buildId}`, async () => {
          await this.#reload();
          const next = this.#waiting.find(({ error }) => error === undefined);
          free = next !== undefined && (await this.#sendOne(next));
        });
    } finally {
      this.#running = null;
    }
  }

  async #sendOne(photo: PhotoWaiting): Promise<boolean> {
    const sent = await this.#means.send(photo);
    if (sent.kind === 'later') return false;
    const errors = sent.kind === 'kept' ? this.#means.add(photo, sent.value) : [sent.error];
    if (errors.length > 0) await this.#means.device.keepPhoto({ ...photo, error: errors.join(' ') });
    else await this.#means.device.dropPhoto(photo.id);
    await this.#reload();
    return true;
  }
  async #reload(): Promise<void> {
    const { device, buildId, login } = this.#means;
    const mine = (await device.photosOf(buildId)).filter(({ by }) => by === login);
    this.#show(mine.sort((a, b) => a.takenAt.localeCompare(b.takenAt)));
  }
  #show(waiting: readonly PhotoWaiting[]): void {
    this.#waiting = waiting;
    this.#listeners.forEach((listener) => listener());
  }
}
