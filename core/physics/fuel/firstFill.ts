import { lineVolumeMl } from './lineVolumeMl';
import type { GasTrap } from './gasTraps';
import type { Route } from './Route';

/** One thing that fuel has to fill, in the order of flow. */
export interface Chamber {
  name: string;
  side: 'suction' | 'pressure';
  /** whole, mL */ volumeMl: number;
  /** a segment of line, and not a gap or the filter */ isLine: boolean;
  /** the pickup's own pipe, which is measured like a line */ isPipe?: true;
  /** of it, air that stays behind as the front goes by, mL */ trapMl: number;
}
export interface FillFacts {
  chambers: readonly Chamber[];
  doseMl: number;
  /** Of a stroke, what it moves while it pumps air: 1 as much as of fuel. */
  dryShare: number;
  /** Gas that comes out of the fuel in each stroke once it is wet, share of its volume. */
  gasShare: number;
}
export interface FillFrame {
  stroke: number;
  /** the chamber in which the front stands; chambers.length once it is through */ at: number;
  /** how full that chamber is, 0 to 1 */ share: number;
  liquidMl: number;
  trappedMl: number;
}
export interface Fill {
  strokes: number;
  /** fuel drawn from the tank, mL */ liquidMl: number;
  trapped: { name: string; ml: number }[];
  frames: FillFrame[];
  /** false where the strokes allowed did not do */ reached: boolean;
}

/** Share of a gap inside a joint that keeps its air, and of a falling segment too wide to carry bubbles. Assumptions of ours, no source. */
export const gapKeeps = 0.8;
export const loopKeeps = 0.4;
/** Inside of a rubber joiner over a line, mm across, larger than the bore by twice the wall of a usual line. Geometry of a 4 mm line. */
const joinerMm = 4;

/** The chambers of a line: segments, gaps in joints, the filter; with what each traps. Source: geometry, and the two shares above. */
export function chambersOf(route: Route, filterMl: number, filterAfterPump: boolean, traps: readonly GasTrap[]): Chamber[] {
  const chambers: Chamber[] = [];
  const named = route.segments.some(({ end }) => end === 'filter');
  for (const [i, segment] of route.segments.entries()) {
    const volumeMl = lineVolumeMl(segment.boreMm, segment.lengthM);
    const falls = traps.some((trap) => trap.stands && (trap.kind === 'falling segment' ? trap.at === i : trap.at === i - 1));
    chambers.push({ name: segment.name, side: segment.side, volumeMl, trapMl: falls ? volumeMl * loopKeeps : 0, isLine: true });
    if (segment.gapMm > 0) {
      const gapMl = lineVolumeMl(joinerMm, segment.gapMm / 1000);
      chambers.push({
        name: `gap after ${segment.name}`,
        side: segment.side,
        volumeMl: gapMl,
        trapMl: gapMl * gapKeeps,
        isLine: false,
      });
    }
    const last = route.segments[i + 1]?.side !== segment.side;
    const here = named ? segment.end === 'filter' : last && (segment.side === 'pressure') === filterAfterPump;
    if (here && filterMl > 0) chambers.push({ name: 'filter', side: segment.side, volumeMl: filterMl, trapMl: 0, isLine: false });
  }
  return chambers;
}

/**
 * The first fill, stroke by stroke: how far the front comes, what air stays behind it, how much fuel has left the tank.
 * Until the front is through the pump each stroke moves `dryShare` of a dose; after it a dose less the gas in it.
 * @param most strokes allowed; beyond them the line counts as not filled
 * @returns frames of every `every`-th stroke
 * @returns a plain line of V mL takes ⌈V / d⌉ strokes of the dose d where nothing is drawn dry and there is no gas
 * @source conservation of volume; shares are assumptions, common practice, no source
 */
export function firstFill({ chambers, doseMl, dryShare, gasShare }: FillFacts, max = 60000, every = 0): Fill {
  let [at, filled, liquid, trapped, stroke] = [0, 0, 0, 0, 0];
  const kept: Fill['trapped'] = [];
  const frames: FillFrame[] = [];
  const pumpAt = chambers.findIndex(({ side }) => side === 'pressure');
  const room = () => {
    const chamber = chambers[at];
    return chamber ? chamber.volumeMl - chamber.trapMl : 0;
  };
  const skip = () => {
    while (at < chambers.length && filled >= room() - 1e-12) {
      const chamber = chambers[at];
      if (chamber && chamber.trapMl > 0) {
        trapped += chamber.trapMl;
        kept.push({ name: chamber.name, ml: chamber.trapMl });
      }
      at += 1;
      filled = 0;
    }
  };
  skip();
  while (at < chambers.length && stroke < max) {
    stroke += 1;
    const wet = pumpAt !== -1 && at >= pumpAt;
    let left = doseMl * (wet ? 1 / (1 + gasShare) : dryShare);
    while (left > 1e-12 && at < chambers.length) {
      const step = Math.min(left, room() - filled);
      filled += step;
      liquid += step;
      left -= step;
      skip();
    }
    if (every > 0 && (stroke % every === 0 || at >= chambers.length))
      frames.push({
        stroke,
        at,
        share: at < chambers.length && room() > 0 ? filled / room() : 1,
        liquidMl: liquid,
        trappedMl: trapped,
      });
  }
  return { strokes: stroke, liquidMl: liquid, trapped: kept, frames, reached: at >= chambers.length };
}
