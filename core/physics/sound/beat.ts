/** Fastest and slowest beat that is listened for, Hz. */
export const slowestHz = 0.7;
export const fastestHz = 9;

/** The beat of a row of onsets: its period in steps, and how regular it is, 0 to 1. */
export interface Beat {
  period: number;
  sure: number;
}

/**
 * The period at which a row repeats itself, by its autocorrelation: of the lags that are nearly as good as the best the shortest, since twice
 * a beat fits as well as the beat itself.
 * @param onsets evenly spaced, the newest last
 * @param stepS seconds between two of them
 * @returns null where the row is too short, or nothing repeats in it
 */
export function beatOf(onsets: Float64Array, stepS: number): Beat | null {
  const [shortest, longest] = [Math.floor(1 / fastestHz / stepS), Math.ceil(1 / slowestHz / stepS)];
  const n = onsets.length;
  if (n < longest * 2) return null;
  const mean = onsets.reduce((sum, one) => sum + one, 0) / n;
  const centred = onsets.map((one) => one - mean);
  const power = centred.reduce((sum, one) => sum + one * one, 0);
  if (power <= 1e-9) return null;
  const corr = new Float64Array(longest + 1);
  for (let lag = shortest - 1; lag <= longest; lag += 1) {
    let sum = 0;
    for (let i = lag; i < n; i += 1) sum += (centred[i] ?? 0) * (centred[i - lag] ?? 0);
    corr[lag] = (sum / power) * (n / (n - lag));
  }
  // A beat that wanders a little falls on neighbouring lags.
  const smooth = corr.map((one, i) => (i < shortest ? 0 : one + 0.7 * ((corr[i - 1] ?? 0) + (corr[i + 1] ?? 0))));
  let best = shortest;
  for (let lag = shortest; lag < longest; lag += 1) if ((smooth[lag] ?? 0) > (smooth[best] ?? 0)) best = lag;
  const top = smooth[best] ?? 0;
  if (top <= 0) return null;
  const isPeak = (lag: number) => (smooth[lag] ?? 0) >= (smooth[lag - 1] ?? 0) && (smooth[lag] ?? 0) >= (smooth[lag + 1] ?? 0);
  for (let lag = shortest + 1; lag < best * 0.75; lag += 1)
    if ((smooth[lag] ?? 0) > 0.55 * top && isPeak(lag)) {
      best = lag;
      break;
    }
  /** The top of a peak between two lags, by the parabola through three of them. */
  const topOf = (lag: number): number => {
    const [a, b, c] = [smooth[lag - 1] ?? 0, smooth[lag] ?? 0, smooth[lag + 1] ?? 0];
    const bend = a - 2 * b + c;
    return lag + (bend < 0 ? Math.max(-1, Math.min(1, (0.5 * (a - c)) / bend)) : 0);
  };
  let period = topOf(best);
  // After several beats the same hop tells the period so many times more finely.
  for (let k = 2; (k + 0.1) * period < longest; k += 1) {
    const about = Math.round(k * period);
    let at = about;
    for (let lag = about - 3; lag <= about + 3; lag += 1) if ((smooth[lag] ?? 0) > (smooth[at] ?? 0)) at = lag;
    if ((smooth[at] ?? 0) < 0.4 * top || !isPeak(at)) break;
    period = topOf(at) / k;
  }
  return { period, sure: Math.max(0, Math.min(1, (smooth[best] ?? 0) / 2.4)) };
}
