import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { holeKinds, sealKinds } from '../../build/listKinds';
import { valueAt } from '../../build/sheets';
import { formatShort } from '../../units/formatNumber';
import { toFloor, type FloorPoint } from './frame';
import { placeOf, sitingLists, type Hole } from './SitingPlan';
import { stackLayers } from './stackUp';

export interface DrillingStep {
  what: string;
  tool: string;
  /** How to, or what it guards against. */
  note: string;
  /** Where on the floor, where it is at one place. */
  at: FloorPoint | null;
  hole: Hole | null;
}

/** What a hole of a width is cut with; common practice, no source. */
export function toolFor(kind: Hole['kind'], diameterMm: number): string {
  if (kind === 'screw') return `pilot drill ${formatShort(diameterMm, 1)} mm`;
  if (diameterMm <= 13) return `twist drill ${formatShort(diameterMm, 1)} mm`;
  if (diameterMm <= 20) return `step drill to ${formatShort(diameterMm, 1)} mm`;
  return `hole saw ${formatShort(diameterMm, 1)} mm`;
}
/** Large holes first, while nothing hangs in the way; studs and screws last, drilled through the plate itself. */
const order: Hole['kind'][] = ['turret', 'duct', 'return', 'exhaust', 'air', 'loom', 'fuel', 'stud', 'screw'];
const pilotMm = 2.5;

/** The work of cutting, in order: cover cut back, marks, pilots, a look below, saw, edges, sealant, grommets. Null until holes and place are known. */
export function drillingPlan(build: Build): DrillingStep[] | null {
  const place = placeOf(build);
  const { holes } = sitingLists(build);
  if (!place || holes.length === 0) return null;
  const layers = stackLayers(rowsOf(build.lists, 'stack'));
  const steel = layers.some((l) => l.kind === 'metal' || l.kind === 'rib');
  const sorted = [...holes].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind) || b.radius - a.radius);
  const step = (what: string, tool: string, note: string, hole: Hole | null = null): DrillingStep => ({
    what,
    tool,
    note,
    hole,
    at: hole && toFloor(place, hole),
  });
  const large = sorted.filter((h) => h.kind !== 'screw' && h.radius * 2 > 5);
  const passes = sorted.filter((h) => h.kind === 'fuel' || h.kind === 'loom');
  return [
    ...layers
      .filter((l) => l.cutBack)
      .map((l) =>
        step(`Cut ${l.name} back`, 'knife', 'A little past the plate all round, so that the plate sits on timber or metal.'),
      ),
    step(
      'Fasten the template',
      'tape, rule',
      'Middle and arrow on the marks; measure its check bar, then two datums, once more.',
    ),
    ...large.map((hole) =>
      step(
        `Pilot for “${hole.name}”`,
        `drill ${formatShort(pilotMm, 1)} mm`,
        'Shallow pressure; a stop collar keeps the bit from running on.',
        hole,
      ),
    ),
    step(
      'Look underneath',
      'torch, mirror, rule',
      'Every pilot shows where the saw will come out. Measure from each to what lies nearest; nothing large is cut before.',
    ),
    ...large.map((hole) =>
      step(
        `Cut “${hole.name}” (${holeKinds[hole.kind]})`,
        toolFor(hole.kind, hole.radius * 2),
        hole.kind === 'stud'
          ? 'Through the plate as a jig, once it lies as it will.'
          : 'Eyes and ears guarded, somebody below with a vacuum; chips out of tanks, cables and runners.',
        hole,
      ),
    ),
    ...(steel ? [step('Cut edges', 'file, primer, paint', 'Deburr both sides, prime, paint; a bare edge rusts through.')] : []),
    ...(layers.some((l) => l.kind === 'timber')
      ? [step('Cut edges of timber', 'sealer', 'End grain sealed; metal or a turret keeps the exhaust off it.')]
      : []),
    ...passes.map((hole) => step(`Grommet for “${hole.name}”`, 'grommet', 'Loom and line never touch a bare edge.', hole)),
    step(
      'Dry-fit with everything on',
      'hands',
      'Pump lead through its slot, hoses and exhaust on, clamp heads clear of the shroud.',
    ),
    ...sorted
      .filter((h) => h.kind === 'screw')
      .map((hole) =>
        step(
          `Pilot for the screw “${hole.name}”`,
          toolFor('screw', hole.radius * 2),
          'Through the plate; no deeper than the screw is long.',
          hole,
        ),
      ),
    ...rowsOf(build.lists, 'seals').map((seal) =>
      step(
        `${seal.kind ? sealKinds[seal.kind].replace(/^./, (c) => c.toUpperCase()) : 'Sealant'}${seal.name ? `: ${seal.name}` : ''}`,
        'gun or brush',
        seal.cureH === undefined
          ? 'Let it cure as its tin says before heat or water.'
          : `${formatShort(seal.cureH, 1)} h by its tin before heat or water.`,
      ),
    ),
    step(
      'Bolt it down',
      'spanner',
      valueAt(build.sheets, 'siting.studThread')
        ? `Washer and nut on each ${valueAt(build.sheets, 'siting.studThread') ?? ''} stud, drawn down crosswise.`
        : 'Washer and nut on each stud, drawn down crosswise.',
    ),
  ];
}

/** When a sealant may meet heat or water, and how long that still is; null where nothing was noted. */
export function cureState(
  seal: { appliedAt?: string; cureH?: number; hardAt?: string },
  nowMs: number,
): { dueMs: number; leftMs: number } | null {
  if (seal.appliedAt === undefined || seal.cureH === undefined) return null;
  const dueMs = Date.parse(seal.appliedAt) + seal.cureH * 3600_000;
  return { dueMs, leftMs: Math.max(0, dueMs - nowMs) };
}
