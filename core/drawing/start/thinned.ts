import type { QuantityId, StartReading } from '../../build/Build';
import type { Heard } from './liveStart';

/** How far a line drawn through what is kept may lie from what was read, in its unit: less than such meters err. Lorbet’s own choice, no source. */
export const keptWithin: Readonly<Record<QuantityId, number>> = {
  volts: 0.04,
  amps: 0.15,
  hertz: 0.05,
  outletC: 0.6,
  returnC: 0.4,
  caseC: 2,
  noiseDb: 0.5,
};
/** A reading stands for itself at least so often, s. */
const everyS = 30;

/**
 * Readings of a start, of which those are left out that a straight line between their neighbours tells as well: no more than `keptWithin` is lost.
 * @param fromS the device's clock at which the start's own begins
 * @source swinging door: a straight line is kept up while all readings under it lie within the bounds
 */
export function thinned(series: Heard['series'], fromS: number): StartReading[] {
  const kept: StartReading[] = [];
  for (const [quantity, bound] of Object.entries(keptWithin) as [QuantityId, number][]) {
    const one = series[quantity];
    if (!one) continue;
    let anchor: { s: number; value: number } | null = null;
    let [steepest, flattest] = [Infinity, -Infinity];
    let last: { s: number; value: number } | null = null;
    const keep = ({ s, value }: { s: number; value: number }) => {
      kept.push({ atS: Math.round((s - fromS) * 1000) / 1000, quantity, value });
      anchor = { s, value };
      [steepest, flattest] = [Infinity, -Infinity];
    };
    for (let i = 0; i < one.s.length; i += 1) {
      const now = { s: one.s[i] ?? 0, value: one.value[i] ?? 0 };
      if (now.s < fromS) continue;
      if (!anchor || !last) keep(now);
      else if (now.s > last.s || now.value !== last.value) {
        const base: { s: number; value: number } = anchor;
        const span = Math.max(1e-9, now.s - base.s);
        const slope = (now.value - base.value) / span;
        if (slope > steepest || slope < flattest || now.s - base.s > everyS) {
          if (last.s > base.s) keep(last);
          const from: { s: number; value: number } = anchor;
          const since = Math.max(1e-9, now.s - from.s);
          steepest = (now.value + bound - from.value) / since;
          flattest = (now.value - bound - from.value) / since;
        } else {
          steepest = Math.min(steepest, (now.value + bound - base.value) / span);
          flattest = Math.max(flattest, (now.value - bound - base.value) / span);
        }
      }
      last = now;
    }
    if (last && anchor && (last as { s: number }).s > (anchor as { s: number }).s) keep(last);
  }
  return kept.sort((a, b) => a.atS - b.atS);
}
