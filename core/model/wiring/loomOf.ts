import { loomKinds } from '../../build/listKinds';
import type { RowOf } from '../../build/lists';
import type { InsulationC } from '../../physics/wiring/ampacityA';
import { copperOhmPerKm } from '../../physics/wiring/copperOhmPerKm';
import { leastOhm, solveCircuit, type Branch, type Draw, type Solved } from '../../physics/wiring/solveCircuit';
import { needOf, toDo } from '../../reading/NotMeasured';
import type { Need, Reader } from '../../reading/Reader';

export type LoomRow = RowOf<'loomParts'>;
export type CableRow = RowOf<'cables'>;
export type LoomKind = keyof typeof loomKinds;
/** A part of the loom with a name of its own. */
export interface LoomPart extends LoomRow {
  name: string;
  kind: LoomKind;
}
/** A wire that carries current, with all that its resistance takes. */
export interface Cable extends CableRow {
  name: string;
  fromId: string;
  toId: string;
  wire: 'plus' | 'minus';
  areaMm2: number;
  lengthM: number;
}

/** Where both poles meet the loom. */
const poled: readonly LoomKind[] = ['battery', 'supply', 'heater', 'load', 'charger', 'solar'];
/** What a wire goes through. */
const inLine: readonly LoomKind[] = ['fuse', 'isolator', 'relay', 'joint', 'plug', 'panel', 'socket'];
/** What opens by itself where too much flows. */
export const opens: readonly LoomKind[] = ['fuse', 'panel', 'socket'];
export const isPoled = (kind: LoomKind): boolean => poled.includes(kind);
export const isInLine = (kind: LoomKind): boolean => inLine.includes(kind);
/** Where wires meet: a post, or the bar of a fuse box; its fuses stand behind it. */
export const isNode = (kind: LoomKind): boolean => kind === 'post' || kind === 'fuseBox';
/** What has to do with signals only: it is led to, labelled and reached, and draws nothing that is reckoned with. */
export const isSignal = (kind: LoomKind): boolean => !isPoled(kind) && !isInLine(kind) && !isNode(kind) && kind !== 'earth';

/** Resistance of what nobody has measured, mΩ: a blade fuse with its holder, a switch, a good crimp, the two of a plug, what a panel or a socket adds. Lorbet’s own assumptions; about 5 mΩ for fuse holder and crimps: common practice. */
export const usualMohm: Partial<Record<LoomKind, number>> = {
  fuse: 3,
  isolator: 2,
  relay: 5,
  joint: 1,
  plug: 3,
  panel: 15,
  socket: 15,
  earth: 1,
  supply: 30,
};
export const insulationC: Record<NonNullable<CableRow['insulation']>, InsulationC> = { c70: 70, c90: 90, c105: 105 };
/** Insulation that nobody has told is of the least. */
export const insulationOf = ({ insulation }: CableRow): InsulationC => insulationC[insulation ?? 'c70'];

export const loomName = (row: LoomRow, i: number): string =>
  row.name ?? (row.kind === undefined ? `part ${i + 1}` : loomKinds[row.kind]);
export const loomPartsOf = (rows: readonly LoomRow[]): LoomPart[] =>
  rows.flatMap((row, i) => (row.kind === undefined ? [] : [{ ...row, name: loomName(row, i), kind: row.kind }]));
/** A wire by its name, or by what it joins. */
export function cableName(row: CableRow, parts: readonly LoomRow[]): string {
  const named = (id: string | undefined) => {
    const i = parts.findIndex((part) => part.id === id);
    const part = parts[i];
    return part ? loomName(part, i) : '?';
  };
  return row.name ?? `${named(row.fromId)} to ${named(row.toId)}${row.wire === 'minus' ? ', minus' : ''}`;
}

/** The body of the vehicle, where earth points meet. */
export const chassis = 'chassis';
export const pole = (id: string, wire: 'plus' | 'minus'): string => `${id}${wire === 'plus' ? '+' : '-'}`;

/** At rest, at start and at shut-down (the glow plug), running, and all that is in the loom at once. */
export const moments = { rest: 'at rest', start: 'under glow', run: 'running', both: 'all at once' } as const;
export type LoomMoment = keyof typeof moments;

export interface Loom {
  parts: readonly LoomPart[];
  cables: readonly Cable[];
  /** resistances and sources, of which cables and parts in line have the id of their row (of a part with both wires `id:minus` too) */ branches: readonly Branch[];
  draws: Readonly<Record<LoomMoment, readonly Draw[]>>;
  heater: LoomPart;
  sources: readonly LoomPart[];
  ground: string;
  at: (moment: LoomMoment) => Solved;
}

const nominalV = { v12: 12, v24: 24 } as const;

/**
 * The loom of a build as it is solved.
 * @throws through the reader, naming all that is missing, and what leads nowhere
 */
export function loomOf(read: Reader): Loom {
  const { loom, lacking } = shapeOf(read);
  return lacking.length > 0 || !loom ? read.missing(...lacking.slice(0, toldAtOnce)) : loom;
}
/**
 * The loom by what leads where, whether lengths, areas and ratings are known or not: what opens before what is told by that alone.
 * @throws through the reader where it can’t be followed from battery to heater
 */
export function loomShape(read: Reader): Loom {
  const { loom, lacking } = shapeOf(read);
  return loom ?? read.missing(...lacking.slice(0, toldAtOnce));
}
const shapeOf = (read: Reader) => read.shared('loom', readLoom);
/** Of all that is missing so many are told at once. */
const toldAtOnce = 5;

/** The sides of a part at which the ends of its wires come in: from one to the other goes what flows. */
type Ends = { row: Cable; atTo: boolean }[];

function readLoom(read: Reader): { loom: Loom | null; lacking: Need[] } {
  const [rows, wires] = [read.rows('loomParts'), read.rows('cables')];
  const parts = loomPartsOf(rows);
  const lacking: Need[] = rows.flatMap((row, i) => (row.kind === undefined ? toDo(`say what “${loomName(row, i)}” is`) : []));
  const heater = parts.find(({ kind }) => kind === 'heater');
  const sources = parts.filter(({ kind }) => kind === 'battery' || kind === 'supply');
  let lost = false;
  if (!heater) lacking.push(...toDo('put the heater into the loom'));
  if (sources.length === 0) lacking.push(...toDo('put the battery into the loom'));
  for (const { kind, name, ratingA } of parts)
    if (kind === 'fuse' && ratingA === undefined) lacking.push({ act: 'measure', what: `rating of “${name}”` });
  const byId = new Map(parts.map((part) => [part.id, part]));
  const cables = wires.flatMap((row): Cable[] => {
    const name = cableName(row, rows);
    const [from, to] = [byId.get(row.fromId ?? ''), byId.get(row.toId ?? '')];
    if (row.wire === undefined) lacking.push(...toDo(`say what “${name}” carries`));
    if (row.wire === undefined || row.wire === 'signal' || (row.use ?? 'used') !== 'used') return [];
    if (!from || !to || from === to) {
      lost = true;
      lacking.push(...toDo(`say where “${name}” begins and where it ends`));
      return [];
    }
    if (isSignal(from.kind) || isSignal(to.kind)) return [];
    if (row.areaMm2 === undefined) lacking.push({ act: 'measure', what: `area of “${name}”` });
    if (row.lengthM === undefined) lacking.push({ act: 'measure', what: `length of “${name}”` });
    const { areaMm2 = 1, lengthM = 1 } = row;
    return [{ ...row, name, fromId: from.id, toId: to.id, wire: row.wire, areaMm2, lengthM }];
  });
  const ambientC = read.maybe('wiring.cableC') ?? 20;
  const branches: Branch[] = [];
  const nodeAt = new Map<string, string>();
  const endKey = (row: Cable, atTo: boolean) => `${row.id}${atTo ? '>' : '<'}`;
  const ohmIn = (part: LoomPart) => Math.max(leastOhm, (part.mohm ?? usualMohm[part.kind] ?? 0) / 1000);
  const endsAt = new Map<string, Ends>();
  const endAt = (id: string, row: Cable, atTo: boolean) => {
    const ends = endsAt.get(`${id} ${row.wire}`) ?? [];
    ends.push({ row, atTo });
    endsAt.set(`${id} ${row.wire}`, ends);
  };
  for (const row of cables) {
    endAt(row.fromId, row, false);
    endAt(row.toId, row, true);
  }
  for (const part of parts) {
    for (const wire of ['plus', 'minus'] as const) {
      const ends = endsAt.get(`${part.id} ${wire}`) ?? [];
      if (!isInLine(part.kind)) {
        const node = isPoled(part.kind) ? pole(part.id, wire) : part.id;
        for (const { row, atTo } of ends) nodeAt.set(endKey(row, atTo), node);
        continue;
      }
      if (ends.length === 0) continue;
      const [a, b] = [`${part.id}:${wire}:a`, `${part.id}:${wire}:b`];
      // Of two wires one comes in and the other goes out, whichever way somebody has told them.
      const one = ends.length === 2 && ends[0]?.atTo === ends[1]?.atTo ? ends[0] : null;
      const comesIn = (end: Ends[number]) => (one ? end === one : end.atTo);
      if (ends.length > 2 && (ends.every(comesIn) || !ends.some(comesIn))) {
        lost = true;
        lacking.push(...toDo(`turn a wire of “${part.name}” round: all of them come in, and none goes out`));
      }
      for (const end of ends) nodeAt.set(endKey(end.row, end.atTo), comesIn(end) ? a : b);
      if (part.open === 'yes') continue;
      branches.push({ id: wire === 'plus' ? part.id : `${part.id}:minus`, from: a, to: b, ohm: ohmIn(part) });
    }
    if (part.kind === 'earth') branches.push({ id: part.id, from: part.id, to: chassis, ohm: ohmIn(part) });
  }
  for (const cable of cables) {
    const [from, to] = [nodeAt.get(endKey(cable, false)), nodeAt.get(endKey(cable, true))];
    if (!from || !to) continue;
    const ohm = (cable.lengthM * copperOhmPerKm(cable.areaMm2, cable.ambientC ?? ambientC)) / 1000;
    branches.push({ id: cable.id, from, to, ohm });
  }
  for (const source of sources) {
    const known = (path: 'wiring.batteryRestV' | 'wiring.batteryMohm', usual: number): number => {
      const value = read.maybe(path);
      if (value === null) lacking.push(needOf(path));
      return value ?? usual;
    };
    const nominal = nominalV[read.maybe('heater.supplyV') ?? 'v12'];
    const isBattery = source.kind === 'battery';
    const emfV = source.restV ?? (isBattery ? known('wiring.batteryRestV', nominal) : nominal);
    const own = source.ownMohm ?? (isBattery ? known('wiring.batteryMohm', 10) : (usualMohm.supply ?? 0));
    branches.push({ id: source.id, from: pole(source.id, 'minus'), to: pole(source.id, 'plus'), ohm: own / 1000, emfV });
  }
  const main = sources[0];
  if (!heater || !main || lost) return { loom: null, lacking };
  const draw = (path: 'heater.startCurrentA' | 'heater.runCurrentA'): number => {
    const amps = read.maybe(path);
    if (amps === null) lacking.push(needOf(path));
    return amps ?? 1;
  };
  const [start, run] = [draw('heater.startCurrentA'), draw('heater.runCurrentA')];
  const drawn = (part: LoomPart, amps: number): Draw => ({ from: pole(part.id, 'plus'), to: pole(part.id, 'minus'), amps });
  const others = parts.flatMap((part) => {
    if (part.kind === 'load') return [drawn(part, part.drawsA ?? 0)];
    return part.kind === 'charger' || part.kind === 'solar' ? [drawn(part, -(part.givesA ?? 0))] : [];
  });
  const draws = {
    rest: [],
    start: [drawn(heater, start)],
    run: [drawn(heater, run)],
    both: [drawn(heater, start), ...others],
  };
  const ground = pole(main.id, 'minus');
  const known = new Map<LoomMoment, Solved>();
  const at = (moment: LoomMoment): Solved => {
    const found = known.get(moment) ?? solveCircuit({ branches, draws: draws[moment], ground });
    known.set(moment, found);
    return found;
  };
  const rest = at('rest').volts;
  for (const wire of ['plus', 'minus'] as const)
    if (!rest.has(pole(heater.id, wire)))
      return {
        loom: null,
        lacking:
          lacking.length > 0
            ? lacking
            : toDo(`lead a wire on to the heater’s ${wire}, and switch on what is off: none comes there from the battery`),
      };
  return { loom: { parts, cables, branches, draws, heater, sources, ground, at }, lacking };
}

/** Volts across the heater’s plug. */
export function heaterV(loom: Loom, moment: LoomMoment): number {
  const { volts } = loom.at(moment);
  return (volts.get(pole(loom.heater.id, 'plus')) ?? 0) - (volts.get(pole(loom.heater.id, 'minus')) ?? 0);
}
/** The source that gives most while the heater draws. */
export function mainSource(loom: Loom): LoomPart {
  const { amps } = loom.at('start');
  return [...loom.sources].sort((a, b) => (amps.get(b.id) ?? 0) - (amps.get(a.id) ?? 0))[0] ?? loom.heater;
}
/** Lost between that source’s posts and the heater, V: in the feed, and in the way back apart. */
export function lostV(loom: Loom, moment: LoomMoment): { feedV: number; earthV: number } {
  const { volts } = loom.at(moment);
  const source = mainSource(loom);
  const v = (id: string, wire: 'plus' | 'minus') => volts.get(pole(id, wire)) ?? 0;
  return {
    feedV: v(source.id, 'plus') - v(loom.heater.id, 'plus'),
    earthV: v(loom.heater.id, 'minus') - v(source.id, 'minus'),
  };
}
/** What the loom and its sources are, seen from the heater’s plug: V and Ω. */
export function seenFromHeater(loom: Loom): { openV: number; ohm: number } {
  const [openV, glowV] = [heaterV(loom, 'rest'), heaterV(loom, 'start')];
  const amps = loom.draws.start[0]?.amps ?? 0;
  return { openV, ohm: amps > 0 ? (openV - glowV) / amps : 0 };
}
export const isLoom = (read: Reader): boolean => read.rows('cables').length > 0;

/** Whether a battery stands beside a mains supply, so that a cut of the mains leaves the heater fed. */
export const isBacked = ({ sources }: Loom): boolean =>
  sources.some(({ kind }) => kind === 'battery') && sources.some(({ kind }) => kind === 'supply');
/** Volts at the heater under glow once the mains is cut, by the batteries alone; 0 where none is left that reaches it. */
export function cutOffV(loom: Loom): number {
  const supplies = new Set(loom.sources.filter(({ kind }) => kind === 'supply').map(({ id }) => id));
  const left = loom.sources.find(({ id }) => !supplies.has(id));
  if (!left) return 0;
  const { volts } = solveCircuit({
    branches: loom.branches.filter(({ id }) => !supplies.has(id)),
    draws: loom.draws.start,
    ground: pole(left.id, 'minus'),
  });
  return (volts.get(pole(loom.heater.id, 'plus')) ?? 0) - (volts.get(pole(loom.heater.id, 'minus')) ?? 0);
}
