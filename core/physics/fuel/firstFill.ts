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

/** How far a fill has come; `strokeOn` takes it on. */
export interface FillState {
  stroke: number;
  /** the chamber in which the front stands; chambers.length once it is through */ at: number;
  /** mL in that chamber */ filledMl: number;
  liquidMl: number;
  trappedMl: number;
  trapped: { name: string; ml: number }[];
}
const roomOf = (chamber: Chamber | undefined): number => (chamber ? chamber.volumeMl - chamber.trapMl : 0);
function passFull(chambers: readonly Chamber[], state: FillState): void {
  while (state.at < chambers.length && state.filledMl >= roomOf(chambers[state.at]) - 1e-12) {
    const chamber = chambers[state.at];
    if (chamber && chamber.trapMl > 0) {
      state.trappedMl += chamber.trapMl;
      state.trapped.push({ name: chamber.name, ml: chamber.trapMl });
    }
    state.at += 1;
    state.filledMl = 0;
  }
}
/** A line that nothing has been pumped into yet. */
export function beginFill(chambers: readonly Chamber[]): FillState {
  const state: FillState = { stroke: 0, at: 0, filledMl: 0, liquidMl: 0, trappedMl: 0, trapped: [] };
  passFull(chambers, state);
  return state;
}
/** What a stroke moves now, mL: less while the pump draws air, and less the gas that comes out of the fuel once it is wet. */
export function strokeMl({ chambers, doseMl, dryShare, gasShare }: FillFacts, { at }: FillState): number {
  const pumpAt = chambers.findIndex(({ side }) => side === 'pressure');
  const wet = at >= chambers.length || (pumpAt !== -1 && at >= pumpAt);
  return doseMl * (wet ? 1 / (1 + gasShare) : dryShare);
}
/**
 * One stroke of the pump more; the state is taken on in place.
 * @param ml what it moves, by default that of `strokeMl`
 * @returns mL of fuel that come out at the heater: none until the line is full
 */
export function strokeOn(facts: FillFacts, state: FillState, ml = strokeMl(facts, state)): number {
  const { chambers } = facts;
  state.stroke += 1;
  let left = ml;
  while (left > 1e-12 && state.at < chambers.length) {
    const step = Math.min(left, roomOf(chambers[state.at]) - state.filledMl);
    state.filledMl += step;
    state.liquidMl += step;
    left -= step;
    passFull(chambers, state);
  }
  state.liquidMl += Math.max(0, left);
  return left > 1e-12 ? left : 0;
}
/** How full the chamber is in which the front stands, 0 to 1; 1 once it is through. */
export const frontShare = (chambers: readonly Chamber[], { at, filledMl }: FillState): number =>
  at < chambers.length && roomOf(chambers[at]) > 0 ? filledMl / roomOf(chambers[at]) : 1;

/**
 * The first fill, stroke by stroke: how far the front comes, what air stays behind it, how much fuel has left the tank.
 * Until the front is through the pump each stroke moves `dryShare` of a dose; after it a dose less the gas in it.
 * @param max strokes allowed; beyond them the line counts as not filled
 * @returns frames of every `every`-th stroke
 * @returns a plain line of V mL takes ⌈V / d⌉ strokes of the dose d where nothing is drawn dry and there is no gas
 * @source conservation of volume; shares are assumptions, common practice, no source
 */
export function firstFill(facts: FillFacts, max = 60000, every = 0): Fill {
  const { chambers } = facts;
  const state = beginFill(chambers);
  const frames: FillFrame[] = [];
  while (state.at < chambers.length && state.stroke < max) {
    const beyond = strokeOn(facts, state);
    state.liquidMl -= beyond;
    if (every > 0 && (state.stroke % every === 0 || state.at >= chambers.length))
      frames.push({
        stroke: state.stroke,
        at: state.at,
        share: frontShare(chambers, state),
        liquidMl: state.liquidMl,
        trappedMl: state.trappedMl,
      });
  }
  return {
    strokes: state.stroke,
    liquidMl: state.liquidMl,
    trapped: state.trapped,
    frames,
    reached: state.at >= chambers.length,
  };
}
