import type { AssumedFigure } from '../build/Assumption';
import type { Build } from '../build/Build';
import type { ListId } from '../build/lists';
import type { FigurePath } from '../build/sheets';
import { holdPointIds, type HoldPoint } from '../build/stages';
import { assumedAt, assumedLists, assumedPaths, takeAssumed, withSupposed } from '../build/takeAssumed';
import { stageChecks } from '../checks/allChecks';
import type { Check } from '../checks/Check';
import { toldOf, type AssumedInput, type Finding, type Level, type Told } from '../checks/Finding';
import { examine, Judge, type Judged } from '../checks/Judge';
import { nextHoldPoint } from '../checks/progress';
import type { Known } from '../reading/TrailReader';

/** What a figure would make of a finding if it were found to be some value of its range. */
export interface Turn {
  /** what would be found then */ told: Told;
  holdPoint: HoldPoint;
  /** that value */ value: number | string;
  /** and that of a second figure, where only both together turn it */ together?: Extract<AssumedInput, { path: FigurePath }>;
}
/** A figure or a list to be measured, and what knowing it would change. */
export interface NextMeasurement {
  at: { path: FigurePath } | { list: ListId };
  /** what is assumed of it; null where nothing is, or it is a list */ assumed: AssumedFigure | null;
  /** how much knowing it may change, in no unit: for ordering */ worth: number;
  /** the first hold point at which it is wanted */ holdPoint: HoldPoint;
  /** checks that rest on it or wait for it */ checks: string[];
  /** what it may turn, the worst and nearest first */ turns: Turn[];
}

/** How bad a level is, against the others. Lorbet's own choice, no source. */
const badness: Readonly<Record<Level, number>> = { sound: 0, watch: 1, open: 1, fix: 4, stop: 10 };
/** So many figures of a check that don't turn it alone are tried in pairs; the widest ranges first. */
const pairedMost = 4;
const isBad = (level: Level): boolean => level === 'stop' || level === 'fix';

/** The other values of its range at which a figure is tried: both ends, or every other answer that is met. */
export function otherValues({ value, low, high, among }: AssumedFigure): (number | string)[] {
  const others = typeof value === 'number' ? [low, high] : (among ?? []);
  return [...new Set(others.filter((one): one is number | string => one !== undefined && one !== value))];
}

/** Judges checks again with some figures supposed to be something else; what does not rest on these is not computed anew. */
class Trial {
  constructor(
    private readonly taken: Build,
    private readonly known: Known,
  ) {}
  private readonly untouched = new Map<FigurePath, Known>();

  private without(path: FigurePath, known: Known): Known {
    return new Map([...known].filter(([, { rests }]) => !rests.hasFigure(path)));
  }
  judge(checks: readonly Check[], values: Readonly<Partial<Record<FigurePath, number | string>>>): Finding[] {
    const paths = Object.keys(values) as FigurePath[];
    const [first, ...others] = paths;
    if (first === undefined) return [];
    let base = this.untouched.get(first);
    if (!base) {
      base = this.without(first, this.known);
      this.untouched.set(first, base);
    }
    const known: Known = others.reduce<Known>((left, path) => this.without(path, left), new Map(base));
    const supposed: Build = { ...this.taken, sheets: withSupposed(this.taken.sheets, values) };
    return checks.map((check) => examine(check, supposed, [], known));
  }
}

/**
 * What to measure next: every figure that is assumed or unknown and on which a finding rests, ordered by what knowing it would change.
 * Each is tried at the ends of its range while all others are as assumed; of the figures that turn a check by themselves in no case, the widest are
 * tried in pairs. What turns counts by how bad it would be and how near the hold point is at which it is judged.
 */
export function nextMeasurements(build: Build): NextMeasurement[] {
  const taken = takeAssumed(build);
  const judge = new Judge();
  const judged = judge.judge(taken);
  const trial = new Trial(taken, judge.known);
  const next = nextHoldPoint(build) ?? 'handover';
  const nearness = (holdPoint: HoldPoint): number =>
    1 / (1 + Math.max(0, holdPointIds.indexOf(holdPoint) - holdPointIds.indexOf(next)));
  const found = new Map<string, NextMeasurement>();
  const put = (at: NextMeasurement['at'], assumed: AssumedFigure | null, check: Check): NextMeasurement => {
    const key = 'path' in at ? at.path : at.list;
    const known = found.get(key) ?? { at, assumed, worth: 0, holdPoint: check.holdPoint, checks: [], turns: [] };
    if (!known.checks.includes(check.id)) known.checks.push(check.id);
    if (holdPointIds.indexOf(check.holdPoint) < holdPointIds.indexOf(known.holdPoint)) known.holdPoint = check.holdPoint;
    found.set(key, known);
    return known;
  };
  const at = (check: Check): Judged => judged.get(check.id) as Judged;
  /** figures that turn a check bad, or from bad, all by themselves */
  const alone = new Map<string, Set<FigurePath>>();
  const weigh = (entry: NextMeasurement, check: Check, tried: Finding, value: number | string, together?: Turn['together']) => {
    const before = at(check).finding.level;
    if (tried.level === before || (tried.level === 'open' && !isBad(before))) return 0;
    if (!together && 'path' in entry.at && (isBad(tried.level) || isBad(before)))
      alone.set(check.id, (alone.get(check.id) ?? new Set()).add(entry.at.path));
    entry.turns.push({ told: toldOf(tried), holdPoint: check.holdPoint, value, ...(together ? { together } : {}) });
    return Math.abs(badness[tried.level] - badness[before]) * nearness(check.holdPoint);
  };

  for (const path of assumedPaths(build)) {
    const assumed = assumedAt(build, path);
    const resting = stageChecks.filter((check) => at(check).rests.hasFigure(path) && at(check).finding.level !== 'open');
    if (!assumed || resting.length === 0) continue;
    const entry = resting.map((check) => put({ path }, assumed, check))[0] as NextMeasurement;
    const worth = new Map<string, number>();
    for (const value of otherValues(assumed))
      for (const [i, tried] of trial.judge(resting, { [path]: value }).entries()) {
        const check = resting[i] as Check;
        worth.set(check.id, Math.max(worth.get(check.id) ?? 0, weigh(entry, check, tried, value)));
      }
    entry.worth += [...worth.values()].reduce((sum, one) => sum + one, 0);
  }
  for (const check of stageChecks) {
    const { finding, rests } = at(check);
    if (isBad(finding.level) || finding.level === 'open') continue;
    const numbers = [...found.values()].filter(
      (entry): entry is NextMeasurement & { at: { path: FigurePath }; assumed: AssumedFigure } =>
        'path' in entry.at &&
        rests.hasFigure(entry.at.path) &&
        !alone.get(check.id)?.has(entry.at.path) &&
        typeof entry.assumed?.value === 'number',
    );
    const widest = numbers.sort((a, b) => spread(b.assumed) - spread(a.assumed)).slice(0, pairedMost);
    for (const [i, a] of widest.entries()) for (const b of widest.slice(i + 1)) tryPair(trial, check, a, b, weigh);
  }
  for (const list of assumedLists(build))
    for (const check of stageChecks) if (at(check).rests.assumedIn(taken).lists.includes(list)) put({ list }, null, check);
  for (const check of stageChecks)
    for (const need of at(check).finding.needs)
      // What is done when it is handed over is no measurement, and is asked for there.
      if (need.path && at(check).finding.level === 'open' && check.stage !== 'signoff') {
        const entry = put({ path: need.path }, assumedAt(build, need.path), check);
        // What nothing is assumed of keeps a check from telling anything at all.
        entry.worth += badness.fix * nearness(check.holdPoint);
      }
  for (const entry of found.values())
    entry.turns.sort(
      (a, b) =>
        badness[b.told.level] * nearness(b.holdPoint) - badness[a.told.level] * nearness(a.holdPoint) ||
        Number(a.together !== undefined) - Number(b.together !== undefined),
    );
  const rank = ({ holdPoint }: NextMeasurement) => holdPointIds.indexOf(holdPoint);
  return [...found.values()].sort((a, b) => b.worth - a.worth || rank(a) - rank(b) || b.checks.length - a.checks.length);
}

/** How wide a range is against what is assumed. */
const spread = ({ value, low, high }: AssumedFigure): number =>
  Math.abs((high ?? 0) - (low ?? 0)) / Math.max(Math.abs(Number(value)), 1e-6);

type Numbered = NextMeasurement & { at: { path: FigurePath }; assumed: AssumedFigure };
/** Tries two figures at the corners of their ranges; the worst that both together make of a check counts for both. */
function tryPair(
  trial: Trial,
  check: Check,
  a: Numbered,
  b: Numbered,
  weigh: (entry: NextMeasurement, check: Check, tried: Finding, value: number | string, together: Turn['together']) => number,
): void {
  let worst: { tried: Finding; at: [number | string, number | string] } | null = null;
  for (const one of otherValues(a.assumed))
    for (const other of otherValues(b.assumed)) {
      const [tried] = trial.judge([check], { [a.at.path]: one, [b.at.path]: other });
      if (tried && isBad(tried.level) && (!worst || badness[tried.level] > badness[worst.tried.level]))
        worst = { tried, at: [one, other] };
    }
  if (!worst) return;
  const { tried, at } = worst;
  // Each tells only half of it.
  a.worth += weigh(a, check, tried, at[0], { path: b.at.path, value: at[1] }) / 2;
  b.worth += weigh(b, check, tried, at[1], { path: a.at.path, value: at[0] }) / 2;
}
