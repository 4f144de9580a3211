import { beatOf, type Beat } from './beat';
import { bandCentresHz, hopS, OnsetBands } from './OnsetBands';

/** So much of a sound is held, s. */
const windowS = 10;
/** A band in which no beat is as sure as this tells nothing of the others. */
const weighedFrom = 0.1;

/** The onsets of the last seconds: every band by itself, and all together, each weighed by how well a beat is heard in it. */
export class OnsetRow {
  private readonly onsets: OnsetBands;
  private readonly row: Float64Array;
  private readonly rows: Float64Array[];
  private readonly weights: Float64Array;
  private resets = 0;
  /** where this room began */ private begun = 0;
  /** hops heard so far; the newest is the last */ hops = 0;

  /** @param rateHz samples a second, 16,000 to 192,000 */
  constructor(rateHz: number) {
    this.onsets = new OnsetBands(rateHz);
    this.row = new Float64Array(Math.round(windowS / hopS));
    this.rows = Array.from({ length: this.onsets.bands }, () => new Float64Array(this.row.length));
    this.weights = new Float64Array(this.onsets.bands).fill(1);
  }
  /** Most hops that are held. */
  get length(): number {
    return this.row.length;
  }
  /** Centre of the band in which a beat is heard best, Hz. */
  get bandHz(): number {
    const best = this.weights.reduce((at, w, b) => (w > (this.weights[at] ?? 0) ? b : at), 0);
    return bandCentresHz[best] ?? 0;
  }

  /** Takes a sample. @param forgets whether a new room makes it forget what it held. @returns whether a hop has ended */
  take(sample: number, forgets: boolean): boolean {
    if (!this.onsets.take(sample)) return false;
    this.hops += 1;
    const { above, resets } = this.onsets;
    // What was heard of another room says nothing of this one.
    if (resets !== this.resets && forgets) {
      this.begun = this.hops;
      this.row.fill(0);
      this.rows.forEach((row) => row.fill(0));
    }
    this.resets = resets;
    let [sum, weight] = [0, 0];
    for (let b = 0; b < above.length; b += 1) {
      const w = this.weights[b] ?? 0;
      const own = this.rows[b];
      if (own) own[this.hops % own.length] = above[b] ?? 0;
      sum += w * Math.min(above[b] ?? 0, 12);
      weight += w * w;
    }
    this.row[this.hops % this.row.length] = sum / Math.sqrt(weight || 1);
    return true;
  }

  /** How high the onset of a hop stands; 0 where it is not held. */
  at(hop: number): number {
    return this.hops - hop > this.row.length || hop > this.hops
      ? 0
      : (this.row[((hop % this.row.length) + this.row.length) % this.row.length] ?? 0);
  }

  /** So many hops are held of this room. */
  held(): number {
    return Math.min(this.hops - this.begun, this.row.length);
  }

  /** A row of onsets, oldest first: what is no onset says nothing of the beat, and one loud bang is not the whole of it. */
  private onsetsOf(row: Float64Array): Float64Array {
    const n = this.held();
    const onsets = new Float64Array(n);
    for (let i = 0; i < n; i += 1) {
      const at = (this.hops - n + 1 + i) % this.row.length;
      onsets[i] = Math.max(0, Math.min(8, row[at] ?? 0) - 1.2);
    }
    return onsets;
  }

  /** The beat of all bands together. */
  beat(): Beat | null {
    return beatOf(this.onsetsOf(this.row), hopS);
  }

  /** Bands in which a beat is heard well count, the others hardly. */
  weigh(): void {
    const sure = this.rows.map((row) => beatOf(this.onsetsOf(row), hopS)?.sure ?? 0);
    const most = Math.max(...sure);
    if (most < weighedFrom) return;
    for (let b = 0; b < sure.length; b += 1) this.weights[b] = Math.max(0.03, (sure[b] ?? 0) / most);
  }

  /** The highest onset between two hops. */
  best(from: number, to: number): { hop: number; height: number } {
    let found = { hop: Math.round(from), height: 0 };
    for (let hop = Math.ceil(from); hop <= to; hop += 1) if (this.at(hop) > found.height) found = { hop, height: this.at(hop) };
    return found;
  }

  /** Where the last click must have been: all of the row laid over itself, a period each. */
  foldedLast(period: number): number {
    const periods = Math.min(12, Math.floor(this.held() / period) - 1);
    let [best, at] = [-1, 0];
    for (let back = 0; back < period; back += 1) {
      let sum = 0;
      for (let k = 0; k < periods; k += 1) {
        const hop = Math.round(this.hops - back - k * period);
        // A click that is a hop early or late is one all the same.
        sum += Math.min(6, Math.max(this.at(hop - 1), this.at(hop), this.at(hop + 1)));
      }
      if (sum > best) [best, at] = [sum, back];
    }
    return this.hops - at;
  }
}
