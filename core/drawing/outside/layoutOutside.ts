import type { Build } from '../../build/Build';
import { outsideKinds } from '../../build/listKinds';
import { figureAt } from '../../build/sheets';
import { takeAssumed } from '../../build/takeAssumed';
import {
  aimOf,
  apartMm,
  blows,
  downwind,
  openings,
  outsidePlan,
  pastRect,
  plume,
  type EndId,
  type OutsidePlan,
  type Spot,
  type Wind,
} from '../../model/air/outsidePlan';
import { placeOf } from '../../model/siting/SitingPlan';
import { formatFixed } from '../../units/formatNumber';
import { closed, polyline, round } from '../run/Pen';
import { ventMarks } from '../vent/ventMarks';
import { placeLabels, strokeBoxes, type Box } from '../run/placeLabels';

export interface OutsideBox {
  id: string;
  name: string;
  /** what is written beside it: its name, and of an opening for air what it leaves free */ text: string;
  /** an opening for air as plans show it; null of anything else, and while its size or level is unknown */
  vent: { d: string; shut: boolean } | null;
  kind: keyof typeof outsideKinds;
  opening: boolean;
  /** px */ x: number;
  y: number;
  w: number;
  h: number;
  label: Spot & { anchor: 'start' | 'middle' | 'end' };
}
export interface OutsideEnd extends Spot {
  id: EndId;
  /** its pipe from the heater, and the arrow in which it points */ pipe: string;
  arrow: string;
  label: Spot & { anchor: 'start' | 'middle' | 'end' };
  text: string;
  /** from the floor’s front, mm */ xMm: number;
  /** how surely its place is known: assumed, planned, or measured */ ink: 'unknown' | 'planned' | 'fitted';
}
export interface OutsideDrawing {
  width: number;
  height: number;
  /** px a mm */ scale: number;
  body: string;
  /** whether the body’s outline is only assumed */ bodyAssumed: boolean;
  heater: (Spot & { size: number }) | null;
  things: OutsideBox[];
  ends: OutsideEnd[];
  /** ends that nobody has placed yet */ unplaced: EndId[];
  /** where the gas goes by the wind that is looked at, and what lies there */ plume: { d: string; hit: string[] } | null;
  words: string;
}

/** mm round the body, so that an end can be dragged out of it. */
const roomMm = 600;
const arrowMm = 260;
const narrowPx = 520;

/** How an end stands, in a few words. */
function textOf(plan: OutsidePlan, id: EndId): string {
  const end = plan.ends[id];
  if (!end) return '';
  if (id === 'exhaust') {
    const past = Math.round(pastRect(end, plan.body));
    return past < 0 ? `exhaust, ${formatFixed(-past)} mm inside` : `exhaust, ${formatFixed(past)} mm past`;
  }
  const apart = apartMm(plan);
  return apart === null ? 'combustion air' : `combustion air, ${formatFixed(apart)} mm apart`;
}

/** An end is as surely drawn as the less known of its two figures. */
function inkOf(build: Build, id: EndId): OutsideEnd['ink'] {
  const both = (['XMm', 'YMm'] as const).map((axis) => figureAt(build.sheets, `ends.${id}${axis}`));
  if (both.some(({ assumed }) => assumed === true)) return 'unknown';
  return both.some(({ fitted }) => fitted === null) ? 'planned' : 'fitted';
}

/**
 * The outside plan to scale, from above, front at the left, the left side of the body below on the page.
 * @param moved an end or a thing that is being dragged, and by how much, mm
 * @returns null while nobody has said how large the floor is
 */
export function layoutOutside(
  kept: Build,
  width: number,
  most: number,
  { moved = null, wind = null }: { moved?: { id: string; dx: number; dy: number } | null; wind?: Wind | null } = {},
): OutsideDrawing | null {
  const build = takeAssumed(kept);
  const still = outsidePlan(build);
  if (!still) return null;
  const shift = <T extends Spot>(one: T, id: string): T =>
    moved?.id === id ? { ...one, x: one.x + moved.dx, y: one.y + moved.dy } : one;
  const plan: OutsidePlan = {
    ...still,
    ends: {
      exhaust: still.ends.exhaust && shift(still.ends.exhaust, 'exhaust'),
      intake: still.ends.intake && shift(still.ends.intake, 'intake'),
    },
    things: still.things.map((thing) => shift(thing, thing.id)),
  };
  const { body } = plan;
  const scale = Math.min(width / (body.length + 2 * roomMm), most / (body.width + 2 * roomMm));
  const height = Math.round((body.width + 2 * roomMm) * scale);
  const left = (width - body.length * scale) / 2;
  const x = (mm: number) => round(left + (mm - body.x) * scale);
  const y = (mm: number) => round(height - (mm - body.y + roomMm) * scale);
  const spot = (p: Spot): Spot => ({ x: x(p.x), y: y(p.y) });
  const rect = (a: Spot, b: Spot) => closed([spot(a), spot({ x: b.x, y: a.y }), spot(b), spot({ x: a.x, y: b.y })]);
  const place = placeOf(build);
  const heater = place ? { ...spot(place), size: round(Math.max(14, 260 * scale)) } : null;

  const endOf = (id: EndId): OutsideEnd[] => {
    const end = plan.ends[id];
    if (!end) return [];
    const at = spot(end);
    const aim = aimOf(plan, end);
    const tip = aim ? spot({ x: end.x + aim.x * arrowMm, y: end.y + aim.y * arrowMm }) : null;
    const away = tip ? Math.atan2(tip.y - at.y, tip.x - at.x) : 0;
    const barb = (turn: number): Spot => ({
      x: (tip?.x ?? 0) - 9 * Math.cos(away + turn),
      y: (tip?.y ?? 0) - 9 * Math.sin(away + turn),
    });
    const above = at.y < height / 2;
    return [
      {
        id,
        ...at,
        pipe: heater ? polyline([heater, { x: at.x, y: heater.y }, at]) : '',
        arrow: tip ? polyline([at, tip]) + polyline([barb(0.5), tip, barb(-0.5)]) : '',
        label: {
          x: round(Math.min(width - 8, Math.max(8, at.x + 14))),
          y: round(at.y + (above ? -14 : 24)),
          anchor: at.x > width * 0.66 ? 'end' : 'start',
        },
        text: textOf(plan, id),
        xMm: Math.round(end.x),
        ink: inkOf(build, id),
      },
    ];
  };
  const exhaust = plan.ends.exhaust;
  const hit = wind ? downwind(plan, wind) : [];
  const cone = (): string => {
    if (!wind || !exhaust) return '';
    const along = blows[wind];
    const tan = Math.tan((plume.halfDeg * Math.PI) / 180);
    const far = Math.min(plume.reachMm, body.length + roomMm);
    const wide = 100 + far * tan;
    const side = (by: number, ahead: number): Spot =>
      spot({ x: exhaust.x + along.x * ahead - along.y * by, y: exhaust.y + along.y * ahead + along.x * by });
    return closed([side(100, 0), side(wide, far), side(-wide, far), side(-100, 0)]);
  };
  const marks = new Map(ventMarks(build, (mm, id) => spot(shift(mm, id)), scale).map((mark) => [mark.id, mark]));
  const things = plan.things.map((thing): OutsideBox => {
    const mark = marks.get(thing.id);
    // On a narrow sheet names alone are crowded enough.
    const text = mark && width >= narrowPx ? `${thing.name}, ${mark.text}` : thing.name;
    const [w, h] = [Math.max(6, thing.length * scale), Math.max(6, thing.width * scale)];
    const [cx, cy] = [x(thing.x + thing.length / 2), y(thing.y + thing.width / 2)];
    const below = cy > height / 2;
    const within =
      thing.x > body.x &&
      thing.x < body.x + body.length &&
      thing.y > body.y + 150 &&
      thing.y + thing.width < body.y + body.width - 150;
    return {
      id: thing.id,
      name: thing.name,
      text,
      vent: mark ? { d: mark.d, shut: mark.shut } : null,
      kind: thing.kind,
      opening: openings.includes(thing.kind),
      x: round(cx - w / 2),
      y: round(cy - h / 2),
      w: round(w),
      h: round(h),
      label: {
        x: cx,
        y: round(within || fits(text, w, h) ? cy + 4 : below ? cy - h / 2 - 7 : cy + h / 2 + 16),
        anchor: 'middle',
      },
    };
  });
  const ends = [...endOf('intake'), ...endOf('exhaust')];
  const corners = [body, { x: body.x + body.length, y: body.y }, { x: body.x + body.length, y: body.y + body.width }, { x: body.x, y: body.y + body.width }, body].map(spot); // prettier-ignore
  settle(ends, things, heater, corners, { width, height });
  const told = [
    ...ends.map(({ text }) => text),
    ...things.map(({ text, kind }) => `${text} (${outsideKinds[kind]})`),
    ...(wind
      ? [
          hit.length === 0
            ? 'no opening lies downwind'
            : `downwind: ${hit.map(({ thing, mm }) => `${thing.name}, ${formatFixed(mm)} mm`).join(', ')}`,
        ]
      : []),
  ];
  return {
    width,
    height,
    scale,
    body: rect(body, { x: body.x + body.length, y: body.y + body.width }),
    bodyAssumed: (['siting.floorLengthMm', 'siting.floorWidthMm'] as const).some(
      (path) => figureAt(build.sheets, path).assumed === true,
    ),
    heater,
    things,
    ends,
    unplaced: (['exhaust', 'intake'] as const).filter((id) => plan.ends[id] === null),
    plume: wind && exhaust ? { d: cone(), hit: hit.map(({ thing }) => thing.id) } : null,
    words: told.join('; '),
  };
}

/** px: whether a name has room within its thing. */
const fits = (name: string, w: number, h: number): boolean => w >= name.length * 6.8 + 6 && h >= 16;

/** Labels give way to bodies, pipes and each other; those of the ends, which tell most, choose first. */
function settle(
  ends: readonly OutsideEnd[],
  things: readonly OutsideBox[],
  heater: (Spot & { size: number }) | null,
  body: readonly Spot[],
  sheet: { width: number; height: number },
): void {
  const obstacles: Box[] = [
    // The way of travel, and the body's own line.
    { cx: sheet.width / 2 + 20, cy: 16, w: 150, h: 18 },
    ...strokeBoxes(body, 2),
    ...things.map(({ x, y, w, h }) => ({ cx: x + w / 2, cy: y + h / 2, w, h })),
    ...ends.map(({ x, y }) => ({ cx: x, cy: y, w: 26, h: 26 })),
    ...(heater ? [{ cx: heater.x, cy: heater.y, w: heater.size, h: heater.size / 2 }] : []),
    ...(heater ? ends.flatMap((end) => strokeBoxes([heater, { x: end.x, y: heater.y }, end], 6)) : []),
  ];
  const labels = [
    ...ends.map(({ label, text }) => ({ label, wide: text.length * 7.6 })),
    // A name that fits into its thing stands there.
    ...things.flatMap(({ label, text, w, h }) => (fits(text, w, h) ? [] : [{ label, wide: text.length * 6.8 }])),
  ];
  const wanted = labels.map(({ label, wide: w }): Box => {
    const cx = label.anchor === 'middle' ? label.x : label.anchor === 'end' ? label.x - w / 2 : label.x + w / 2;
    return { cx, cy: label.y - 5, w, h: 17 };
  });
  placeLabels(wanted, obstacles, sheet).forEach(({ cx, cy }, i) => {
    const [label, from] = [labels[i]?.label, wanted[i]];
    if (label && from) Object.assign(label, { x: round(label.x + cx - from.cx), y: round(label.y + cy - from.cy) });
  });
}

/** Where an end that nobody has placed is set to begin with: out past the nearer side of the heater, so that it can be dragged from there. */
export function firstSpot(build: Build, id: EndId): Spot | null {
  const taken = takeAssumed(build);
  const [plan, place] = [outsidePlan(taken), placeOf(taken)];
  if (!plan) return null;
  const { body } = plan;
  const from = place ?? { x: body.x + body.length / 2, y: body.y + body.width / 2 };
  const right = from.y > body.y + body.width / 2;
  const out = right === (id === 'exhaust');
  return { x: Math.round(from.x), y: Math.round(out ? body.y + body.width + 40 : body.y - 40) };
}
