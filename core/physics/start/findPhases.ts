/** A quantity over time: seconds that go up, and what was read. */
export interface Series {
  s: readonly number[];
  value: readonly number[];
}
export type SignalId = 'amps' | 'volts' | 'hertz' | 'heat';
export type Signals = Partial<Record<SignalId, Series>>;
export type PhaseEvent = 'glow' | 'glowOff' | 'pump' | 'flame' | 'full' | 'off' | 'end';
export interface FoundPhase {
  event: PhaseEvent;
  atS: number;
  /** the signal by which it was found */ by: SignalId;
}

/** A step that is held for less is none, s; a gap in a high spell that is shorter is none either. Lorbet's own choice, no source. */
const heldS = 4;
/** What a plug draws over all else, A; what it costs in volts; a pump that runs, Hz; a fan that has stopped, A. Lorbet's own choice, no source. */
const plugA = 3;
const plugV = 0.25;
const runsHz = 0.25;
const stillA = 0.2;
/** Of its highest frequency, what counts as full. */
const fullShare = 0.95;

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
};
/** Each reading by the middle one of the five about it: a single wrong one is gone, and an edge stays where it is. */
export function smoothed({ s, value }: Series): Series {
  // Sorted in place as they are taken: hours of readings are looked through twice a second.
  const five = [0, 0, 0, 0, 0];
  return {
    s,
    value: value.map((_, i) => {
      let n = 0;
      for (let j = Math.max(0, i - 2); j <= Math.min(value.length - 1, i + 2); j += 1) {
        const one = value[j] ?? 0;
        let k = n;
        for (; k > 0 && (five[k - 1] ?? 0) > one; k -= 1) five[k] = five[k - 1] ?? 0;
        five[k] = one;
        n += 1;
      }
      return five[Math.floor(n / 2)] ?? 0;
    }),
  };
}

interface Spell {
  fromS: number;
  toS: number;
  /** the last reading in it */ lastS: number;
  /** it still lasts as the readings end */ open: boolean;
}
/** Spells in which a signal stands over a threshold, for `heldS` at least. Its edge lies half way between the two readings about it. */
function spellsOver({ s, value }: Series, threshold: number): Spell[] {
  const spells: Spell[] = [];
  for (let i = 0; i < s.length; i += 1) {
    if ((value[i] ?? 0) <= threshold) continue;
    const at = s[i] ?? 0;
    const next = s[i + 1];
    const [edge, leaves] = [i === 0 ? at : (at + (s[i - 1] ?? at)) / 2, next === undefined ? at : (at + next) / 2];
    const last = spells.at(-1);
    if (last && edge - last.lastS < heldS) [last.lastS, last.toS, last.open] = [at, leaves, next === undefined];
    else spells.push({ fromS: edge, toS: leaves, lastS: at, open: next === undefined });
  }
  const endS = s.at(-1) ?? 0;
  return spells.filter(({ fromS, toS, open }) => toS - fromS >= heldS || (open && endS - fromS >= heldS));
}
/** Where a signal stands low and where high: the middles of its lower and its upper part, split where the gap between two values is widest. */
function levels(value: readonly number[]): { low: number; high: number } | null {
  const sorted = [...value].sort((a, b) => a - b);
  let [cut, widest] = [0, 0];
  for (let i = 1; i < sorted.length; i += 1) {
    const gap = (sorted[i] ?? 0) - (sorted[i - 1] ?? 0);
    if (gap > widest) [cut, widest] = [i, gap];
  }
  if (cut === 0) return null;
  return { low: median(sorted.slice(0, cut)), high: median(sorted.slice(cut)) };
}

/**
 * The moment from which a signal that stood still goes up: of all breaks in a line that is flat before it and straight after it, that which lies nearest to the readings.
 * @returns null where it never goes up by five times its own noise
 * @source least squares
 */
export function onsetOf({ s, value }: Series, fromS: number, forS: number): number | null {
  const at = s.flatMap((time, i) => (time >= fromS && time <= fromS + forS ? [i] : []));
  if (at.length < 12) return null;
  let best: { s: number; error: number; slope: number; noise: number } | null = null;
  for (let k = 4; k < at.length - 5; k += 1) {
    const breakS = s[at[k] as number] as number;
    const before = at.slice(0, k).map((i) => value[i] as number);
    const flat = before.reduce((sum, v) => sum + v, 0) / before.length;
    // Straight after it, through the flat's own height.
    let [xx, xy] = [0, 0];
    for (const i of at.slice(k)) {
      const x = (s[i] as number) - breakS;
      xx += x * x;
      xy += x * ((value[i] as number) - flat);
    }
    const slope = xx > 0 ? xy / xx : 0;
    let error = 0;
    for (const v of before) error += (v - flat) ** 2;
    const noise = Math.sqrt(error / before.length);
    for (const i of at.slice(k)) error += ((value[i] as number) - flat - slope * ((s[i] as number) - breakS)) ** 2;
    if (best === null || error < best.error) best = { s: breakS, error, slope, noise };
  }
  if (!best) return null;
  const rise = best.slope * (fromS + forS - best.s);
  return best.slope > 0 && rise > Math.max(1, 5 * best.noise) ? best.s : null;
}

/**
 * What happened in a start, found from what was read of it, without anybody having pressed a key.
 * @returns in order of time; nothing that the signals do not show
 * @source change points; thresholds are Lorbet's own choice, no source
 */
export function findPhases(signals: Signals): FoundPhase[] {
  const found: FoundPhase[] = [];
  const { amps, volts, hertz, heat } = signals;
  const add = (event: PhaseEvent, atS: number, by: SignalId) => found.push({ event, atS, by });

  const glowsBy = (by: 'amps' | 'volts', series: Series | undefined, least: number): boolean => {
    if (!series || series.s.length < 8) return false;
    const smooth = smoothed(series);
    // Volts fall where amps rise.
    const up = by === 'amps' ? smooth : { s: smooth.s, value: smooth.value.map((v) => -v) };
    const split = levels(up.value);
    if (!split || split.high - split.low < least) return false;
    const spells = spellsOver(up, (split.low + split.high) / 2);
    for (const { fromS, toS, open } of spells) {
      add('glow', fromS, by);
      if (!open) add('glowOff', toS, by);
    }
    return spells.length > 0;
  };
  if (!glowsBy('amps', amps, plugA)) glowsBy('volts', volts, plugV);

  let pumpS: number | null = null;
  if (hertz && hertz.s.length >= 4) {
    const smooth = smoothed(hertz);
    const spells = spellsOver(smooth, runsHz);
    const most = smooth.value.reduce((high, one) => Math.max(high, one), -Infinity);
    const fulls = spellsOver(smooth, most * fullShare);
    for (const [i, { fromS, toS, open }] of spells.entries()) {
      add('pump', fromS, 'hertz');
      pumpS ??= fromS;
      const full = fulls.find((one) => one.fromS >= fromS - 1 && one.fromS <= toS);
      if (full && i === spells.length - 1 && full.fromS - fromS > heldS) add('full', full.fromS, 'hertz');
      if (!open) add('off', toS, 'hertz');
    }
  }
  if (heat && heat.s.length >= 12) {
    const glowS = found.find(({ event }) => event === 'glow')?.atS ?? heat.s[0] ?? 0;
    const from = Math.max(heat.s[0] ?? 0, (pumpS ?? glowS) - 15);
    const onset = onsetOf(heat, from, 90);
    if (onset !== null) add('flame', onset, 'heat');
  }
  if (amps && amps.s.length >= 8) {
    const smooth = smoothed(amps);
    const runs = spellsOver(smooth, stillA).at(-1);
    if (runs && !runs.open) add('end', runs.toS, 'amps');
  }
  return found.sort((a, b) => a.atS - b.atS);
}
