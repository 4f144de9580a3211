import { curveMonotoneX, line as lineOf } from 'd3';
import { segmentRows } from '../../../model/fuel/routeOf';
import { formatFixed, formatShort } from '../../../units/formatNumber';
import type { RunDrawing, Spot } from '../marks';
import { closed, polyline, shape, type Pen } from '../Pen';
import type { RunGeometry } from '../runGeometry';
import type { PumpPlace } from './pump';
import type { TankMarks } from './tank';

export interface LineMarks {
  segments: RunDrawing['segments'];
  filterAt: Spot;
  /** the ways as they are drawn, for labels to give way to */ ways: Spot[][];
}

/** A soft curve, for a line that is known by its rough lengths alone. */
const soft = lineOf<Spot>(
  ({ x }) => Math.round(x * 10) / 10,
  ({ y }) => Math.round(y * 10) / 10,
).curve(curveMonotoneX);
const between = (a: Spot, b: Spot, shareX: number, shareY: number): Spot => ({
  x: a.x + (b.x - a.x) * shareX,
  y: a.y + (b.y - a.y) * shareY,
});
const riseText = ({ heaterIn, pumpIn }: RunGeometry): string => {
  const rise = heaterIn.z - pumpIn.z;
  return rise >= 0 ? `rises ${formatFixed(rise)} mm` : `falls ${formatFixed(-rise)} mm`;
};

/** The fuel line before and after the pump: as it runs where its segments are known, else as a soft curve; with filter and joints. */
export function drawLine(pen: Pen, { pickup }: TankMarks, { inlet, outlet }: PumpPlace): LineMarks {
  const { geometry } = pen;
  const heaterIn = pen.at(geometry.heaterIn);
  const sideOf = (side: 'suction' | 'pressure') => geometry.segments.filter((segment) => segment.side === side);
  const [before, after] = [sideOf('suction'), sideOf('pressure')];
  const suction = [pickup.top, ...before.map(({ to }) => pen.at(to))];
  const pressure = [outlet, ...after.map(({ to }) => pen.at(to))];
  const softSuction = [pickup.top, between(pickup.top, inlet, 0.5, 0.25), inlet];
  const softPressure = [
    outlet,
    between(outlet, heaterIn, 0.12, 0.3),
    { x: heaterIn.x - (heaterIn.x - outlet.x) * 0.06, y: heaterIn.y + (outlet.y - heaterIn.y) * 0.08 },
    heaterIn,
  ];
  const way = (known: boolean, spots: readonly Spot[], curve: Spot[]) => (known ? polyline(spots) : (soft(curve) ?? ''));
  pen.draw('suction', 'fuel', way(before.length > 0, suction, softSuction), {
    width: pen.width('suction') + 1.5,
    name: 'suction',
  });
  pen.draw('line', 'fuel', way(after.length > 0, pressure, softPressure), { width: pen.width('line') + 1.5, name: 'pressure' });
  const place = pen.value('fuel.filterPlace');
  const filterEnd = geometry.segments.find(({ end }) => end === 'filter')?.to;
  const end = filterEnd && pen.at(filterEnd);
  // A filter that ends the last segment before the pump stands a little before it.
  const inLine = end && (filterEnd === geometry.pumpIn ? { x: end.x - 22, y: end.y - 3 } : end);
  const filterAt =
    inLine ?? (place === 'afterPump' ? between(outlet, heaterIn, 0.12, 0.3) : between(pickup.top, inlet, 0.5, 0.25));
  if (place !== 'none' || filterEnd) drawFilter(pen, filterAt);
  for (const { end: kind, side, to } of geometry.segments)
    if (kind === 'joint') {
      const { x, y } = pen.at(to);
      const d = shape((p) => p.rect(x - 5, y - 4, 10, 8));
      pen.draw(side === 'suction' ? 'suction' : 'line', 'ink', d, { fill: 'paper', width: 1.25, name: 'joint' });
    }
  return {
    filterAt,
    ways: [before.length > 0 ? suction : [pickup.top, filterAt, inlet], after.length > 0 ? pressure : [outlet, heaterIn]],
    segments: geometry.segments.map(({ id, name, side, from, to }, i) => {
      const own = side === 'pressure' && id === after[0]?.id ? outlet : pen.at(from);
      const joint = geometry.segments[i + 1]?.side === side;
      return { id, name, d: polyline([own, pen.at(to)]), from: own, to: pen.at(to), joint };
    }),
  };
}

/** The filter: a cup that points along its arrow, with its folded paper in it and a nipple at each end. */
function drawFilter(pen: Pen, { x, y }: Spot): void {
  const back = pen.value('fuel.filterDirection') === 'againstFlow' ? -1 : 1;
  const at = (along: number, beside: number): Spot => ({ x: x + along * back, y: y + beside });
  const nipples = [
    [-19, -13],
    [13, 19],
  ].map(([from = 0, to = 0]) => closed([at(from, -3), at(to, -3), at(to, 3), at(from, 3)]));
  pen.draw('filter', 'ink', nipples.join(''), { fill: 'paper', width: 1.25, name: 'filter nipples' });
  const d = closed([at(-13, -9), at(6, -9), at(14, 0), at(6, 9), at(-13, 9)]);
  pen.draw('filter', 'ink', d, { fill: 'paper', name: 'filter' });
  const folds = [-8, -4, 0, 4].map((along) => polyline([at(along - 1.5, -5.5), at(along + 1.5, 5.5)])).join('');
  pen.draw('filter', 'ink', folds, { ink: 'fitted', width: 1, name: 'filter paper' });
}

/** How long the line is, before the pump and after it. */
export function writeLine(pen: Pen, { tank, pickup }: TankMarks, { inlet, outlet }: PumpPlace, { filterAt }: LineMarks): void {
  const { geometry } = pen;
  const rows = segmentRows(pen.build.lists);
  const lengths = new Map(rows.map((row) => [row.id, row.lengthM ?? 0]));
  const metres = (side: 'suction' | 'pressure', rough: number | null): number | null => {
    const known = geometry.segments.filter((segment) => segment.side === side);
    return known.length > 0 ? known.reduce((sum, { id }) => sum + (lengths.get(id) ?? 0), 0) : rough;
  };
  const heaterIn = pen.at(geometry.heaterIn);
  const suctionM = metres('suction', pen.value('fuel.suctionLengthM'));
  if (suctionM !== null) {
    const x = Math.max(tank.x + tank.w + 8, (pickup.top.x + inlet.x) / 2 - 40);
    pen.write('suction', { x, y: Math.max(pickup.top.y, filterAt.y) + 26 }, `${formatShort(suctionM)} m`);
  }
  const boreMm = rows.find(({ side }) => side === 'pressure')?.boreMm ?? pen.value('fuel.pressureBoreMm');
  const lineM = metres('pressure', pen.value('fuel.pressureLengthM'));
  if (lineM === null) return;
  const bore = boreMm === null ? '' : `bore ${formatShort(boreMm, 1)} mm, `;
  const y = Math.min(pen.scale.y(geometry.pumpIn.z), heaterIn.y + 44) + 10;
  pen.write(
    'line',
    { x: outlet.x + (heaterIn.x - outlet.x) * 0.42, y },
    `${formatShort(lineM)} m, ${bore}${riseText(geometry)}`,
    {
      anchor: 'middle',
    },
  );
}
