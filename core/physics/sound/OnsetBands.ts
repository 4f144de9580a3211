import { bandPass, Filter } from './bandPass';

/** Centres of the bands in which a click is listened for, Hz. Lorbet's own choice, no source. */
export const bandCentresHz = [500, 1000, 2000, 3500, 6000] as const;
const quality = 1.4;
/** Between two looks at the bands, s. */
export const hopS = 1 / 375;
/** How fast the usual level of a band is followed, s. */
const levelS = 0.6;
/** A band may be so far from its usual level without being an onset, in its own spread. */
const spreadLeast = 0.35;
/** A band that stands high for so many hops has a new usual level. */
const anotherRoomHops = 90;

/** How suddenly each band of a sound grows, told every 2.7 ms. */
export class OnsetBands {
  private readonly filters: Filter[];
  private readonly samplesAHop: number;
  private readonly sums: Float64Array;
  private readonly before: Float64Array;
  private readonly level: Float64Array;
  private readonly spread: Float64Array;
  private readonly loudFor: Float64Array;
  /** how often a band got a new usual level */ resets = 0;
  private filled = 0;
  private hops = 0;
  /** how far each band stands above its usual level now, in its own spread */ readonly above: Float64Array;

  /** @param rateHz samples a second, 16,000 to 192,000 */
  constructor(rateHz: number) {
    const heard = bandCentresHz.filter((centre) => centre < rateHz * 0.45);
    this.filters = heard.map((centre) => new Filter(bandPass(centre, quality, rateHz)));
    this.samplesAHop = Math.round(rateHz * hopS);
    this.loudFor = new Float64Array(heard.length);
    [this.sums, this.before, this.level, this.spread, this.above] = [0, 0, 0, 0, 0].map(() => new Float64Array(heard.length)) as [
      Float64Array,
      Float64Array,
      Float64Array,
      Float64Array,
      Float64Array,
    ];
  }
  get bands(): number {
    return this.filters.length;
  }
  /** Takes a sample. @returns whether a hop has ended, so that `above` is new */
  take(sample: number): boolean {
    // Run for every sample of a microphone: no iterator is made here.
    const { filters, sums } = this;
    for (let b = 0; b < filters.length; b += 1) {
      const y = (filters[b] as Filter).next(sample);
      sums[b] = (sums[b] as number) + y * y;
    }
    this.filled += 1;
    if (this.filled < this.samplesAHop) return false;
    this.filled = 0;
    this.hops += 1;
    const follow = 1 - Math.exp(-hopS / levelS);
    for (let b = 0; b < this.bands; b += 1) {
      const energy = (this.sums[b] ?? 0) / this.samplesAHop;
      // Two hops together: a click rings for some 5 ms.
      const now = Math.log(energy + (this.before[b] ?? 0) + 1e-12);
      this.before[b] = energy;
      this.sums[b] = 0;
      const [level, spread] = [this.level[b] ?? 0, this.spread[b] ?? 0];
      if (this.hops < 8) {
        this.level[b] = now;
        this.spread[b] = 1;
        this.above[b] = 0;
        continue;
      }
      const away = (now - level) / Math.max(spread, spreadLeast);
      this.above[b] = Math.max(0, away);
      // What stays loud is no onset but another room: it becomes what is usual.
      this.loudFor[b] = away > 2 ? (this.loudFor[b] ?? 0) + 1 : 0;
      if ((this.loudFor[b] ?? 0) > anotherRoomHops) {
        this.level[b] = now;
        this.spread[b] = 1;
        this.above[b] = 0;
        this.loudFor[b] = 0;
        this.resets += 1;
        continue;
      }
      // What stands out is no part of what is usual.
      const held = Math.min(now - level, 2 * Math.max(spread, spreadLeast));
      const f = this.hops < 400 ? Math.max(follow, 1 / this.hops) : follow;
      this.level[b] = level + f * held;
      this.spread[b] = spread + f * (Math.abs(held) * 1.25 - spread);
    }
    return true;
  }
}
