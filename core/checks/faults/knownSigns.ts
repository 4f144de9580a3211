import type { Build, StartRun } from '../../build/Build';
import type { Fault } from '../../build/faults';
import { valueAt } from '../../build/sheets';
import { factsOf, firstAt, flameEndS, lastSecond } from '../../build/startFacts';
import type { FaultCheckId } from '../../model/faults/faultNetwork';
import type { Found } from '../../model/faults/nextCheck';
import type { Finding } from '../Finding';
import { ranWell } from './leaningsOf';

/** What is known already, and by what: a finding of this build, or the start that is complained of. */
export interface KnownSign {
  check: FaultCheckId;
  answer: number;
  from: { finding: string } | { start: string } | { primed: string } | { record: 'age' | 'hours' };
}

/** Findings that answer a check: the first answer where they are sound, the second where they are not. What may change by itself was sound only when it was looked at. */
const answered: readonly (readonly [finding: string, check: FaultCheckId, may?: 'change'])[] = [
  ['fuel.pump.angle', 'pumpAngle'],
  ['fuel.pump.direction', 'pumpArrow'],
  ['fuel.pump.mount', 'pumpHang'],
  ['fuel.filter.direction', 'filterArrow'],
  ['exhaust.slope', 'exhaustFall'],
  ['exhaust.drain', 'exhaustFall'],
  ['exhaust.length', 'pipeLength'],
  ['air.separation', 'mouths'],
  ['air.intake.blockage', 'intakeMouth', 'change'],
  ['exhaust.end.blocked', 'exhaustMouth', 'change'],
  ['controller.altitude', 'height', 'change'],
  // Fuel that plugs at the cold that is looked for: as if bought for summer.
  ['fuel.cold', 'fuelBought', 'change'],
  ['controller.air.fuel', 'settings'],
  ['controller.sensor', 'sensorPlace'],
  ['wiring.earth', 'earthLook'],
  ['wiring.polarity', 'polarity'],
  ['wiring.drop.start', 'feedLook'],
];
const bubblesAt: Readonly<Partial<Record<string, number>>> = { passing: 1, steady: 2 };
const smokeAt: Readonly<Partial<Record<string, number>>> = { white: 2, blue: 3, black: 4 };

/**
 * What the findings of a build answer of what would be asked: nothing that rests on an assumption, and a waived fault as the fault that it is.
 * Of two that answer the same check the bad one counts.
 */
export function signsOfFindings(findings: readonly Finding[]): KnownSign[] {
  const known = new Map<FaultCheckId, KnownSign>();
  const byId = new Map(findings.map((finding) => [finding.id, finding]));
  for (const [id, check, may] of answered) {
    const finding = byId.get(id);
    if (!finding || finding.assumed || finding.supposed || finding.level === 'open') continue;
    const answer = finding.level === 'stop' || finding.level === 'fix' ? 1 : finding.level === 'sound' && !may ? 0 : null;
    if (answer === null || (known.get(check)?.answer ?? -1) >= answer) continue;
    known.set(check, { check, answer, from: { finding: id } });
  }
  const smoke = byId.get('start.smoke');
  const seen = smoke && smoke.level !== 'open' ? smokeAt[smoke.code] : undefined;
  if (smoke && seen !== undefined) known.set('smoke', { check: 'smoke', answer: seen, from: { finding: smoke.id } });
  const bubbles = byId.get('start.bubbles');
  const passed = bubbles && bubbles.level !== 'open' ? bubblesAt[bubbles.code] : undefined;
  if (bubbles && passed !== undefined) known.set('bubbles', { check: 'bubbles', answer: passed, from: { finding: bubbles.id } });
  return [...known.values()];
}

/** Volts at rest that make a battery low or too high, and under glow at the heater: what the answers of the checks say. */
const [lowRestV, highRestV, goodGlowV, leastGlowV] = [12.4, 15, 11, 10];
/** Amps under glow, as the check’s answers have them: none below the first, too few below the second, too many above the third. */
const [noGlowA, fewGlowA, muchGlowA] = [1, 6, 15];

/** What the start that is complained of answers: a heater of 12 V. @param systemV its voltage; at 24 V nothing is read off, for the answers are of 12 V */
export function signsOfStart(run: StartRun, systemV: number): KnownSign[] {
  if (systemV !== 12) return [];
  const { restV, lowestStartV, glowV, glowA } = factsOf(run);
  const glowed = firstAt(run).glow !== undefined;
  const known: Found = {};
  if (restV !== null) known.restVolts = restV > highRestV ? 2 : restV < lowRestV ? 1 : 0;
  const under = glowV ?? lowestStartV;
  if (glowed && under !== null) known.glowVolts = under >= goodGlowV ? 0 : under >= leastGlowV ? 1 : 2;
  if (glowed && glowA !== null && glowA !== undefined)
    known.glowAmps = glowA < noGlowA ? 2 : glowA > muchGlowA ? 3 : glowA < fewGlowA ? 1 : 0;
  return Object.entries(known).map(([check, answer]) => ({ check: check as FaultCheckId, answer, from: { start: run.id } }));
}

/** A flame that burnt so long blew the exhaust hot; a start that ended so long after its button without one was a whole try, s. Common practice, no source. */
const [hotAfterS, tryS] = [120, 120];
/** So many starts in a row without a flame flood it, within so long. */
const [manyStarts, inARowMs] = [3, 24 * 3600_000];

/**
 * What the record of this build answers beside the start that is complained of: how often it was tried, whether it ever ran here, whether it was primed too far,
 * and how far its flame came. Nothing is answered of what was not recorded.
 */
export function signsOfRecord(build: Pick<Build, 'starts' | 'primingRuns'>, run: StartRun | null): KnownSign[] {
  const known: KnownSign[] = [];
  const atMs = run ? Date.parse(run.at) : Infinity;
  const earlier = build.starts.filter((one) => !one.dryRun && one.id !== run?.id && Date.parse(one.at) < atMs);
  const well = earlier.find(ranWell);
  if (well) known.push({ check: 'newFit', answer: 0, from: { start: well.id } });
  else if (run && earlier.length === 0) known.push({ check: 'newFit', answer: 1, from: { start: run.id } });
  const last = build.primingRuns.filter(({ at }) => Date.parse(at) < atMs).at(-1);
  if (last?.outcome === 'overrun') known.push({ check: 'overPrimed', answer: 1, from: { primed: last.id } });
  if (last?.outcome === 'reached') known.push({ check: 'overPrimed', answer: 0, from: { primed: last.id } });
  if (!run || run.dryRun) return known;
  const from = { start: run.id };
  const unlit = (one: StartRun) => firstAt(one).on !== undefined && firstAt(one).flame === undefined;
  const inARow = earlier.filter((one) => unlit(one) && atMs - Date.parse(one.at) < inARowMs).length + (unlit(run) ? 1 : 0);
  known.push({ check: 'starts', answer: inARow >= manyStarts ? 1 : 0, from });
  const at = firstAt(run);
  const ended = flameEndS(at);
  if (at.flame !== undefined && ended !== undefined)
    known.push({ check: 'exhaustWarm', answer: ended - at.flame >= hotAfterS ? 0 : 1, from });
  else if (at.flame === undefined && at.glow !== undefined && ended !== undefined && ended - (at.on ?? 0) >= tryS)
    known.push({ check: 'exhaustWarm', answer: 2, from });
  return known;
}

const yearMs = 365.25 * 24 * 3600_000;
/** What was mended makes plug and screen new, or the filter. */
const newPlug = ['plugOpen', 'plugShort', 'plugWorn', 'screenClogged'];
/** Burnt so long, a heater has run as in two winters; of so long on record, what it ran low of it says something. Common practice, no source. */
const [twoWintersH, enoughH] = [600, 10];

/** How long a start burned, and how long of it turned down, h. */
function burntH(run: StartRun): { all: number; low: number } {
  const at = firstAt(run);
  if (at.flame === undefined) return { all: 0, low: 0 };
  const end = flameEndS(at) ?? lastSecond(run);
  return { all: (end - at.flame) / 3600, low: at.low === undefined ? 0 : Math.max(0, end - at.low) / 3600 };
}
/**
 * What the time on record answers: how long since plug, screen and filter were new, and whether it ran low for most of it. Only what is on record counts: hours
 * that nobody logged make it older, never newer.
 */
export function signsOfAge(build: Pick<Build, 'starts' | 'faults'>, atIso: string): KnownSign[] {
  const now = Date.parse(atIso);
  const lit = build.starts.filter((run) => !run.dryRun && firstAt(run).flame !== undefined && Date.parse(run.at) <= now);
  const firstMs = Math.min(...lit.map(({ at }) => Date.parse(at)));
  const repairs = (build.faults ?? []).flatMap((fault) => fault.repairs).filter(({ at }) => Date.parse(at) < now);
  const lastMs = (causes: readonly string[]) =>
    repairs.filter(({ cause }) => causes.includes(cause)).reduce((last, { at }) => Math.max(last, Date.parse(at)), -Infinity);
  const known: KnownSign[] = [];
  const [plugMs, filterMs] = [lastMs(newPlug), lastMs(['filterBlocked'])];
  const hours = lit
    .filter(({ at }) => Date.parse(at) > plugMs)
    .map(burntH)
    .reduce((sum, one) => ({ all: sum.all + one.all, low: sum.low + one.low }), { all: 0, low: 0 });
  // Mended, it is new from then on; else it is at least as old as its first start here.
  const sinceMs = Number.isFinite(plugMs) ? plugMs : firstMs;
  if (hours.all >= twoWintersH) known.push({ check: 'hours', answer: 1, from: { record: 'hours' } });
  else if (now - sinceMs >= 2 * yearMs) known.push({ check: 'hours', answer: 1, from: { record: 'age' } });
  else if (Number.isFinite(plugMs) && now - plugMs < yearMs) known.push({ check: 'hours', answer: 0, from: { record: 'age' } });
  if (now - (Number.isFinite(filterMs) ? filterMs : firstMs) >= 2 * yearMs)
    known.push({ check: 'filterAge', answer: 1, from: { record: 'age' } });
  else if (Number.isFinite(filterMs)) known.push({ check: 'filterAge', answer: 0, from: { record: 'age' } });
  if (hours.all >= enoughH && hours.low > hours.all / 2) known.push({ check: 'lowRuns', answer: 1, from: { record: 'hours' } });
  return known;
}

const voltsOf = { v12: 12, v24: 24 } as const;
/** All that a build answers of a fault by itself, each check once. */
export function knownSigns(build: Build, findings: readonly Finding[], fault: Pick<Fault, 'at' | 'start'>): KnownSign[] {
  const run = build.starts.find(({ id }) => id === fault.start) ?? null;
  const supply = valueAt(build.sheets, 'heater.supplyV');
  const all = [
    ...signsOfFindings(findings),
    ...(run && supply ? signsOfStart(run, voltsOf[supply]) : []),
    ...signsOfRecord(build, run),
    ...signsOfAge(build, fault.at),
  ];
  return [...new Map(all.map((sign) => [sign.check, sign])).values()];
}
