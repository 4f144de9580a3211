import { fastestHz, slowestHz } from './beat';
import { hopS } from './OnsetBands';
import { OnsetRow } from './OnsetRow';

/** What is heard of a pump so far. */
export interface Heard {
  /** clicks counted */ clicks: number;
  /** of them, put in where one was drowned between two that were heard */ filled: number;
  /** beats a second; null while there is no beat */ hz: number | null;
  /** how sure it is of what it hears, 0 to 1 */ sure: number;
  /** Nothing beats; a beat; a beat that wanders or skips: air or low voltage; something beats that is no single pump. */
  state: 'silent' | 'beat' | 'irregular' | 'unsure';
  /** centre of the band in which it hears best, Hz */ bandHz: number;
  /** when the last clicks were, s since it began to listen; the newest last */ times: readonly number[];
}

/** How often the beat is looked for, s. */
const lookEveryS = 0.5;
/** Every so many looks the bands are weighed anew. */
const weighEvery = 4;
/** A click may be so far from where it is due, of a period. */
const late = 0.2;
/** So many in a row may be drowned before the beat is lost. */
const drownedMost = 4;
/** Least height of a click where one is due, and where none is known of. */
const [dueLeast, freshLeast] = [2.0, 4.5];
/** From so sure on a beat is followed, and believed. */
const [followed, believed] = [0.1, 0.13];
/** A row of noise of n hops repeats itself by chance about 1/√n; so many times that is no chance. */
const byChance = 6;
const keptTimes = 24;
const mean = (all: readonly number[]): number => (all.length === 0 ? 0 : all.reduce((sum, one) => sum + one, 0) / all.length);

/**
 * Counts the clicks of a dosing pump in a sound, as it comes in: onsets in several bands, each against its own usual level; the bands in which
 * clicks stand out count most; a beat by autocorrelation says where the next is due, and there a quiet one is enough.
 * Pure: the same samples give the same count, however they are cut into blocks.
 */
export class ClickEar {
  private readonly row: OnsetRow;
  private looks = 0;
  private clicks = 0;
  private filled = 0;
  private pending = 0;
  /** up to this hop all is counted by the beat */ private counted = 0;
  /** how it stood when this beat was found */ private mark: {
    hop: number;
    clicks: number;
    filled: number;
    counted: number;
  } | null = null;
  /** clicks counted without a beat, since */ private loose = 0;
  private period: number | null = null;
  private sure = 0;
  /** hop of the last click, or of where a drowned one was due */ private last = -1e9;
  private readonly times: number[] = [];
  private readonly errors: number[] = [];
  private readonly odd: number[] = [];
  private readonly heights: number[] = [];
  /** of the last beats, 1 for each that was not heard */ private readonly drowned: number[] = [];
  private told: number | null;

  /**
   * @param rateHz samples a second, 16,000 to 192,000
   * @param hintHz the beat as a person has tapped it: only near it is one looked for
   */
  constructor(rateHz: number, hintHz: number | null = null) {
    this.row = new OnsetRow(rateHz);
    this.told = hintHz;
  }

  /** Tells it the beat as a person has tapped it. */
  hint(hz: number | null): void {
    this.told = hz !== null && hz >= slowestHz && hz <= fastestHz ? hz : null;
    this.period = null;
  }

  /** Listens to samples, −1 to 1. */
  push(samples: ArrayLike<number>): void {
    for (let i = 0; i < samples.length; i += 1) {
      const sample = samples[i] ?? 0;
      if (this.row.take(Number.isFinite(sample) ? sample : 0, this.period === null)) this.hop();
    }
  }

  private hop(): void {
    if (this.row.hops % Math.round(lookEveryS / hopS) === 0) this.look();
    if (this.period === null) this.waitForFirst();
    else this.follow();
  }

  private look(): void {
    this.looks += 1;
    if (this.looks % weighEvery === 0) this.row.weigh();
    const beat = this.row.beat();
    this.sure = beat?.sure ?? 0;
    // Of a short row chance makes a beat more easily.
    const least = Math.max(followed, byChance / Math.sqrt(this.row.held()));
    if (!beat || beat.sure < (this.period === null ? least : followed)) {
      if (this.sure < followed / 2) this.period = null;
      return;
    }
    let { period } = beat;
    if (this.told !== null) {
      const wanted = 1 / this.told / hopS;
      const times = [1, 2, 3, 0.5].map((k) => period * k);
      period = times.reduce((a, b) => (Math.abs(b - wanted) < Math.abs(a - wanted) ? b : a));
      if (Math.abs(period - wanted) > 0.25 * wanted) period = wanted;
    }
    if (this.period === null || Math.abs(period - this.period) > 0.12 * this.period) {
      this.period = period;
      this.lock(period, true);
      return;
    }
    this.period += 0.3 * (period - this.period);
    if (this.row.hops - this.last > (drownedMost + 1) * this.period) {
      this.lock(this.period, false);
    }
  }

  /** Finds the beat: what was heard of it before it was known is counted now, in place of what was only taken for clicks. */
  private lock(period: number, anew: boolean): void {
    this.pending = 0;
    // How high clicks stand is learned anew with each beat.
    if (anew) this.heights.length = 0;
    // A beat that was taken for twice or half of what it is has been counted so: it is counted again from where that began.
    if (anew && this.mark && this.row.hops - this.mark.hop < this.row.length * 0.8) {
      this.clicks = this.mark.clicks;
      this.filled = this.mark.filled;
      this.counted = this.mark.counted;
      this.loose = 0;
    } else if (anew)
      this.mark = { hop: this.row.hops, clicks: this.clicks - this.loose, filled: this.filled, counted: this.counted };
    const from = Math.max(this.counted, this.row.hops - this.row.length + 2);
    const newest = this.row.foldedLast(period);
    let [found, drowned] = [0, 0];
    for (let due = newest; due - from > 0.5 * period && drowned <= drownedMost; due -= period) {
      if (this.row.best(due - late * period, due + late * period).height < this.threshold()) drowned += 1;
      else {
        found += 1 + drowned;
        this.filled += drowned;
        drowned = 0;
      }
    }
    this.clicks += found - this.loose;
    this.loose = 0;
    this.last = found > 0 ? newest : Math.max(newest, this.counted);
    this.counted = Math.max(this.counted, this.last);
  }

  /** While there is no beat, only what stands far out is a click. */
  private waitForFirst(): void {
    const wait = Math.round(0.02 / hopS);
    const hop = this.row.hops - wait;
    if (hop < 8 || this.row.at(hop) < freshLeast || hop - this.last < 0.1 / hopS) return;
    if (this.row.best(hop - wait, hop + wait).hop !== hop) return;
    this.loose += 1;
    this.count(hop, this.row.at(hop));
  }

  private follow(): void {
    const period = this.period ?? 1;
    if (this.row.hops - this.last > (drownedMost + 2) * period) return;
    if (this.row.hops < this.last + (1 + late) * period) return;
    const due = this.row.best(this.last + (1 - late) * period, this.last + (1 + late) * period);
    const between = this.row.best(this.last + 0.3 * period, this.last + (1 - late - 0.05) * period);
    if (between.height > 0.85 * this.usualHeight() && between.height > freshLeast) this.note(this.odd, 1);
    else this.note(this.odd, 0);
    // A click is the loudest thing of its period: where something else is, it was drowned.
    const whole = Math.max(due.height, between.height);
    if (due.height >= this.threshold() && due.height >= 0.8 * whole) {
      const error = (due.hop - this.last) / period - 1;
      this.note(this.errors, Math.abs(error));
      // In noise a peak is not quite where the click was: the less sure, the more the beat itself is trusted.
      const trust = Math.max(0.2, Math.min(1, this.sure * 1.6));
      this.period = period * (1 + 0.06 * trust * error);
      this.clicks += this.pending;
      this.filled += this.pending;
      this.pending = 0;
      this.note(this.drowned, 0);
      this.count(this.last + period * (1 + trust * error), due.height);
      this.counted = this.last;
      return;
    }
    this.note(this.drowned, 1);
    this.pending += 1;
    this.last += period;
    if (this.pending > drownedMost) {
      this.pending = 0;
      this.last = -1e9;
    }
  }

  private usualHeight(): number {
    const sorted = [...this.heights].sort((a, b) => a - b);
    return sorted[Math.floor(sorted.length / 2)] ?? freshLeast;
  }
  private threshold(): number {
    return Math.max(dueLeast, 0.3 * this.usualHeight());
  }
  private note(into: number[], value: number): void {
    into.push(value);
    if (into.length > keptTimes) into.shift();
  }
  private count(hop: number, height: number): void {
    this.clicks += 1;
    this.last = hop;
    this.note(this.heights, height);
    this.note(this.times, hop * hopS);
  }

  /** What it makes of what it hears. @param beats whether a click came when it was due, or nearly */
  private state(beats: boolean): Heard['state'] {
    if (!beats) return this.row.hops * hopS - (this.times.at(-1) ?? -9) < 1.5 && this.times.length > 3 ? 'unsure' : 'silent';
    // Something as loud between the clicks: that is no single pump.
    if (this.odd.length >= 8 && mean(this.odd) > 0.3) return 'unsure';
    // Where clicks stand out well, one that is missing was not drowned: the pump left it out.
    const skips = this.sure > 0.55 && this.drowned.length >= 12 && mean(this.drowned) > 0.12;
    const wanders = this.sure > 0.3 && this.errors.length >= 8 && mean(this.errors) > 0.06;
    if (skips || wanders) return 'irregular';
    return this.sure < believed ? 'unsure' : 'beat';
  }

  /** What is heard now. */
  heard(): Heard {
    const beats = this.period !== null && this.row.hops - this.last < 3.5 * this.period;
    const hz = this.period !== null && beats ? 1 / (this.period * hopS) : null;
    return {
      // Without a beat nobody knows whether it was a click.
      clicks: this.clicks - this.loose,
      filled: this.filled,
      hz,
      sure: this.sure,
      state: this.state(beats),
      bandHz: this.row.bandHz,
      times: [...this.times],
    };
  }
}
