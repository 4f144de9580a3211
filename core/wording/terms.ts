import { licensedTrades } from '../people/licences';
import { coPlaces, heatTakers, hotPlaces, noisePlaces } from '../build/Build';
import { sources } from '../build/fuelSources';
import { listIds, lists } from '../build/lists';
import { cableNear, leavesKinds, partKinds, sealKinds, sealPlaces, weakKinds } from '../build/listKinds';
import { fuels } from '../physics/fuel/fuels';
import { practices } from '../practices/practices';

type Words = Readonly<Record<string, string>>;
const labels = (table: Readonly<Record<string, { label: string }>>): Words =>
  Object.fromEntries(Object.entries(table).map(([key, { label }]) => [key, label]));

/** Words that stand in sentences, by table and key. A record keeps the key, so that a better word changes none. */
const terms = {
  source: Object.fromEntries(
    Object.entries(labels(sources)).map(([key, label]) => [key, label.replace('vehicle’s', '{vehicle}’s')]),
  ),
  fuel: labels(fuels),
  part: { ...partKinds, unnamed: 'a part' } as Words,
  weak: weakKinds as Words,
  sealKind: sealKinds as Words,
  sealPlace: sealPlaces as Words,
  leaves: leavesKinds as Words,
  cableNear: cableNear as Words,
  coPlace: coPlaces as Words,
  hotPlace: hotPlaces as Words,
  taker: heatTakers as Words,
  noisePlace: noisePlaces as Words,
  harm: {
    timber: 'timber chars there, and may take fire years later',
    polyethylene: 'polyethylene softens there, and gives way',
    polypropylene: 'polypropylene softens there',
    cable: 'PVC insulation softens there, and bares the wire',
    epdm: 'EPDM hardens and cracks there',
    silicone: 'silicone goes brittle there',
    bare: 'a hand that touches it is burnt within a second',
  } satisfies Record<keyof typeof heatTakers, string> as Words,
  list: Object.fromEntries(listIds.map((id) => [id, lists[id].label])) as Words,
  practice: Object.fromEntries(
    Object.entries(practices).flatMap(([id, { options }]) =>
      Object.entries(options as Record<string, { label: string }>).map(([option, { label }]) => [`${id}.${option}`, label]),
    ),
  ) as Words,
  supply: { v12: '12 V', v24: '24 V' } as Words,
  insulation: { c70: '{70 °C}', c90: '{85 to 90 °C}', c105: '{105 °C}' } as Words,
  thread: {} as Words,
  trade: licensedTrades as Words,
  check: {} as Words,
  day: {} as Words,
  rule: {} as Words,
} as const;
export type TermTable = keyof typeof terms;

/** @param path table and key, as `fuel/roadB` @returns the word; the key itself where the table has none */
export function termText(path: string): string {
  const at = path.indexOf('/');
  const [table, key] = [path.slice(0, at), path.slice(at + 1)];
  const words: Words = Object.hasOwn(terms, table) ? terms[table as TermTable] : {};
  return Object.hasOwn(words, key) ? (words[key] as string) : key;
}
