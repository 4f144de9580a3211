import type { DeviceLine } from '../formats/device/deviceLines';

type Numbered = Extract<DeviceLine, { n: number }>;
/** Distributed, so that each kind of line keeps its own fields. */
type WithoutNumber<T> = T extends unknown ? Omit<T, 'n'> : never;

/** From here on numbers stand for “from now on”. */
const sinceNow = Number.MAX_SAFE_INTEGER - 1;

/** What a device has said: numbered from 1, the last of it held for whoever was away. */
export class Feed {
  readonly #held: Numbered[] = [];
  #next = 1;
  readonly #listeners = new Set<(line: Numbered) => void>();

  /** @param holds lines held; at 10 a second 18,000 are half an hour */
  constructor(private readonly holds = 18_000) {}

  get next(): number {
    return this.#next;
  }
  get from(): number {
    return this.#held[0]?.n ?? this.#next;
  }
  say(line: WithoutNumber<Numbered>): void {
    const numbered = { ...line, n: this.#next };
    this.#next += 1;
    this.#held.push(numbered);
    // Let go in bundles: to take off the first one by one would move all the others each time.
    if (this.#held.length > this.holds * 1.1) this.#held.splice(0, this.#held.length - this.holds);
    for (const listener of this.#listeners) listener(numbered);
  }
  /** All that followed a number and is held still, with what is lost of it told first. */
  since(n: number): DeviceLine[] {
    // One who knows a little more than was ever said knows it of another run of the device, and is told all; one who asks for nothing before now is told nothing.
    const after = n >= this.#next && n < sinceNow ? 0 : n;
    const lost: DeviceLine[] = after + 1 < this.from ? [{ line: 'lost', from: after + 1, to: this.from - 1 }] : [];
    return [...lost, ...this.#held.filter((line) => line.n > after)];
  }
  /** @returns how to stop listening */
  listen(listener: (line: Numbered) => void): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }
  get heard(): number {
    return this.#listeners.size;
  }
}
