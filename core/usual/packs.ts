import type { BuildKind } from '../build/Build';
import type { RulePack } from '../build/pack/RulePack';
import boat from './packs/boat.json';
import leisureEurope from './packs/leisure-europe.json';
import leisureNorthAmerica from './packs/leisure-north-america.json';
import outbuilding from './packs/outbuilding.json';
import roadVehicle from './packs/road-vehicle.json';

/** The rule packs that ship with Lorbet, in the order in which they are offered. `core/usual/packs.test.ts` holds each to the schema. */
export const shippedPacks = [roadVehicle, leisureEurope, leisureNorthAmerica, boat, outbuilding] as RulePack[];

/** Of some packs those that are about a kind of conversion; what is written for no other first. */
export const packsFor = (packs: readonly RulePack[], kind: BuildKind): RulePack[] =>
  packs.filter(({ kinds }) => kinds.includes(kind)).sort((a, b) => a.kinds.length - b.kinds.length);

/** A copy of a pack for a workshop to change: its own id and name, from its first edition on. */
export const copyOfPack = (pack: RulePack, id: string, name: string): RulePack => ({
  ...structuredClone(pack),
  id,
  name,
  edition: 1,
});
