import type { Reader } from '../../reading/Reader';
import { ductTree, type DuctTree, type Outlet, type Stand } from './ductTree';

export interface OutletShare {
  outlet: Outlet;
  /** what it gets of an even share, % */ percent: number;
  most: Outlet;
  mostPercent: number;
}

/**
 * What each outlet gets of an even share, with itself wide open and the others as they stand: one that somebody closes for a while is judged by
 * what it would get. None where there is one outlet only.
 */
export function sharesOf(tree: DuctTree, stand: Stand = {}): OutletShare[] {
  if (tree.outlets.length < 2) return [];
  const openNow = (one: Outlet): number => stand.openTo?.[one.id] ?? one.open;
  return tree.outlets.map((outlet) => {
    const flow = tree.flow(openNow(outlet) === 1 ? stand : { ...stand, opened: outlet.id });
    const kgS = ({ id }: Outlet): number => flow.byId.get(id)?.massKgS ?? 0;
    const flowing = tree.outlets.filter((one) => one === outlet || openNow(one) > 0);
    const even = flowing.reduce((sum, one) => sum + kgS(one), 0) / flowing.length;
    const most = flowing.reduce((best, one) => (kgS(one) > kgS(best) ? one : best));
    const of = (one: Outlet): number => (even > 0 ? (kgS(one) / even) * 100 : 100);
    return { outlet, percent: of(outlet), most, mostPercent: of(most) };
  });
}

/** By so much an outlet is closed further at each try, %. */
const stepPercent = 5;
const mostPercent = 90;

export interface Throttled {
  outlet: Outlet;
  /** closed by so much, % */ closedPercent: number;
}
/**
 * Which outlets to close first, and by how much, so that every other gets its share: always the one that gets most, a little at a time.
 * @returns none where all get their share; null where closing does not give it
 * @throws through the reader where the ducts cannot be solved
 */
export function throttleFirst(read: Reader): Throttled[] | null {
  const tree = ductTree(read);
  const limit = read.limit('outletShareMinPercent').value;
  const openTo: Record<string, number> = {};
  for (let tries = 0; tries <= (tree.outlets.length * mostPercent) / stepPercent; tries += 1) {
    const stand = tries === 0 ? {} : { openTo: { ...openTo } };
    const least = sharesOf(tree, stand).reduce<OutletShare | null>(
      (best, one) => (best && best.percent <= one.percent ? best : one),
      null,
    );
    if (!least || least.percent >= limit)
      return tree.outlets
        .filter(({ id }) => id in openTo)
        .map((outlet) => ({ outlet, closedPercent: Math.round((1 - (openTo[outlet.id] ?? 1)) * 100) }));
    const open = (openTo[least.most.id] ?? least.most.open) - stepPercent / 100;
    if (least.most === least.outlet || open < 1 - mostPercent / 100) return null;
    openTo[least.most.id] = open;
  }
  return null;
}
