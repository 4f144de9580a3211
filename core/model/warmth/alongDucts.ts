import { airAt } from '../../physics/duct/ductAir';
import { childrenOf, ductName, type DuctTree } from './ductTree';

/** What goes through one duct. */
export interface AlongDuct {
  id: string;
  name: string;
  /** as cold as it is drawn in, as on the drawing, m³/h */ flowM3H: number;
  /** at its far end, °C */ c: number;
  /** over the room’s pressure where it begins, Pa */ beginPa: number;
  /** lost in it, Pa */ lostPa: number;
}

/** Flow, temperature and pressure of every duct as the tree stands, in the order of the rows; none where no air leaves. */
export function alongDucts({ rows, flow, inC }: DuctTree): AlongDuct[] {
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
    return {
      id: row.id,
      name: ductName(row, i),
      flowM3H: ((flows?.massKgS ?? 0) / airAt(inC).densityKgM3) * 3600,
      c: flows?.toC ?? NaN,
      beginPa: beginPa(row.id),
      lostPa: flows?.dropPa ?? 0,
    };
  });
}
