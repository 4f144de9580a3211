import { airAt } from '../../physics/duct/ductAir';
import { childrenOf, ductName, type DuctTree } from './ductTree';

/** What goes through one duct. */
export interface AlongDuct {
  id: string;
  name: string;
  /** as hot as it is there, m³/h */ flowM3H: number;
  speedMS: number;
  /** at its far end, °C */ c: number;
  /** over the room’s pressure where it begins, Pa */ beginPa: number;
  /** lost in it, Pa */ lostPa: number;
}

/** Flow, speed, temperature and pressure of every duct as the tree stands, in the order of the rows; none where no air leaves. */
export function alongDucts({ rows, flow }: DuctTree): AlongDuct[] {
  const { byId, massKgS } = flow();
  if (massKgS <= 0) return [];
  const beginPa = (id: string): number => {
    const own = byId.get(id);
    if (!own || own.massKgS <= 0) return 0;
    // Where ducts leave it, the same pressure stands before each of them.
    return own.dropPa + Math.max(0, ...childrenOf(rows, id).map((next) => beginPa(next.id)));
  };
  return rows.map((row, i) => {
    const own = byId.get(row.id);
    const flows = own && own.massKgS > 0 ? own : null;
    const mean = flows ? (flows.fromC + flows.toC) / 2 : 0;
    const flowM3S = flows ? flows.massKgS / airAt(Math.min(400, mean)).densityKgM3 : 0;
    return {
      id: row.id,
      name: ductName(row, i),
      flowM3H: flowM3S * 3600,
      speedMS: flowM3S / ((Math.PI * ((row.boreMm ?? 0) / 1000) ** 2) / 4),
      c: flows?.toC ?? NaN,
      beginPa: beginPa(row.id),
      lostPa: flows?.dropPa ?? 0,
    };
  });
}
