import type { RowOf } from '../../build/lists';
import { ductUWM2K, outletZeta } from '../../physics/duct/ductLoss';
import { warmAir, type Blower, type Duct, type WarmAir, type WarmFlow } from '../../physics/duct/ductAir';
import { holeMm2 } from '../../physics/duct/returnHoles';
import { bendZeta } from '../../physics/flow/bendZeta';
import { computeOrMissing, toDo } from '../../reading/NotMeasured';
import type { Need, Reader } from '../../reading/Reader';

export type DuctRow = RowOf<'ducts'>;
export type ReturnRow = RowOf<'returns'>;
export const ductName = (row: { name?: string | undefined }, i: number): string => row.name ?? `duct ${i + 1}`;

/** ζ of what sits on a duct: louvres 2 to 3, a grille, a branch 1.0 to 1.3 and straight on 0.1 to 0.3 at a tee, the jet that leaves. Idelchik, ASHRAE, from memory. */
const zetas = { free: 0, grille: 1.5, louvre: 2.5, branch: 1.2, straight: 0.2, exit: 1 } as const;
/** Radius of a duct’s bend over its bore. Lorbet’s own assumption, no source */
const radiusOverBore = 1;
/** Roughness, mm: flexible duct 1 to 3, from memory; smooth drawn or cast plastic. */
const roughnessMm = { flexible: 2, smooth: 0.05 } as const;
/** Free share of an opening by what covers it: mesh 0.7, louvre 0.5 to 0.7 (the least), a grille between. From memory. */
const freeShare = { hole: 1, mesh: 0.7, grille: 0.6, louvre: 0.5 } as const;
/** On a plan a duct goes along and across, and a little more. Lorbet’s own assumption, no source. */
const slack = 1.1;

interface Spot {
  x: number;
  y: number;
}
/** Where a duct’s far end stands; null where nobody has said. */
export const ductSpot = ({ xMm, yMm }: DuctRow): Spot | null =>
  xMm === undefined || yMm === undefined ? null : { x: xMm, y: yMm };
/** What a duct comes from: another one of the list, or the heater, to which whatever is not known or runs in a ring is led. */
export function parentOf(rows: readonly DuctRow[], row: DuctRow): DuctRow | null {
  const parent = rows.find(({ id }) => id === row.fromId);
  return parent === row ? null : (parent ?? null);
}
/** Whether a duct is another one, or comes from it by whatever way. */
export function comesFrom(rows: readonly DuctRow[], row: DuctRow, id: string): boolean {
  let at: DuctRow | null = row;
  for (let i = 0; at && i <= rows.length; i += 1) {
    if (at.id === id) return true;
    at = parentOf(rows, at);
  }
  return false;
}
/** Rows that lead back to themselves. */
export function inRing(rows: readonly DuctRow[], row: DuctRow): boolean {
  const parent = row.fromId === row.id ? row : parentOf(rows, row);
  return parent !== null && comesFrom(rows, parent, row.id);
}
export const childrenOf = (rows: readonly DuctRow[], id: string | null): DuctRow[] =>
  rows.filter((row) => (id === null ? parentOf(rows, row) === null : row.fromId === id && row.id !== id));

/** Length of a duct: measured, else by the plan; null where neither tells. */
export function ductLengthM(rows: readonly DuctRow[], row: DuctRow, heater: Spot | null): { m: number; byPlan: boolean } | null {
  if (row.lengthM !== undefined) return { m: row.lengthM, byPlan: false };
  const parent = parentOf(rows, row);
  const from = parent ? ductSpot(parent) : heater;
  const to = ductSpot(row);
  if (!from || !to) return null;
  return { m: Math.max(0.05, ((Math.abs(to.x - from.x) + Math.abs(to.y - from.y)) * slack) / 1000), byPlan: true };
}

/** An outlet, with all that decides what comes out of it. */
export interface Outlet {
  id: string;
  name: string;
  boreMm: number;
  closable: boolean;
  /** from the heater along the ducts, m */ fromHeaterM: number;
  /** open share as it stands, 0 to 1 */ open: number;
  zoneM3: number | null;
}
/** How the tree stands, for what would be if: outlets, returns and bores as they are, or otherwise. */
export interface Stand {
  /** every outlet that can be closed is */ shut?: boolean;
  /** so much of the ways back is free, 0 to 1 */ returnShare?: number;
  /** a bag lies on this outlet */ bagOn?: string;
  /** this outlet is fully open */ opened?: string;
  /** so much of these outlets is open, 0 to 1, by their ids */ openTo?: Readonly<Record<string, number>>;
  /** every duct has this bore, mm */ boreMm?: number;
}
/** What a bag or a coat leaves of an outlet. Lorbet’s own assumption, no source. */
const underBag = 0.2;

export interface DuctTree {
  /** as they are drawn */ rows: readonly DuctRow[];
  outlets: readonly Outlet[];
  blower: Blower;
  /** free area of the ways back, mm² */ returnMm2: number | null;
  heatW: number;
  inC: number;
  /** what is solved, as it stands or otherwise */ airOf: (stand?: Stand) => WarmAir;
  flow: (stand?: Stand) => WarmFlow;
}

/** Of all that is missing so many are told at once: the rest once these are there. */
export const toldAtOnce = 5;
/** On a warm day inside, and what lies round a duct under the floor on the coldest night. Lorbet’s own choice, no source. */
const insideC = 20;

/** Free area of one way back, mm². @throws through the reader where a size is missing */
function freeMm2(read: Reader, row: ReturnRow, i: number): number {
  const name = row.name ?? `way back ${i + 1}`;
  if (row.kind === undefined) return read.missing(...toDo(`say what “${name}” is`));
  const covered = row.coveredPercent;
  if (covered === undefined) return read.missing(...toDo(`say how much of “${name}” is covered by what stands before it`));
  const [long, wide] = [row.lengthMm, row.widthMm];
  const share = freeShare[row.kind] * (1 - covered / 100) * (row.pieces ?? 1);
  if (row.kind === 'hole')
    return row.diameterMm === undefined
      ? read.missing({ act: 'measure', what: `hole of “${name}”` })
      : holeMm2(row.diameterMm) * share;
  return long === undefined || wide === undefined
    ? read.missing({ act: 'measure', what: `length and width of “${name}”` })
    : long * wide * share;
}
/** Free area of all ways back, mm². */
export function returnMm2(read: Reader): number {
  const rows = read.rows('returns');
  if (rows.length === 0) return read.missing(...toDo('enter how the air comes back to the heater'));
  return rows.reduce((sum, row, i) => sum + freeMm2(read, row, i), 0);
}

/** The heater’s middle on the floor; null where nobody has said. */
function heaterSpot(read: Reader): Spot | null {
  const [x, y] = [read.maybe('siting.heaterXMm'), read.maybe('siting.heaterYMm')];
  return x === null || y === null ? null : { x, y };
}

/** The blower: by its maker, else as it usually is. */
function blowerOf(read: Reader): Blower {
  const free = read.maybe('warmth.blowerM3H');
  const { kw } = read.all({ kw: 'heater.claimedOutputKw' });
  return {
    shutPa: read.maybe('warmth.blowerPa') ?? read.limit('blowerPa').value,
    freeM3S: (free ?? read.limit('blowerM3HKw').value * kw) / 3600,
  };
}

/** Air that the heater draws, °C. */
function inC(read: Reader): number {
  const from = read.maybe('warmth.airFrom') ?? 'inside';
  const room = read.maybe('survey.insideC') ?? insideC;
  if (from === 'inside') return room;
  const { cold } = read.all({ cold: 'survey.coldestC' });
  return from === 'outside' ? cold : (cold + room) / 2;
}

/** A duct without what depends on how the tree stands; `outlet` is the ζ of its own outlet, open. */
type Facts = Omit<Duct, 'then' | 'shut'> & { outlet: number };

/**
 * The duct tree of a build.
 * @throws through the reader, naming all that is missing of a duct, and every duct that leads nowhere or back to itself
 */
export const ductTree = (read: Reader): DuctTree => read.shared('duct tree', readTree);

function readTree(read: Reader): DuctTree {
  const rows = read.rows('ducts');
  if (rows.length === 0) return read.missing(...toDo('enter the ducts'));
  // Where every length is measured, nothing rests on the heater’s place.
  const heater = rows.every(({ lengthM }) => lengthM !== undefined) ? null : heaterSpot(read);
  const lacking: Need[] = [];
  const outlets: Outlet[] = [];
  const room = read.maybe('survey.insideC') ?? insideC;
  const under = rows.some(({ runs }) => runs === 'outside') ? read.all({ cold: 'survey.coldestC' }).cold : room;
  const facts = new Map<string, Facts>();
  const walked = (row: DuctRow, before: number): void => {
    const i = rows.indexOf(row);
    const name = ductName(row, i);
    const length = ductLengthM(rows, row, heater);
    const after = childrenOf(rows, row.id);
    if (row.fromId !== undefined && !parentOf(rows, row)) lacking.push(...toDo(`say what “${name}” comes from`));
    if (!length) lacking.push({ act: 'measure', what: `length of “${name}”` });
    if (row.boreMm === undefined) lacking.push({ act: 'measure', what: `bore of “${name}”` });
    if (row.wall === undefined) lacking.push(...toDo(`say whether “${name}” is flexible or smooth`));
    if (row.fromId !== undefined && row.leaves === undefined)
      lacking.push(...toDo(`say how “${name}” leaves what it comes from`));
    if (row.bends === undefined) lacking.push(...toDo(`count the bends of “${name}”`));
    else if (row.bends > 0 && row.bendDeg === undefined) lacking.push(...toDo(`say by how much each bend of “${name}” turns`));
    if (row.end === undefined) lacking.push(...toDo(`say what is at the far end of “${name}”`));
    else if (row.end !== 'on' && row.grille === undefined)
      lacking.push(...toDo(`say what stands before the outlet of “${name}”`));
    if (row.end === 'closable' && row.closedPercent === undefined)
      lacking.push(...toDo(`say how far the outlet of “${name}” is closed`));
    if (row.runs === undefined) lacking.push(...toDo(`say where “${name}” runs`));
    else if (row.runs === 'outside' && row.insulated === undefined) lacking.push(...toDo(`say whether “${name}” is insulated`));
    if (row.end === 'on' && after.length === 0)
      lacking.push(...toDo(`give “${name}” an outlet, or a duct that goes on: it leads nowhere`));
    if (row.end !== undefined && row.end !== 'on' && after.length > 0)
      lacking.push(...toDo(`say that another duct goes on at the far end of “${name}”: it can’t be an outlet as well`));
    const [lengthM, boreMm, bends] = [length?.m ?? 0, row.boreMm ?? 0, row.bends ?? 0];
    const flexible = row.wall !== 'smooth';
    const outletsZeta = row.end === 'on' ? 0 : zetas[row.grille ?? 'free'] + zetas.exit;
    facts.set(row.id, {
      id: row.id,
      lengthM,
      boreMm,
      roughnessMm: flexible ? roughnessMm.flexible : roughnessMm.smooth,
      zeta:
        bends * bendZeta(row.bendDeg ?? 90, radiusOverBore, flexible) +
        (row.fromId === undefined ? 0 : zetas[row.leaves ?? 'branch']),
      outlet: outletsZeta,
      // Inside nobody is asked whether it is insulated: as if it were, an outlet is rather told too hot.
      uWM2K: ductUWM2K(row.runs ?? 'inside', row.runs !== 'outside' || row.insulated === 'yes'),
      roundC: row.runs === 'outside' ? under : room,
    });
    if (row.end === 'open' || row.end === 'closable')
      outlets.push({
        id: row.id,
        name,
        boreMm,
        closable: row.end === 'closable',
        fromHeaterM: before + lengthM,
        open: row.end === 'closable' ? 1 - (row.closedPercent ?? 0) / 100 : 1,
        zoneM3: row.zoneM3 ?? null,
      });
    after.forEach((next) => walked(next, before + lengthM));
  };
  const ringed = rows.filter((row) => inRing(rows, row));
  if (ringed.length > 0)
    lacking.push(...ringed.map((row): Need => ({ act: 'do', what: `say what “${ductName(row, rows.indexOf(row))}” comes from: it leads back to itself` }))); // prettier-ignore
  const roots = childrenOf(rows, null);
  roots.forEach((row) => walked(row, 0));
  if (lacking.length > 0) return read.missing(...lacking.slice(0, toldAtOnce));
  const back = computeOrMissing(() => returnMm2(read));
  const backMm2 = 'missing' in back ? null : back.value;
  const blower = blowerOf(read);
  const heatW = read.derived('heater.outputMaxKw') * 1000;
  const drawnC = inC(read);
  const airOf = (stand: Stand = {}): WarmAir => {
    const duct = (row: DuctRow): Duct => {
      const { outlet, zeta, ...own } = facts.get(row.id) as Facts;
      const at = outlets.find(({ id }) => id === row.id);
      const open = at
        ? (stand.opened === row.id ? 1 : stand.shut && at.closable ? 0 : (stand.openTo?.[row.id] ?? at.open)) *
          (stand.bagOn === row.id ? underBag : 1)
        : 1;
      return {
        ...own,
        boreMm: stand.boreMm ?? own.boreMm,
        zeta: zeta + (at && open > 0 ? outletZeta(outlet, open) : 0),
        shut: at !== undefined && open === 0,
        then: childrenOf(rows, row.id).map(duct),
      };
    };
    return {
      blower,
      returnM2: backMm2 === null ? null : (backMm2 * (stand.returnShare ?? 1)) / 1e6,
      heatW,
      inC: drawnC,
      ducts: roots.map(duct),
    };
  };
  const known = new Map<string, WarmFlow>();
  const flow = (stand: Stand = {}): WarmFlow => {
    const key = JSON.stringify(stand);
    const found = known.get(key) ?? warmAir(airOf(stand), key === '{}' ? undefined : flow());
    known.set(key, found);
    return found;
  };
  return { rows, outlets, blower, returnMm2: backMm2, heatW, inC: drawnC, airOf, flow };
}

/** Outlets together, mm². */
export const outletsMm2 = ({ outlets }: DuctTree): number => outlets.reduce((sum, { boreMm }) => sum + holeMm2(boreMm), 0);
/** The hottest outlet that air leaves by; null where none does. */
export function hottest(tree: DuctTree, flow: WarmFlow): { outlet: Outlet; c: number } | null {
  let most: { outlet: Outlet; c: number } | null = null;
  for (const outlet of tree.outlets) {
    const at = flow.byId.get(outlet.id);
    if (at && at.massKgS > 0 && (!most || at.toC > most.c)) most = { outlet, c: at.toC };
  }
  return most;
}
/** Outlets that nobody can close. */
export const alwaysOpen = ({ outlets }: DuctTree): Outlet[] => outlets.filter(({ closable }) => !closable);
/** Sizes of duct that are sold, mm. Common practice, no source. */
export const ductSizes = [60, 75, 90, 100] as const;
