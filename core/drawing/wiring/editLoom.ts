import type { Build } from '../../build/Build';
import type { ListValues, RowOf } from '../../build/lists';
import { valueAt } from '../../build/sheets';
import { takeAssumed } from '../../build/takeAssumed';
import type { RowChange } from '../../commands/changeRows';
import { loomKinds } from '../../build/listKinds';
import { loomName, type LoomKind } from '../../model/wiring/loomOf';

type Part = Omit<RowOf<'loomParts'>, 'id'>;
type Cable = Omit<RowOf<'cables'>, 'id'>;
const given = <T extends object>(values: T): Record<string, string | number> =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined && value !== null));
const addPart = (row: string, values: Part): RowChange => ({ list: 'loomParts', row, action: 'add', values: given(values) });
const addCable = (row: string, values: Cable): RowChange => ({ list: 'cables', row, action: 'add', values: given(values) });
/** What a wire is called as long as nobody calls it otherwise. */
const between = (from: string, to: string, wire: Cable['wire']): string =>
  `${from} to ${to}${wire === 'minus' ? ', minus' : ''}`.slice(0, 40);
/** No wire is shorter than a list holds, m. */
const leastM = 0.02;

/**
 * A loom to begin with: what is known of the feed as one cable becomes battery, fuse, plug and heater, and the wires between.
 * Its joints are the fuse’s, so that it loses what the one cable lost.
 * @param newId makes the id of a row
 */
export function firstLoom(kept: Build, newId: () => string): RowChange[] {
  const { sheets } = takeAssumed(kept);
  const lengthM = valueAt(sheets, 'wiring.feedLengthM');
  const awayMm = valueAt(sheets, 'wiring.fuseFromBatteryMm');
  const fuseA = valueAt(sheets, 'wiring.fuseA');
  const joints = valueAt(sheets, 'wiring.jointsMohm');
  const mains = valueAt(sheets, 'wiring.feedSource') === 'mains';
  const source = mains ? 'mains supply' : 'battery';
  const [battery, fuse, plug, heater] = [newId(), newId(), newId(), newId()];
  const bundled = valueAt(sheets, 'wiring.bundled');
  const laid = {
    areaMm2: valueAt(sheets, 'wiring.cableAreaMm2') ?? undefined,
    insulation: valueAt(sheets, 'wiring.insulationC') ?? undefined,
    bundled: bundled ?? undefined,
  };
  const tailM = 0.2;
  const away = awayMm === null ? undefined : Math.max(leastM, awayMm / 1000);
  const rounded = (m: number): number => Math.max(leastM, Math.round(m * 100) / 100);
  const called = new Map([
    [battery, source],
    [fuse, fuseA === 0 ? 'joints' : 'fuse'],
    [plug, 'plug'],
    [heater, 'heater'],
  ]);
  const wire = (fromId: string, toId: string, carries: 'plus' | 'minus', m: number | undefined): RowChange =>
    addCable(newId(), {
      name: between(called.get(fromId) ?? '', called.get(toId) ?? '', carries),
      fromId,
      toId,
      wire: carries,

      ...laid,
      ...(m === undefined ? {} : { lengthM: rounded(m) }),
    });
  return [
    addPart(battery, { name: source, kind: mains ? 'supply' : 'battery' }),
    fuseA === 0
      ? addPart(fuse, { name: 'joints', kind: 'joint', ...(joints === null ? {} : { mohm: joints }) })
      : addPart(fuse, { name: 'fuse', kind: 'fuse', ...given({ ratingA: fuseA, mohm: joints }) }),
    addPart(plug, { name: 'plug', kind: 'plug', mohm: 0 }),
    addPart(heater, { name: 'heater', kind: 'heater' }),
    wire(battery, fuse, 'plus', away),
    wire(fuse, plug, 'plus', lengthM === null || away === undefined ? undefined : lengthM - away - tailM),
    wire(plug, heater, 'plus', tailM),
    wire(heater, plug, 'minus', tailM),
    wire(plug, battery, 'minus', lengthM === null ? undefined : lengthM - tailM),
  ];
}

/** What a part is called that nobody has named yet, so that no two are called alike. */
function freshName(lists: ListValues | undefined, kind: LoomKind): string {
  const taken = new Set(lists?.loomParts?.map(loomName));
  const names = [loomKinds[kind], ...Array.from({ length: 99 }, (_, i) => `${loomKinds[kind]} ${i + 2}`)];
  return names.find((name) => !taken.has(name)) ?? loomKinds[kind];
}
const nameOf = (lists: ListValues | undefined, id: string | undefined): string => {
  const at = lists?.loomParts?.findIndex((part) => part.id === id) ?? -1;
  const part = lists?.loomParts?.[at];
  return part ? loomName(part, at) : '';
};

/** A part set into a wire: the wire ends there, and a second one like it goes on. */
export function setInto(lists: ListValues | undefined, cableId: string, kind: LoomKind, newId: () => string): RowChange[] {
  const cable = lists?.cables?.find(({ id }) => id === cableId);
  if (!cable?.toId) return [];
  const part = newId();
  const { id, name, toId, lengthM, ...like } = cable;
  const half = lengthM === undefined ? undefined : Math.max(leastM, Math.round((lengthM / 2) * 100) / 100);
  const called = freshName(lists, kind);
  const [begin, end] = [nameOf(lists, cable.fromId), nameOf(lists, toId)];
  // A name that tells the ends tells the new one; any other is the fitter’s own.
  const told = name === undefined || name === between(begin, end, cable.wire);
  const set = (column: string, from: string | number | undefined, to: string | number | undefined): RowChange[] =>
    to === undefined || from === to ? [] : [{ list: 'cables', row: id, action: 'set', column, from: from ?? null, to }];
  return [
    addPart(part, { kind, name: called }),
    ...set('toId', toId, part),
    ...set('lengthM', lengthM, half),
    ...(told ? set('name', name, between(begin, called, cable.wire)) : []),
    addCable(newId(), {
      name: between(called, end, cable.wire),
      ...like,
      fromId: part,
      toId,
      ...(half === undefined ? {} : { lengthM: half }),
    }),
  ];
}

/** A part more, with a wire to it from another one; of what has poles a minus back too. */
export function addBehind(
  lists: ListValues | undefined,
  fromId: string | null,
  kind: LoomKind,
  newId: () => string,
): RowChange[] {
  const part = newId();
  const called = freshName(lists, kind);
  const made = addPart(part, { kind, name: called });
  const from = lists?.loomParts?.find(({ id }) => id === fromId);
  if (!from) return [made];
  const signal = ['pump', 'controller', 'sensor', 'remote', 'diagnostic', 'blower'].includes(kind);
  const wires = signal ? (['signal'] as const) : kind === 'earth' ? (['minus'] as const) : (['plus'] as const);
  return [
    made,
    ...wires.map((wire) =>
      addCable(newId(), { name: between(nameOf(lists, fromId ?? undefined), called, wire), fromId: from.id, toId: part, wire }),
    ),
  ];
}
