import { loopKinds } from '../../build/listKinds';
import type { RowOf } from '../../build/lists';
import { coolantAt, freezingC, massPercent, swells, type Coolant, type Glycol } from '../../physics/coolant/coolantAt';
import { dropOf, type Conduit } from '../../physics/flow/dropPa';
import { solveNet, type Flows, type Net } from '../../physics/flow/solveNet';
import { toldAtOnce } from './ductTree';
import { toDo } from '../../reading/NotMeasured';
import type { Need, Reader } from '../../reading/Reader';

export type LoopRow = RowOf<'loop'>;
export type LoopKind = keyof typeof loopKinds;
/** A part of the loop with a name of its own. */
export interface LoopPart extends LoopRow {
  name: string;
}
/** A way of several beside each other. */
export type Limb = readonly LoopPart[];
/** What all of the flow passes, or ways beside each other; in the order of flow. */
export type LoopStep = { one: LoopPart } | { ways: readonly Limb[] };

/** ζ of what sits in a loop, at the bore of its ports. Lorbet’s own assumptions, no source. */
const zetaOf: Record<LoopKind, number> = {
  hose: 0,
  heater: 6,
  pump: 0,
  engine: 5,
  matrix: 8,
  plate: 10,
  tank: 1.5,
  valve: 1,
  check: 4,
  adapter: 0.5,
};
/** A right angle of a hose or an elbow. Idelchik, from memory */
const bendZeta = 0.6;
const hoseRoughnessMm = 0.02;
/** At work the coolant is about so hot, and hottest; Lorbet’s own choice, no source. */
export const workC = 70;
export const hottestC = 90;

/** The rows in the order of flow. */
export const loopParts = (rows: readonly LoopRow[]): LoopPart[] =>
  rows
    .map((row, i) => ({ row, i }))
    .sort((a, b) => (a.row.order ?? Infinity) - (b.row.order ?? Infinity) || a.i - b.i)
    .map(({ row }, i) => ({ ...row, name: row.name ?? (row.kind === undefined ? `part ${i + 1}` : loopKinds[row.kind]) }));

/** The same as it is passed: rows of limbs that follow each other lie side by side. */
export function loopSteps(parts: readonly LoopPart[]): LoopStep[] {
  const steps: LoopStep[] = [];
  let split: Map<string, LoopPart[]> | null = null;
  const join = () => {
    if (split) steps.push({ ways: [...split].sort(([one], [other]) => one.localeCompare(other)).map(([, way]) => way) });
    split = null;
  };
  for (const part of parts) {
    const limb = part.limb ?? 'main';
    if (limb === 'main') {
      join();
      steps.push({ one: part });
    } else {
      split ??= new Map();
      split.set(limb, [...(split.get(limb) ?? []), part]);
    }
  }
  join();
  return steps;
}
/** The ways that a step leaves to the flow: one, or those beside each other. */
export const limbsOf = (step: LoopStep): readonly Limb[] => ('one' in step ? [[step.one]] : step.ways);
export const partsOf = (step: LoopStep): readonly LoopPart[] => limbsOf(step).flat();
/** Ways round the loop, part after part, such that every part is on one of them: one where it has no limbs. */
export function waysRound(steps: readonly LoopStep[]): LoopPart[][] {
  const many = Math.max(1, ...steps.map((step) => limbsOf(step).length));
  return Array.from({ length: many }, (_, i) =>
    steps.flatMap((step) => limbsOf(step)[Math.min(i, limbsOf(step).length - 1)] ?? []),
  );
}

/** The parts of the loop in the order of flow. @throws through the reader where none is entered */
export function readParts(read: Reader): LoopPart[] {
  const rows = read.rows('loop');
  return rows.length === 0 ? read.missing(...toDo('enter the coolant loop')) : loopParts(rows);
}

/** What is in it. @throws through the reader where nobody has said */
export function mixOf(read: Reader): { glycol: Glycol; volumePercent: number } {
  const { kind } = read.all({ kind: 'warmth.glycol' });
  if (kind === 'water') return { glycol: 'ethylene', volumePercent: 0 };
  if (kind === 'unknown') return read.missing(...toDo('find out which coolant is in the loop'));
  return { glycol: kind, volumePercent: read.all({ share: 'warmth.glycolPercent' }).share };
}
export const frostC = ({ glycol, volumePercent }: ReturnType<typeof mixOf>): number =>
  freezingC(glycol, massPercent(glycol, volumePercent));

/** The bench and the drawing reckon with half and half where nobody has said what is in it. Lorbet’s own assumption. */
const usualMix = { glycol: 'ethylene', volumePercent: 50 } as const;
const mixOrUsual = (read: Reader): { glycol: Glycol; volumePercent: number } => {
  const kind = read.maybe('warmth.glycol');
  const share = read.maybe('warmth.glycolPercent');
  if (kind === 'water') return { glycol: 'ethylene', volumePercent: 0 };
  if (kind === null || kind === 'unknown' || share === null) return usualMix;
  return { glycol: kind, volumePercent: share };
};

export interface LoopFlow extends Flows {
  coolant: Coolant;
  /** lost in each part, Pa */ dropPa: ReadonlyMap<string, number>;
  /** by how much the heater warms what passes it, K; Infinity where nothing flows */ riseK: number;
}
export interface Loop {
  steps: readonly LoopStep[];
  heatW: number;
  pump: { shutPa: number; freeLMin: number };
  /** what is solved at a temperature of the coolant */ netAt: (c: number) => { net: Net; coolant: Coolant };
  flowAt: (c: number) => LoopFlow;
}

/** A part as it is reckoned with. */
export const conduitOf = (part: LoopPart): Conduit => ({
  lengthM: part.kind === 'hose' ? (part.lengthM ?? 0) : 0,
  boreMm: part.boreMm ?? 0,
  roughnessMm: hoseRoughnessMm,
  zeta: zetaOf[part.kind ?? 'hose'] + (part.kind === 'hose' ? (part.bends ?? 0) * bendZeta : 0),
});
export const isShut = ({ kind, shut, arrow }: LoopPart): boolean =>
  (kind === 'valve' && shut === 'yes') || (kind === 'check' && arrow === 'against');

/**
 * The loop of a build as it is solved.
 * @throws through the reader, naming all that is missing of a part, and a split of which one way leads nowhere
 */
export const loopOf = (read: Reader): Loop => read.shared('coolant loop', readLoop);

function readLoop(read: Reader): Loop {
  const parts = readParts(read);
  const lacking: Need[] = [];
  for (const { kind, name, boreMm, lengthM, bends, shut, arrow } of parts) {
    if (kind === 'valve' && shut === undefined) lacking.push(...toDo(`say whether “${name}” is shut`));
    if (kind === 'check' && arrow === undefined) lacking.push(...toDo(`say which way the flow goes through “${name}”`));
    if (kind === undefined) lacking.push(...toDo(`say what “${name}” is`));
    if (boreMm === undefined) lacking.push({ act: 'measure', what: `bore of “${name}”` });
    if (kind === 'hose' && lengthM === undefined) lacking.push({ act: 'measure', what: `length of “${name}”` });
    if (kind === 'hose' && bends === undefined) lacking.push(...toDo(`count the right angles of “${name}”`));
  }
  for (const wanted of ['heater', 'pump'] as const)
    if (!parts.some(({ kind }) => kind === wanted)) lacking.push(...toDo(`put the ${loopKinds[wanted]} into the loop`));
  const pumps = parts.filter(({ kind }) => kind === 'pump');
  if (pumps.length > 1) lacking.push(...toDo('leave one circulation pump in the loop: two are not reckoned with'));
  if (pumps.some(({ limb }) => limb !== undefined && limb !== 'main'))
    lacking.push(...toDo('set the circulation pump where all of the flow passes it'));
  const steps = loopSteps(parts);
  for (const step of steps)
    if ('ways' in step && step.ways.length < 2)
      lacking.push(...toDo(`enter the other way beside “${partsOf(step)[0]?.name ?? ''}”: a split of one way leads nowhere`));
  if (lacking.length > 0) return read.missing(...lacking.slice(0, toldAtOnce));
  const heatW = read.derived('heater.outputMaxKw') * 1000;
  const pump = {
    shutPa: (read.maybe('warmth.pumpKPa') ?? read.limit('coolantPumpKPa').value) * 1000,
    freeLMin: read.maybe('warmth.pumpLMin') ?? read.limit('coolantPumpLMin').value,
  };
  const { glycol, volumePercent } = mixOrUsual(read);
  const netAt = (c: number) => {
    const coolant = coolantAt(glycol, volumePercent, c);
    const link = (part: LoopPart): Net => ({
      link: {
        id: part.id,
        dropPa: isShut(part) ? () => Infinity : dropOf(conduitOf(part), coolant),
      },
    });
    const net: Net = {
      series: steps.map((step) =>
        'one' in step ? link(step.one) : { parallel: step.ways.map((limb): Net => ({ series: limb.map(link) })) },
      ),
    };
    return { net, coolant };
  };
  const known = new Map<number, LoopFlow>();
  const flowAt = (c: number): LoopFlow => {
    const before = known.get(c);
    if (before) return before;
    const { net, coolant } = netAt(c);
    const freeKgS = (pump.freeLMin / 60000) * coolant.densityKgM3;
    const flows = solveNet(net, { shutPa: pump.shutPa, fallPaS2Kg2: pump.shutPa / freeKgS ** 2 });
    const drops = new Map<string, number>();
    const follow = (one: Net): void => {
      if ('link' in one) {
        const q = flows.byId.get(one.link.id) ?? 0;
        drops.set(one.link.id, q > 0 ? one.link.dropPa(q) : 0);
      } else ('series' in one ? one.series : one.parallel).forEach(follow);
    };
    follow(net);
    const heaterKgS = flows.byId.get(parts.find(({ kind }) => kind === 'heater')?.id ?? '') ?? 0;
    const found: LoopFlow = {
      ...flows,
      coolant,
      dropPa: drops,
      riseK: heaterKgS > 0 ? heatW / (heaterKgS * coolant.cp) : Infinity,
    };
    known.set(c, found);
    return found;
  };
  return { steps, heatW, pump, netAt, flowAt };
}

/** Coolant in hoses, and in the other parts, L. @throws through the reader where something is missing */
export function loopVolumeL(read: Reader): number {
  const { others } = read.all({ others: 'warmth.partsHoldL' });
  const lacking: Need[] = [];
  const litres = readParts(read).reduce((sum, { kind, name, lengthM, boreMm }) => {
    if (kind !== 'hose') return sum;
    if (lengthM === undefined || boreMm === undefined) lacking.push({ act: 'measure', what: `length and bore of “${name}”` });
    return sum + ((Math.PI * ((boreMm ?? 0) / 100) ** 2) / 4) * (lengthM ?? 0) * 10;
  }, 0);
  return lacking.length > 0 ? read.missing(...lacking) : litres + others;
}
/** By how much it swells from the coldest night to its hottest, mL. */
export function swellMl(read: Reader): number {
  const { cold } = read.all({ cold: 'survey.coldestC' });
  const { glycol, volumePercent } = mixOf(read);
  const from = volumePercent === 0 ? Math.max(4, cold) : Math.max(-40, cold);
  return loopVolumeL(read) * 1000 * swells(glycol, volumePercent, from, hottestC);
}

/** Iron, J/(kg K). Handbooks, from memory */
const ironCp = 460;
/** An engine is close to its working temperature. Lorbet’s own choice, no source. */
export const engineWarmC = 60;
/** From the coldest night until the engine is close to its working temperature, at full, min; what the body loses meanwhile is not counted. */
export function engineMinutes(read: Reader): number {
  const { kg, cold } = read.all({ kg: 'warmth.engineKg', cold: 'survey.coldestC' });
  const coolant = coolantAt(...(Object.values(mixOrUsual(read)) as [Glycol, number]), 40);
  const heatJK = kg * ironCp + (loopVolumeL(read) / 1000) * coolant.densityKgM3 * coolant.cp;
  return (heatJK * Math.max(0, engineWarmC - cold)) / (read.derived('heater.outputMaxKw') * 1000) / 60;
}

/** The loop read as words, in the order of flow and back to its first part. */
export function loopInWords(steps: readonly LoopStep[]): string {
  const names = (parts: Limb) => parts.map(({ name }) => name).join(', ');
  const all = steps.map((step) =>
    'one' in step ? step.one.name : `${step.ways.length} ways: ${step.ways.map(names).join('; beside it ')}`,
  );
  return [...all, 'and back'].join(' → ');
}
