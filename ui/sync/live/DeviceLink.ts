import { type DeviceEvent, type DeviceLine, type DeviceQuantity } from '../../../formats/device/deviceLines';
import { readDeviceLine } from '../../../formats/device/readDeviceLine';
import type { BenchCode } from '../../../core/physics/bench/benchStates';

/** A way by which a device's lines come; it says when it opens and when it is gone. */
export interface Source {
  close(): void;
}
export interface Heard {
  line(text: string): void;
  open(): void;
  gone(): void;
}
export type OpenSource = (since: number, heard: Heard) => Source;

export interface LiveEvent {
  s: number;
  event: DeviceEvent;
  code?: BenchCode;
}
export interface LiveSeries {
  s: number[];
  value: number[];
}
/** What is known of a device; a new object with each change, its series grown in place. */
export interface LiveState {
  way: 'opening' | 'live' | 'away';
  hello: Extract<DeviceLine, { line: 'hello' }> | null;
  device: Extract<DeviceLine, { line: 'state' }> | null;
  /** the device's own clock, s */ nowS: number;
  /** when it last read something, by ours, ms; 0 where it has not yet */ heardMs: number;
  series: Partial<Record<DeviceQuantity, LiveSeries>>;
  events: LiveEvent[];
  /** readings that were never had, for what became of them */ lost: number;
  /** lines that could not be taken, and the last of why */ refused: number;
  problem: string | null;
}
const empty = (): LiveState => ({
  way: 'opening',
  hello: null,
  device: null,
  nowS: 0,
  heardMs: 0,
  series: {},
  events: [],
  lost: 0,
  refused: 0,
  problem: null,
});

/** Readings kept of each quantity: two hours at ten a second. */
const mostPoints = 72_000;
/** Devices that speak at the same instant are drawn together, ms; and a page that they keep busy draws no oftener than this, ms. */
const [atOnceMs, drawnMs] = [4, 33];
const waiting: (() => void)[] = [];
let lastDrawnMs = -Infinity;
function together(work: () => void): void {
  if (waiting.push(work) > 1) return;
  setTimeout(
    () => {
      lastDrawnMs = performance.now();
      for (const one of waiting.splice(0)) one();
    },
    Math.max(atOnceMs, lastDrawnMs + drawnMs - performance.now()),
  );
}
/** Tries again after so long, twice as long each time, ms. */
const [retryMs, retryMostMs] = [500, 15_000];

/**
 * What a device says, put together: by its numbers nothing is taken twice, nothing is missed without being asked for again, and what can't be had is told.
 * Without a framework: who wants to know listens.
 */
export class DeviceLink {
  #state = empty();
  readonly #listeners = new Set<() => void>();
  #source: Source | null = null;
  #lastN = 0;
  #askedFor = -1;
  #waitMs = retryMs;
  #timer: ReturnType<typeof setTimeout> | null = null;
  #ended = false;
  #told = false;

  constructor(
    private readonly openSource: OpenSource,
    private readonly later: (work: () => void) => void = together,
  ) {
    this.#open();
  }
  get state(): LiveState {
    return this.#state;
  }
  listen(listener: () => void): () => void {
    this.#listeners.add(listener);
    return () => void this.#listeners.delete(listener);
  }
  /** Forgets the course so far: another begins. */
  clear(): void {
    this.#change({ series: {}, events: [], nowS: 0 });
  }
  end(): void {
    this.#ended = true;
    if (this.#timer) clearTimeout(this.#timer);
    this.#source?.close();
  }

  #open(): void {
    if (this.#ended) return;
    let over = false;
    const gone = () => {
      if (over) return;
      over = true;
      this.#source?.close();
      this.#source = null;
      if (this.#ended) return;
      this.#change({ way: 'away' });
      this.#timer = setTimeout(() => this.#open(), this.#waitMs);
      this.#waitMs = Math.min(retryMostMs, this.#waitMs * 2);
    };
    this.#source = this.openSource(this.#lastN, {
      open: () => {
        this.#waitMs = retryMs;
        this.#change({ way: 'live' });
      },
      line: (text) => {
        if (!over) this.#take(text, gone);
      },
      gone,
    });
  }
  #take(text: string, again: () => void): void {
    const read = readDeviceLine(text);
    if (!read.ok) {
      this.#change({ refused: this.#state.refused + 1, problem: read.error });
      return;
    }
    const line = read.value;
    switch (line.line) {
      case 'hello':
        // It began anew: its numbers begin again, and so does what is known of it.
        if (line.next <= this.#lastN) {
          this.#lastN = 0;
          this.#change({ ...empty(), way: this.#state.way });
        }
        this.#change({ hello: line });
        return;
      case 'lost':
        this.#lastN = Math.max(this.#lastN, line.to);
        this.#change({ lost: this.#state.lost + line.to - line.from + 1 });
        return;
      case 'answer':
        if (!line.ok) this.#change({ problem: line.error ?? null });
        return;
      default:
    }
    if (line.n <= this.#lastN) return;
    if (line.n > this.#lastN + 1) {
      // Some are missing: asked for once; where they can't be had, they are told as lost and it goes on.
      if (this.#askedFor !== this.#lastN) {
        this.#askedFor = this.#lastN;
        again();
        return;
      }
      this.#change({ lost: this.#state.lost + line.n - this.#lastN - 1 });
    }
    this.#lastN = line.n;
    if (line.t < this.#state.nowS - 0.5) {
      // A heater that begins at nought is another course; a clock that jumps back is told.
      if (line.line === 'state' && line.t < 1) this.clear();
      else {
        this.#change({
          refused: this.#state.refused + 1,
          problem: `The device’s clock jumped back from ${Math.round(this.#state.nowS)} to ${Math.round(line.t)} s.`,
        });
        return;
      }
    }
    if (line.line === 'event')
      this.#change({
        nowS: line.t,
        events: [...this.#state.events, { s: line.t, event: line.event, ...(line.code ? { code: line.code } : {}) }],
      });
    else if (line.line === 'state') this.#change({ nowS: line.t, device: line });
    else {
      for (const [quantity, value] of Object.entries(line.values) as [DeviceQuantity, number][]) {
        const series = (this.#state.series[quantity] ??= { s: [], value: [] });
        series.s.push(line.t);
        series.value.push(value);
        if (series.s.length > mostPoints * 1.1) {
          series.s.splice(0, series.s.length - mostPoints);
          series.value.splice(0, series.value.length - mostPoints);
        }
      }
      this.#change({ nowS: line.t, heardMs: Date.now() });
    }
  }
  /** Many changes come at once; who listens hears of them together. */
  #change(change: Partial<LiveState>): void {
    this.#state = { ...this.#state, ...change };
    if (this.#told) return;
    this.#told = true;
    this.later(() => {
      this.#told = false;
      for (const listener of this.#listeners) listener();
    });
  }
}
