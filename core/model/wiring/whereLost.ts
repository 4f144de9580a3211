import { isInLine, mainSource, pole, type Loom, type LoomMoment, type LoomPart, isNode } from './loomOf';

/** What the heater's current passes between the battery’s posts, in its order: first out by the plus, then back by the minus. */
export interface Passed {
  /** of its row, or of a part's minus `id:minus` */ id: string;
  name: string;
  isWire: boolean;
  side: 'plus' | 'minus';
  from: string;
  to: string;
  /** lost in it under glow, V */ lostV: number;
}
/** Less than this share of the heater’s current is no part of its way. Lorbet’s own choice, no source. */
const leastShare = 0.05;

/** Everything that the heater’s current passes. */
export function feedPath(loom: Loom): Passed[] {
  const { volts, amps } = loom.at('start');
  const drawn = loom.draws.start[0]?.amps ?? 0;
  const sources = new Set(loom.sources.map(({ id }) => id));
  const heaterPlusV = volts.get(pole(loom.heater.id, 'plus')) ?? 0;
  const v = (node: string) => volts.get(node) ?? 0;
  return loom.branches
    .filter(({ id }) => !sources.has(id) && Math.abs(amps.get(id) ?? 0) > leastShare * drawn)
    .map((branch): Passed => {
      const forth = (amps.get(branch.id) ?? 0) >= 0;
      const [from, to] = forth ? [branch.from, branch.to] : [branch.to, branch.from];
      const cable = loom.cables.find(({ id }) => id === branch.id);
      const own = branch.id.replace(/:minus$/, '');
      const part = loom.parts.find(({ id }) => id === own);
      // What lies above the heater's plus is on its way there.
      const side = v(to) >= heaterPlusV - 1e-9 ? 'plus' : 'minus';
      return {
        id: branch.id,
        name: cable?.name ?? part?.name ?? own,
        isWire: cable !== undefined,
        side,
        from,
        to,
        lostV: v(from) - v(to),
      };
    })
    .sort((a, b) => (a.side === b.side ? v(b.from) - v(a.from) || v(b.to) - v(a.to) : a.side === 'plus' ? -1 : 1));
}

/** A place where a meter is held, and what it should show there. */
export interface TestPoint {
  id: string;
  name: string;
  /** V against the battery’s minus; of battery and heater across their own poles */ expectedV: Readonly<
    Record<'rest' | 'start' | 'run', number>
  >;
  /** under glow, as read; null where nobody has */ measuredV: number | null;
  /** how many of what the current passes come before it */ after: number;
}

/** Every place of the loom where a meter can be held, in the order of the heater’s current. */
export function testPoints(loom: Loom): TestPoint[] {
  const path = feedPath(loom);
  const source = mainSource(loom);
  const volt = (moment: LoomMoment, node: string) => loom.at(moment).volts.get(node) ?? 0;
  const across = (part: LoomPart, moment: LoomMoment) =>
    volt(moment, pole(part.id, 'plus')) - volt(moment, pole(part.id, 'minus'));
  const point = (part: LoomPart, after: number, at: (moment: LoomMoment) => number): TestPoint => ({
    id: part.id,
    name: part.name,
    expectedV: { rest: at('rest'), start: at('start'), run: at('run') },
    measuredV: part.glowV ?? null,
    after,
  });
  const groundOf = pole(source.id, 'minus');
  const over = (node: string) => (moment: LoomMoment) => volt(moment, node) - volt(moment, groundOf);
  const plus = path.filter(({ side }) => side === 'plus').length;
  const between = loom.parts.flatMap((part): TestPoint[] => {
    const i = path.findIndex(({ id }) => id === part.id);
    // Behind what is in line; at an earth point on the wire's end, so that what it sits on counts as lost behind it.
    if (isInLine(part.kind) && i >= 0) return [point(part, i + 1, over(path[i]?.to ?? ''))];
    if (part.kind === 'earth' && i >= 0) return [point(part, i, over(path[i]?.from ?? ''))];
    const comes = path.findIndex(({ to }) => to === part.id);
    return isNode(part.kind) && comes >= 0 ? [point(part, comes + 1, over(part.id))] : [];
  });
  const sorted = between.sort((a, b) => a.after - b.after);
  return [
    point(source, 0, (moment) => across(source, moment)),
    ...sorted.filter(({ after }) => after <= plus),
    point(loom.heater, plus, (moment) => across(loom.heater, moment)),
    ...sorted.filter(({ after }) => after > plus),
  ];
}

/** Between two places where a meter was held. */
export interface Stretch {
  from: string;
  to: string;
  lostV: number;
  expectedV: number;
  /** what sits there more than it should, mΩ; below 0 where there is less */ extraMohm: number;
  /** what it may be, what makes and breaks before wires */ suspects: readonly string[];
}
export interface WhereLost {
  /** in the order of the heater’s current */ stretches: readonly Stretch[];
  /** the one that loses most beyond what it should; null where none does */ worst: Stretch | null;
  /** where the next reading would tell most; null where nothing is left to tell apart */ next: string | null;
  /** the battery’s own volts under glow were not read: what it sags is taken as it should be */ batteryAssumed: boolean;
}
/** Less is within what a meter and its leads tell. Lorbet’s own choice, no source. */
const tellsV = 0.08;

/**
 * Where the volts go, by what a meter has read under glow.
 * @returns null while nobody has read the heater’s plug or anything else but the battery
 */
export function whereLost(loom: Loom): WhereLost | null {
  const path = feedPath(loom);
  const points = testPoints(loom);
  const [battery, heater] = [points[0], points.find(({ id }) => id === loom.heater.id)];
  const amps = loom.draws.start[0]?.amps ?? 0;
  if (!battery || !heater || amps <= 0) return null;
  const sourceV = battery.measuredV ?? battery.expectedV.start;
  const plus = heater.after;
  const lostAll = {
    read: heater.measuredV === null ? null : sourceV - heater.measuredV,
    expected: battery.expectedV.start - heater.expectedV.start,
  };
  /** Lost before a place; of the way back only once the heater's plug was read. */
  const lostBefore = ({ id, after, measuredV, expectedV }: TestPoint): { read: number; expected: number } | null => {
    if (id === battery.id) return { read: 0, expected: 0 };
    if (measuredV === null || id === heater.id) return null;
    if (after <= plus && expectedV.start >= heater.expectedV.start)
      return { read: sourceV - measuredV, expected: battery.expectedV.start - expectedV.start };
    return lostAll.read === null ? null : { read: lostAll.read - measuredV, expected: lostAll.expected - expectedV.start };
  };
  const read = [
    ...points.flatMap((point) => {
      const lost = lostBefore(point);
      return lost ? [{ name: point.name, at: point.after, ...lost }] : [];
    }),
    ...(lostAll.read === null
      ? []
      : [{ name: `${battery.name}, minus`, at: path.length, read: lostAll.read, expected: lostAll.expected }]),
  ].sort((a, b) => a.at - b.at);
  if (read.length < 2) return null;
  const stretches = read.slice(1).map((to, i): Stretch => {
    const from = read[i] ?? to;
    const within = path.slice(from.at, to.at);
    const [lostV, expectedV] = [to.read - from.read, to.expected - from.expected];
    const suspects = [...within.filter(({ isWire }) => !isWire), ...within.filter(({ isWire }) => isWire)].map(
      ({ name }) => name,
    );
    return { from: from.name, to: to.name, lostV, expectedV, extraMohm: ((lostV - expectedV) / amps) * 1000, suspects };
  });
  const worst = [...stretches].sort((a, b) => b.extraMohm - a.extraMohm)[0] ?? null;
  const told = worst && worst.lostV - worst.expectedV > tellsV ? worst : null;
  const [low, high] = told
    ? [read.find(({ name }) => name === told.from)?.at ?? 0, read.find(({ name }) => name === told.to)?.at ?? 0]
    : [0, path.length];
  const open = points.filter(({ id, after, measuredV }) => {
    if (measuredV !== null || after <= low || after >= high) return false;
    return id !== heater.id || lostAll.read === null;
  });
  const middle = (low + high) / 2;
  const next =
    lostAll.read === null ? heater : [...open].sort((a, b) => Math.abs(a.after - middle) - Math.abs(b.after - middle))[0];
  const more = told !== null || lostAll.read === null;
  return { stretches, worst: told, next: more ? (next?.name ?? null) : null, batteryAssumed: battery.measuredV === null };
}
