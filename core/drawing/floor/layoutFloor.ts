import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { figureAt, valueAt } from '../../build/sheets';
import { takeAssumed } from '../../build/takeAssumed';
import { formatFixed } from '../../units/formatNumber';
import { foulsOf, hotClear, inletClear, thingsInTheWay } from '../../model/siting/checkPlace';
import { ventMarks, type VentMark } from '../vent/ventMarks';
import { toFloor, type FloorPoint, type HeaterPoint, type Place } from '../../model/siting/frame';
import { placeOf, sitingPlan, type SitingPlan, type Thing } from '../../model/siting/SitingPlan';

export type FloorView = 'above' | 'below';
export interface FloorBox {
  id: string;
  name: string;
  kind: Thing['kind'];
  where: 'below' | 'above';
  x: number;
  y: number;
  w: number;
  h: number;
  /** the heater or a hole fouls it */ bad: boolean;
  /** px; null where the name would not fit */ label: { x: number; y: number; upright: boolean } | null;
}
export interface FloorDrawing {
  width: number;
  height: number;
  /** px a mm */ scale: number;
  floor: { x: number; y: number; w: number; h: number };
  /** whether floor and heater have sizes, so that it is to scale */ known: boolean;
  /** whether its size or the heater's place is only assumed */ assumed: boolean;
  grid: string;
  things: FloorBox[];
  /** null while nobody has said where the heater stands */
  heater: {
    outline: string;
    inletZone: string;
    hotZone: string;
    arrow: string;
    middle: { x: number; y: number };
    box: { x: number; y: number; w: number; h: number };
    inletMm: number;
    hotMm: number;
    /** lines to the front and the left side, with their lengths in words */ dims: {
      d: string;
      x: number;
      y: number;
      text: string;
      upright: boolean;
    }[];
  } | null;
  holes: { id: string; name: string; x: number; y: number; r: number; bad: boolean }[];
  datums: { id: string; name: string; d: string; x: number; y: number }[];
  targets: { name: string; x: number; y: number }[];
  /** openings for air whose place is known, drawn as large as they are on edge */ vents: VentMark[];
  sides: { text: string; x: number; y: number; upright: boolean; anchor: 'middle' | 'end' }[];
}

const pads = {
  bare: { left: 34, right: 14, top: 24, bottom: 26 },
  /** with room round it for what is typed there (floorForm) */ form: { left: 122, right: 122, top: 76, bottom: 98 },
};
/** mm: as a floor is drawn whose size nobody has said. */
const floorOf = ['siting.floorLengthMm', 'siting.floorWidthMm', 'siting.heaterXMm', 'siting.heaterYMm'] as const;
const unsaid = { length: 3000, width: 1700 };
/** A floor of which nothing is known but perhaps one side. */
const bareFloor = (build: Build): SitingPlan => ({
  floor: {
    length: valueAt(build.sheets, 'siting.floorLengthMm') ?? unsaid.length,
    width: valueAt(build.sheets, 'siting.floorWidthMm') ?? unsaid.width,
  },
  heater: { length: 0, width: 0 },
  below: [],
  above: [],
  holes: [],
  limits: { inlet: 0, hot: 0, side: 0, cut: 0, hotHole: 0 },
  targets: { duct: null, fuel: null, battery: null },
});
const gridMm = 250;
const round = (n: number) => Math.round(n * 10) / 10;

/**
 * The floor sheet to scale, front at the left. From above the left side of the body lies below on the page; as seen lying underneath it is mirrored, and lies above.
 * @param width px; most px, the most height it may take
 * @param moved a thing that is being dragged, and by how much, mm
 * @param form whether figures are typed round it; a floor whose size nobody has said is then drawn of a usual one, and says so
 */
export function layoutFloor(
  kept: Build,
  view: FloorView,
  width: number,
  max: number,
  { moved = null, form = false }: { moved?: { id: string; dx: number; dy: number } | null; form?: boolean } = {},
): FloorDrawing | null {
  const build = takeAssumed(kept);
  const known = sitingPlan(build);
  if (!known && !form) return null;
  const pad = form ? pads.form : pads.bare;
  const drawn = known ?? bareFloor(build);
  const plan: SitingPlan = moved ? { ...drawn, below: drawn.below.map(shift), above: drawn.above.map(shift) } : drawn;
  function shift(thing: Thing): Thing {
    return moved && thing.id === moved.id ? { ...thing, x: thing.x + moved.dx, y: thing.y + moved.dy } : thing;
  }
  const { floor } = plan;
  const scale = Math.min((width - pad.left - pad.right) / floor.length, (max - pad.top - pad.bottom) / floor.width);
  const [w, h] = [floor.length * scale, floor.width * scale];
  const height = Math.round(h + pad.top + pad.bottom);
  const x = (mm: number) => round(pad.left + mm * scale);
  const y = (mm: number) => round(view === 'above' ? pad.top + h - mm * scale : pad.top + mm * scale);
  const at = (p: FloorPoint) => `${x(p.x)},${y(p.y)}`;
  const lines: string[] = [];
  for (let mm = gridMm; mm < floor.length; mm += gridMm) lines.push(`M${x(mm)},${pad.top}v${round(h)}`);
  for (let mm = gridMm; mm < floor.width; mm += gridMm) lines.push(`M${pad.left},${y(mm)}h${round(w)}`);

  const place = known && placeOf(build);
  const fouls = place ? foulsOf(plan, place) : [];
  const inWay = place ? thingsInTheWay(plan, place).map(({ id }) => id) : [];
  const box =
    (where: 'below' | 'above') =>
    (thing: Thing): FloorBox => {
      const [bw, bh] = [thing.length * scale, thing.width * scale];
      const [bx, by] = [x(thing.x), view === 'above' ? y(thing.y + thing.width) : y(thing.y)];
      const needs = thing.name.length * 7 + 6;
      const upright = bw < needs && bh >= needs;
      const fits = (upright ? bw : bh) >= 13 && (upright ? bh : bw) >= needs;
      return {
        id: thing.id,
        name: thing.name,
        kind: thing.kind,
        where,
        x: bx,
        y: by,
        w: round(Math.max(bw, 2)),
        h: round(Math.max(bh, 2)),
        bad: where === 'above' ? inWay.includes(thing.id) : fouls.some((f) => f.thing.id === thing.id),
        label: fits ? { x: round(bx + bw / 2), y: round(by + bh / 2 + (upright ? 0 : 4)), upright } : null,
      };
    };
  return {
    width,
    height,
    scale,
    floor: { x: pad.left, y: pad.top, w: round(w), h: round(h) },
    known: known !== null,
    assumed: floorOf.some((path) => figureAt(build.sheets, path).assumed === true),
    grid: known ? lines.join('') : '',
    things: [...plan.below.map(box('below')), ...plan.above.map(box('above'))],
    heater: place && heaterMarks(plan, place, { x, y, at, scale }),
    holes: place
      ? plan.holes.map((hole) => {
          const p = toFloor(place, hole);
          return {
            id: hole.id,
            name: hole.name,
            x: x(p.x),
            y: y(p.y),
            r: round(Math.max(hole.radius * scale, 1.5)),
            bad: fouls.some((f) => f.hole.id === hole.id),
          };
        })
      : [],
    datums: rowsOf(build.lists, 'datums').flatMap(({ id, name, axis, atMm }) =>
      axis === undefined || atMm === undefined
        ? []
        : axis === 'front'
          ? [{ id, name: name ?? 'datum', d: `M${x(atMm)},${pad.top}v${round(h)}`, x: x(atMm) + 3, y: pad.top + 12 }]
          : [{ id, name: name ?? 'datum', d: `M${pad.left},${y(atMm)}h${round(w)}`, x: pad.left + 4, y: y(atMm) - 3 }],
    ),
    vents: ventMarks(build, (mm) => ({ x: x(mm.x), y: y(mm.y) }), scale),
    targets: (['duct', 'fuel', 'battery'] as const).flatMap((name) => {
      const p = plan.targets[name];
      return p ? [{ name, x: x(p.x), y: y(p.y) }] : [];
    }),
    sides: [
      { text: 'front', x: pad.left - 8, y: round(pad.top + h / 2), upright: true, anchor: 'middle' as const },
      ...[
        { text: view === 'above' ? 'right side' : 'left side', y: pad.top - 9 },
        { text: view === 'above' ? 'left side' : 'right side', y: round(pad.top + h + 17) },
        // Where figures are typed in the middle of an edge its name stands at its end.
      ].map((one) => ({
        ...one,
        x: round(form ? pad.left + w : pad.left + w / 2),
        upright: false,
        anchor: form ? ('end' as const) : ('middle' as const),
      })),
    ],
  };
}

interface Scale {
  x: (mm: number) => number;
  y: (mm: number) => number;
  at: (p: FloorPoint) => string;
  scale: number;
}
function heaterMarks(plan: SitingPlan, place: Place, { x, y, at, scale }: Scale): NonNullable<FloorDrawing['heater']> {
  const [end, half] = [plan.heater.length / 2, plan.heater.width / 2];
  const shape = (points: readonly HeaterPoint[]) => `M${points.map((p) => at(toFloor(place, p))).join('L')}Z`;
  const rect = (from: number, to: number) =>
    shape([
      { along: from, across: -half },
      { along: to, across: -half },
      { along: to, across: half },
      { along: from, across: half },
    ]);
  const tip = toFloor(place, { along: end * 0.8, across: 0 });
  const [back1, back2] = [-1, 1].map((side) => toFloor(place, { along: end * 0.5, across: side * half * 0.45 }));
  const corners = [-end, end].flatMap((along) => [-half, half].map((across) => toFloor(place, { along, across })));
  const xs = corners.map((p) => x(p.x));
  const ys = corners.map((p) => y(p.y));
  // Large enough for a thumb, whatever the scale.
  const grow = (low: number, high: number) => Math.max(0, (44 - (high - low)) / 2);
  const [gx, gy] = [grow(Math.min(...xs), Math.max(...xs)), grow(Math.min(...ys), Math.max(...ys))];
  const middle = { x: x(place.x), y: y(place.y) };
  return {
    outline: rect(-end, end),
    inletZone: rect(-end - plan.limits.inlet, -end),
    hotZone: rect(end, end + plan.limits.hot),
    arrow: `M${at(toFloor(place, { along: -end * 0.3, across: 0 }))}L${at(tip)}M${at(back1 ?? tip)}L${at(tip)}L${at(back2 ?? tip)}`,
    middle,
    box: {
      x: round(Math.min(...xs) - gx),
      y: round(Math.min(...ys) - gy),
      w: round(Math.max(...xs) - Math.min(...xs) + 2 * gx),
      h: round(Math.max(...ys) - Math.min(...ys) + 2 * gy),
    },
    inletMm: inletClear(plan, place),
    hotMm: hotClear(plan, place),
    dims: [
      {
        d: `M${x(0)},${middle.y}H${middle.x}`,
        x: round((x(0) + middle.x) / 2),
        y: middle.y - 5,
        text: `${formatFixed(place.x)} mm`,
        upright: false,
      },
      {
        d: `M${middle.x},${y(0)}V${middle.y}`,
        x: middle.x + 5,
        y: round((y(0) + middle.y) / 2),
        text: `${formatFixed(place.y)} mm`,
        upright: false,
      },
    ].map((dim, i) => ({ ...dim, text: scale * (i === 0 ? place.x : place.y) < 40 ? '' : dim.text })),
  };
}

/** How near a datum draws the heater's middle to itself, mm. */
const snapMm = 8;

/** The heater moved by so much: on whole millimetres, drawn to a datum that is near, and kept on the floor. */
export function movePlace(build: Build, from: Place, dx: number, dy: number, snap: boolean): Place {
  const plan = sitingPlan(build);
  const near = (axis: 'front' | 'left', mm: number) =>
    rowsOf(build.lists, 'datums')
      .flatMap((datum) =>
        datum.axis === axis && datum.atMm !== undefined && Math.abs(datum.atMm - mm) <= snapMm ? [datum.atMm] : [],
      )
      .sort((a, b) => Math.abs(a - mm) - Math.abs(b - mm))[0];
  const fit = (mm: number, max: number) => Math.min(Math.max(0, Math.round(mm)), max);
  const [x, y] = [from.x + dx, from.y + dy];
  return {
    x: (snap ? near('front', x) : undefined) ?? fit(x, plan?.floor.length ?? 20000),
    y: (snap ? near('left', y) : undefined) ?? fit(y, plan?.floor.width ?? 10000),
    turnDeg: from.turnDeg,
  };
}
