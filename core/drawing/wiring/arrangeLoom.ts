import { Graph, layout as arrange } from '@dagrejs/dagre';
import { isSignal, type CableRow, type LoomRow } from '../../model/wiring/loomOf';

/** px */
export interface Spot {
  x: number;
  y: number;
}
export const box = { w: 100, h: 44 } as const;
const tags = { across: { w: 92, h: 34 }, down: { w: 62, h: 50 } } as const;
/** Narrower than this nothing is moved by hand: it is drawn from the top down. */
export const movableFromPx = 620;
export const edgePx = 8;
/** px from a wire that hangs to what is written beside it */
export const asidePx = 6;
/** Leads to signals lie so far apart, px. */
const busPx = 7;

/** Where parts stand, and by which way their wires go, as long as nobody has moved one. */
export interface Arranged {
  width: number;
  height: number;
  across: boolean;
  spots: ReadonlyMap<string, Spot>;
  ways: ReadonlyMap<string, { points: readonly Spot[]; label: Spot }>;
}
/** What carries current as dagre lays it; what only has to do with signals in rows below, each under what it hangs on. */
function arranged(parts: readonly LoomRow[], cables: readonly CableRow[], across: boolean, width: number): Arranged {
  const tag = across ? tags.across : tags.down;
  const graph = new Graph({ multigraph: true });
  graph.setGraph({
    rankdir: across ? 'LR' : 'TB',
    nodesep: across ? 18 : 8,
    edgesep: across ? 14 : 8,
    ranksep: 6,
    marginx: edgePx,
    marginy: edgePx + 6,
  });
  const powered = parts.filter(({ kind }) => kind === undefined || !isSignal(kind));
  for (const { id } of powered) graph.setNode(id, { width: box.w, height: box.h });
  const known = new Set(powered.map(({ id }) => id));
  for (const { id, fromId = '', toId = '', wire } of cables) {
    if (!known.has(fromId) || !known.has(toId) || fromId === toId) continue;
    // The way back lies beside the way out: from the battery on, whichever way it is told.
    const [a, b] = wire === 'minus' ? [toId, fromId] : [fromId, toId];
    graph.setEdge(a, b, { width: tag.w, height: tag.h, labelpos: across ? 'c' : 'r', labeloffset: asidePx }, id);
  }
  if (powered.length > 0) arrange(graph);
  const found = graph.graph() as { width?: number; height?: number };
  const spots = new Map(powered.map(({ id }) => [id, graph.node(id) as unknown as Spot]));
  const ways = new Map<string, { points: readonly Spot[]; label: Spot }>(
    graph.edges().map((edge) => {
      const { points, x, y } = graph.edge(edge) as unknown as { points: Spot[]; x: number; y: number };
      // Beside a wire that hangs its label begins to the right of it.
      return [edge.name ?? '', { points, label: { x: across ? x : x - tag.w / 2, y } }] as const;
    }),
  );
  const signals = parts.filter(({ id }) => !known.has(id));
  const [pitch, deep] = [box.w + 12, box.h + 40];
  const inRow = Math.max(1, Math.floor((Math.max(width, found.width ?? 0) - 2 * edgePx + 12) / pitch));
  const leads = cables.filter(({ fromId = '', toId = '' }) => known.has(fromId) !== known.has(toId));
  // Leads to signals run below all that carries current, each at a height of its own.
  const bus = (found.height ?? 0) + 4;
  const top = bus + leads.length * busPx + 14 + box.h / 2;
  signals.forEach(({ id }, i) => {
    const row = Math.floor(i / inRow);
    const inThis = Math.min(inRow, signals.length - row * inRow);
    const middle = Math.max(width, found.width ?? 0) / 2;
    spots.set(id, { x: middle + ((i % inRow) - (inThis - 1) / 2) * pitch, y: top + row * deep });
  });
  leads.forEach(({ id, fromId = '', toId = '' }, i) => {
    const [a, b] = known.has(fromId) ? [fromId, toId] : [toId, fromId];
    const [from, to] = [spots.get(a), spots.get(b)];
    if (!from || !to) return;
    const aside = (i - (leads.length - 1) / 2) * Math.min(10, (box.w - 20) / Math.max(1, leads.length));
    const y = bus + i * busPx;
    const [x0, x1] = [from.x + aside, to.x + aside / 2];
    ways.set(id, { points: [{ x: x0, y: from.y + box.h / 2 }, { x: x0, y }, { x: x1, y }, { x: x1, y: to.y - box.h / 2 }], label: { x: x1, y } }); // prettier-ignore
  });
  const rows = Math.ceil(signals.length / inRow);
  return {
    width: found.width ?? 0,
    height: rows === 0 ? (found.height ?? 0) : top + (rows - 1) * deep + box.h / 2 + edgePx,
    across,
    spots,
    ways,
  };
}
// The same rows lie the same way, and are drawn with every figure that changes: what was arranged is kept as long as its rows are.
const kept = new WeakMap<readonly CableRow[], Map<string, Arranged>>();
/** From the left to the right where that fits, else from the top down. */
export function arrangedOnce(parts: readonly LoomRow[], cables: readonly CableRow[], width: number): Arranged {
  const ofCables = kept.get(cables) ?? new Map<string, Arranged>();
  kept.set(cables, ofCables);
  const key = `${width} ${parts.map(({ id, kind }) => `${id}${kind}`).join(' ')}`;
  const known = ofCables.get(key);
  if (known) return known;
  const across = width >= movableFromPx ? arranged(parts, cables, true, width) : null;
  const found = across && across.width <= width ? across : arranged(parts, cables, false, width);
  ofCables.set(key, found);
  return found;
}
