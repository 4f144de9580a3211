import { formatFixed, formatShort } from '../../units/formatNumber';

export interface SizeFacts {
  minKw: number;
  maxKw: number;
  insideC: number;
  coldestC: number;
  usualNightC: number;
  shortBelowC: number;
  sootAboveC: number;
  /** the usual size that would hold the coldest night, and a smaller one than this that would; null where there is none, kW */ largerKw:
    number | null;
  smallerKw: number | null;
  /** share of the loss that goes with the air that changes, 0 to 1 */ airShare: number;
}

/** Two sentences: what decides whether this heater suits this space, and what would change it. */
export function recommendSize(f: SizeFacts): string {
  const holds = `It holds ${formatFixed(f.insideC)} °C by working steadily from ${formatFixed(f.shortBelowC)} to ${formatFixed(f.sootAboveC)} °C outside`;
  const [short, low] = [f.coldestC < f.shortBelowC, f.usualNightC > f.sootAboveC];
  const lever = f.airShare > 0.35 ? 'closing draughts would tell most' : 'insulating the largest surfaces would tell most';
  if (short && low)
    return `${holds}: too small for the coldest night and too large for a usual one. No size mends both; ${lever}.`;
  if (short)
    return `${holds}; the coldest night, ${formatFixed(f.coldestC)} °C, decides against it. ${f.largerKw === null ? 'No usual size would do' : `A heater of ${formatShort(f.largerKw)} kW would do`}, and ${lever}.`;
  if (low)
    return `${holds}; the usual night, ${formatFixed(f.usualNightC)} °C, decides against it. ${f.smallerKw === null ? `No smaller size holds ${formatFixed(f.coldestC)} °C: let a thermostat pause it, and run it hot now and again.` : `One of ${formatShort(f.smallerKw)} kW that works hard is the one way; spare capacity, run hot now and again, the other.`}`;
  return `${holds}, and both the usual night, ${formatFixed(f.usualNightC)} °C, and the coldest, ${formatFixed(f.coldestC)} °C, lie within. A usual night above ${formatFixed(f.sootAboveC)} °C, or one below ${formatFixed(f.shortBelowC)} °C, would change that.`;
}
