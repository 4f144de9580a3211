import { within } from '../within';

/** Something through which all of its flow passes, with the pressure that a flow costs there: Pa of kg/s, rising; Infinity where nothing gets through. */
export interface Link {
  id: string;
  dropPa: (massKgS: number) => number;
}
/** Links one behind the other, or side by side: every duct tree that ends in one room and every loop with limbs is made of these. */
export type Net = { link: Link } | { series: readonly Net[] } | { parallel: readonly Net[] };
/** What drives it: so much pressure at no flow, falling with the square of the flow. */
export interface Drive {
  /** Pa, 0 or more */ shutPa: number;
  /** Pa of (kg/s)², 0 or more */ fallPaS2Kg2: number;
}
export interface Flows {
  /** kg/s through the drive */ totalKgS: number;
  /** kg/s in each link by its id */ byId: ReadonlyMap<string, number>;
}

const rounds = 300;
const settled = 1e-5;
/** Pa of (kg/s)² */
const leastResistance = 1e-6;
/** kg/s at which a link is looked at that has no flow yet */
const first = 1e-3;

/** Links with what the whole net is made of, and what each of them costs over the square of its flow. */
class Solving {
  readonly flow: Map<string, number>;
  constructor(begin: ReadonlyMap<string, number>) {
    this.flow = new Map([...begin].filter(([, massKgS]) => massKgS > 0));
  }

  /** Pa of (kg/s)² of every part as its flows are now; each is worked out once a round */
  private readonly known = new Map<Net, number>();

  resistance(net: Net): number {
    const found = this.worked(net);
    this.known.set(net, found);
    return found;
  }

  private worked(net: Net): number {
    if ('link' in net) {
      const q = this.flow.get(net.link.id) ?? first;
      // What costs nothing beside something that does would take all of the flow, and more than all.
      return Math.max(leastResistance, net.link.dropPa(q) / q ** 2);
    }
    let sum = 0;
    if ('series' in net) {
      for (const one of net.series) sum += this.resistance(one);
      return sum;
    }
    for (const one of net.parallel) sum += 1 / Math.sqrt(this.resistance(one));
    return 1 / sum ** 2;
  }

  /** Gives a flow to each link. @returns the greatest share by which one changed */
  share(net: Net, massKgS: number): number {
    if ('link' in net) {
      const { id } = net.link;
      const before = this.flow.get(id) ?? first;
      // A link without flow keeps the flow by which its resistance was asked, so that it can open again in the next round.
      if (massKgS <= 0) return 0;
      this.flow.set(id, massKgS);
      return Math.abs(massKgS / before - 1);
    }
    if ('series' in net) return net.series.reduce((most, one) => Math.max(most, this.share(one, massKgS)), 0);
    const opens = net.parallel.map((one) => 1 / Math.sqrt(this.known.get(one) ?? Infinity));
    const sum = opens.reduce((a, b) => a + b, 0);
    return net.parallel.reduce(
      (most, one, i) => Math.max(most, this.share(one, sum > 0 ? (massKgS * (opens[i] ?? 0)) / sum : 0)),
      0,
    );
  }
}

/** The links of a net. */
export const linksOf = (net: Net): Link[] =>
  'link' in net ? [net.link] : ('series' in net ? net.series : net.parallel).flatMap(linksOf);

/**
 * Flows in a net of links, so that what they cost from end to end is what its drive gives, and side by side the same.
 * Each link is taken to cost as the square of its flow for one round, the net is reduced to one such link by the rules for series and
 * parallel, and the flows that follow are put right in the next round, until nothing changes.
 * @param begin flows near it, where some are known: they are found sooner
 * @throws RangeError naming quantity, value and bounds; an Error where no flow is found
 * @example solveNet({ link: { id: 'a', dropPa: (q) => 4 * q ** 2 } }, { shutPa: 100, fallPaS2Kg2: 0 }).totalKgS // 5
 * @source continuity and equal loss of parallel ways; tested against the EPANET engine
 */
export function solveNet(net: Net, { shutPa, fallPaS2Kg2 }: Drive, begin: ReadonlyMap<string, number> = new Map()): Flows {
  within('pressure of the drive', shutPa, 'Pa', { min: 0 });
  within('fall of the drive', fallPaS2Kg2, 'Pa s²/kg²', { min: 0 });
  const solving = new Solving(begin);
  const blocked = (one: Net): boolean =>
    'link' in one
      ? one.link.dropPa(first) === Infinity
      : 'series' in one
        ? one.series.some(blocked)
        : one.parallel.every(blocked);
  const all = linksOf(net);
  if (shutPa === 0 || blocked(net)) return { totalKgS: 0, byId: new Map(all.map(({ id }) => [id, 0])) };
  // Where a way is blocked, everything behind it has no flow.
  const open = (one: Net): Net | null => {
    if (blocked(one)) return null;
    if ('link' in one) return one;
    const parts = ('series' in one ? one.series : one.parallel).flatMap((part) => open(part) ?? []);
    return 'series' in one ? { series: parts } : { parallel: parts };
  };
  const running = open(net) as Net;
  const flowing = new Set(linksOf(running).map(({ id }) => id));
  for (let round = 0; round < rounds; round += 1) {
    const total = Math.sqrt(shutPa / (solving.resistance(running) + fallPaS2Kg2));
    if (solving.share(running, total) < settled)
      return { totalKgS: total, byId: new Map(all.map(({ id }) => [id, flowing.has(id) ? (solving.flow.get(id) ?? 0) : 0])) };
  }
  throw new Error('The flows of this net do not settle.');
}
