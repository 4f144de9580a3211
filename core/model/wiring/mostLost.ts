import type { Reader } from '../../reading/Reader';
import { copperOhmPerKm } from '../../physics/wiring/copperOhmPerKm';
import { cablesSold } from '../../physics/wiring/sizesSold';
import { lostV, loomOf, type Cable, type Loom, type LoomMoment } from './loomOf';

/** What a part or a wire of the loom loses, and what flows there. */
export interface Lost {
  id: string;
  name: string;
  amps: number;
  lostV: number;
  /** null where it is no wire */ cable: Cable | null;
}
/** Every wire and every part in line, with what it loses; the most first. */
export function lostIn(loom: Loom, moment: LoomMoment): Lost[] {
  const { amps } = loom.at(moment);
  const sources = new Set(loom.sources.map(({ id }) => id));
  return loom.branches
    .filter(({ id }) => !sources.has(id))
    .map(({ id, ohm }) => {
      const own = id.replace(/:minus$/, '');
      const cable = loom.cables.find((one) => one.id === id) ?? null;
      const name = cable?.name ?? loom.parts.find((part) => part.id === own)?.name ?? own;
      const flows = Math.abs(amps.get(id) ?? 0);
      return { id, name, amps: flows, lostV: flows * ohm, cable };
    })
    .sort((a, b) => b.lostV - a.lostV);
}

/** What would better the feed, and what it takes. */
export interface Better {
  what: 'thicker' | 'second' | 'all';
  /** the wire that is laid anew or doubled; null for all of them */ name: string | null;
  /** mm², of what is laid */ areaMm2: number;
  gauge: string | null;
  /** lost under glow then, V */ lostV: number;
  /** copper more, g */ copperG: number;
}
/** kg/m³ */
const copperKgM3 = 8940;
const copperG = (areaMm2: number, lengthM: number): number => (areaMm2 * lengthM * copperKgM3) / 1000;

/**
 * What a thicker wire, a second one beside it, or thicker ones all the way would leave lost; each is the least sold that is thicker.
 * @throws through the reader where the loom can’t be solved
 * @source Ohm; density of copper 8940 kg/m³ (handbooks, from memory)
 */
export function betterFeeds(read: Reader): Better[] {
  const loom = loomOf(read);
  const { feedV, earthV } = lostV(loom, 'start');
  const all = feedV + earthV;
  const ambientC = read.maybe('wiring.cableC') ?? 20;
  const wires = lostIn(loom, 'start').filter(({ cable, lostV: v }) => cable && v > 0);
  const first = wires[0];
  if (!first?.cable) return [];
  const saved = ({ cable, lostV: v }: Lost, areaMm2: number): number => {
    if (!cable) return 0;
    const at = cable.ambientC ?? ambientC;
    return v * (1 - copperOhmPerKm(areaMm2, at) / copperOhmPerKm(cable.areaMm2, at));
  };
  const { cable, name } = first;
  const options: Better[] = [];
  for (const { areaMm2, gauge } of cablesSold.filter((sold) => sold.areaMm2 > cable.areaMm2 * 1.01).slice(0, 3))
    options.push({
      what: 'thicker',
      name,
      areaMm2,
      gauge,
      lostV: all - saved(first, areaMm2),
      copperG: copperG(areaMm2, cable.lengthM),
    });
  options.push({
    what: 'second',
    name,
    areaMm2: cable.areaMm2,
    gauge: null,
    lostV: all - first.lostV / 2,
    copperG: copperG(cable.areaMm2, cable.lengthM),
  });
  const thickest = Math.max(...wires.map((one) => one.cable?.areaMm2 ?? 0));
  if (wires.length > 1)
    for (const next of cablesSold.filter((sold) => sold.areaMm2 > thickest * 1.01).slice(0, 3))
      options.push({
        what: 'all',
        name: null,
        ...next,
        lostV: all - wires.reduce((sum, one) => sum + saved(one, next.areaMm2), 0),
        copperG: wires.reduce((sum, one) => sum + copperG(next.areaMm2, one.cable?.lengthM ?? 0), 0),
      });
  return options;
}
