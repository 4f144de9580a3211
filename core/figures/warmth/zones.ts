import { ductTree, type Outlet } from '../../model/warmth/ductTree';
import { airCp } from '../../physics/duct/ductAir';
import { secondsToWarm, type TwoNodes } from '../../physics/heat/warmUp';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { nodesOf } from '../../model/heat/spaceOf';

export interface Zone {
  outlet: Outlet;
  /** given to it, W */ heatW: number;
  /** from the coldest night to warm, min; Infinity where it never is */ minutes: number;
}
const part = (nodes: TwoNodes, share: number): TwoNodes => ({
  airJK: nodes.airJK * share,
  shellJK: nodes.shellJK * share,
  airToShellWK: nodes.airToShellWK * share,
  shellToOutsideWK: nodes.shellToOutsideWK * share,
  airToOutsideWK: nodes.airToOutsideWK * share,
});

/**
 * How soon each place with an outlet of its own is warm, at full on the coldest night: each loses and holds its share of the space by the air in it,
 * and no air goes from one to the other. Rough; first principles.
 */
export function zonesOf(read: Reader): Zone[] {
  const tree = ductTree(read);
  const known = tree.outlets.filter(({ zoneM3 }) => zoneM3 !== null);
  if (known.length === 0) return [];
  const { volume, coldest, inside } = read.all({
    volume: 'survey.volumeM3',
    coldest: 'survey.coldestC',
    inside: 'survey.insideC',
  });
  const nodes = nodesOf(read);
  const all = known.reduce((sum, { zoneM3 }) => sum + (zoneM3 ?? 0), 0);
  if (all > volume * 1.001)
    return read.missing(...toDo(`correct the air of the places that are warmed: together they are more than the space`));
  const flow = tree.flow();
  return known.map((outlet) => {
    const at = flow.byId.get(outlet.id);
    const heatW = at ? Math.max(0, at.massKgS * airCp * (at.toC - tree.inC)) : 0;
    const share = (outlet.zoneM3 ?? 0) / volume;
    const seconds = nodes
      ? secondsToWarm(part(nodes, share), { airC: coldest, shellC: coldest }, heatW, coldest, inside)
      : Infinity;
    return { outlet, heatW, minutes: seconds / 60 };
  });
}
