import type { Route } from './Route';

export interface CutPiece {
  name: string;
  lengthMm: number;
}
export interface CutItem {
  item: 'line' | 'joiners' | 'hose clips' | 'line clips' | 'conduit';
  /** mm for line and conduit, else pieces */ needed: number;
  kit: number;
  buy: number;
  note: string;
}
export interface CutList {
  pieces: (CutPiece & { boreMm: number; /** which stock length it is cut from */ from: number })[];
  /** What is left of each stock length, mm. */
  offcuts: number[];
  items: CutItem[];
}
export interface CutFacts {
  route: Route;
  /** a stock length of line, mm */ stockMm: number;
  kit: { lineMm: number; joiners: number; hoseClips: number; lineClips: number; conduitMm: number };
  lineClips: number;
  conduitMm: number;
}

/** Added to each piece for cutting square, mm. Lorbet's own choice, no source. */
export const squareMm = 5;

/** Segments between two joints or components: what is cut in one. */
function piecesOf(route: Route): (CutPiece & { boreMm: number })[] {
  const pieces: (CutPiece & { boreMm: number })[] = [];
  let open: (CutPiece & { boreMm: number }) | null = null;
  route.segments.forEach((segment, i) => {
    const next = route.segments[i + 1];
    open = open
      ? { ...open, lengthMm: open.lengthMm + segment.lengthM * 1000 }
      : { name: segment.name, lengthMm: segment.lengthM * 1000, boreMm: segment.boreMm };
    if (!next || next.side !== segment.side || segment.end !== 'on' || next.boreMm !== segment.boreMm) {
      pieces.push({ ...open, lengthMm: Math.round(open.lengthMm) + squareMm });
      open = null;
    }
  });
  return pieces;
}

/**
 * What to cut and what to buy: pieces of line packed into stock lengths (the longest first, each into the first that takes it),
 * two joiners a component and one a joint and an end, two hose clips a joiner; less what the kit gives.
 * @throws RangeError where a piece is longer than a stock length: it would need a joint more
 * @source counts: common practice; packing: first fit decreasing (Johnson 1973, from memory)
 */
export function cutList({ route, stockMm, kit, lineClips, conduitMm }: CutFacts): CutList {
  const pieces = piecesOf(route);
  const tooLong = pieces.find(({ lengthMm }) => lengthMm > stockMm);
  if (tooLong)
    throw new RangeError(
      `The piece “${tooLong.name}” is ${tooLong.lengthMm} mm long; a stock length has ${stockMm} mm. Buy it longer, or plan a joint there.`,
    );
  const left: { boreMm: number; mm: number }[] = [];
  const placed = [...pieces]
    .sort((a, b) => b.lengthMm - a.lengthMm)
    .map((piece) => {
      let from = left.findIndex(({ boreMm, mm }) => boreMm === piece.boreMm && mm >= piece.lengthMm);
      if (from === -1) from = left.push({ boreMm: piece.boreMm, mm: stockMm }) - 1;
      const stock = left[from];
      if (stock) stock.mm -= piece.lengthMm;
      return { ...piece, from: from + 1 };
    });
  const inLine = route.segments.filter(({ end }) => end === 'joint').length;
  const filters = Math.max(1, route.segments.filter(({ end }) => end === 'filter').length);
  const steps = route.segments.filter((segment, i) => {
    const next = route.segments[i + 1];
    return next?.side === segment.side && segment.end === 'on' && next.boreMm !== segment.boreMm;
  }).length;
  // Two at the pump, two at each filter, one at the pickup, one at the heater, one at each joint and each step of the bore.
  const joiners = 2 + 2 * filters + 2 + inLine + steps;
  const line = pieces.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
  const item = (name: CutItem['item'], needed: number, has: number, note: string): CutItem => ({
    item: name,
    needed,
    kit: has,
    buy: Math.max(0, needed - has),
    note,
  });
  return {
    pieces: placed,
    offcuts: left.map(({ mm }) => mm),
    items: [
      item(
        'line',
        line,
        kit.lineMm,
        `${left.length} stock ${left.length === 1 ? 'length' : 'lengths'}, ${squareMm} mm a piece for cutting square`,
      ),
      item('joiners', joiners, kit.joiners, 'two a component, one a joint and an end'),
      item('hose clips', joiners * 2, kit.hoseClips, 'two a joiner'),
      item('line clips', lineClips, kit.lineClips, 'rubber-lined P-clips, along the line'),
      item('conduit', Math.round(conduitMm), kit.conduitMm, 'where the line is sheathed'),
    ],
  };
}
