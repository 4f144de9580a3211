import type { DemoLists } from './DemoLists';

type Parts = NonNullable<DemoLists['loomParts']>;
type Cables = NonNullable<DemoLists['cables']>;
type Cable = Cables[number];
/** A wire between two parts by their names; the loader knows their rows. */
const wire = (fromId: string, toId: string, carries: NonNullable<Cable['wire']>, lengthM: number, more: Partial<Cable> = {}): Cable => ({
  name: `${fromId} to ${toId}${carries === 'minus' ? ', minus' : ''}`.slice(0, 40), fromId, toId, wire: carries, lengthM, areaMm2: 4, insulation: 'c90', near: 'clear', labelled: 'yes', ...more,
}); // prettier-ignore
const thin = { areaMm2: 0.75 } as const;
const leads: Cables = [
  wire('heater', 'pump', 'signal', 3.4, { ...thin, colour: 'green', name: 'pump lead' }),
  wire('heater', 'controller', 'signal', 2, { ...thin, name: 'controller lead' }),
  wire('heater', 'diagnostic plug', 'signal', 0.3, { ...thin, name: 'diagnostic lead' }),
];
const signals: Parts = [{ name: 'pump', kind: 'pump' }, { name: 'controller', kind: 'controller' }, { name: 'diagnostic plug', kind: 'diagnostic' }]; // prettier-ignore

/** Looms of the invented builds: as it should be; borrowed from a panel, with an earth on paint; and twelve thin metres. */
export const looms = {
  sound: {
    loomParts: [
      { name: 'battery', kind: 'battery' }, { name: 'fuse', kind: 'fuse', ratingA: 15, mohm: 4 }, { name: 'plug', kind: 'plug', mohm: 2, made: 'crimped' },
      { name: 'heater', kind: 'heater' }, ...signals,
    ], // prettier-ignore
    cables: [
      wire('battery', 'fuse', 'plus', 0.12, { colour: 'red' }), wire('fuse', 'plug', 'plus', 2.3, { colour: 'red' }), wire('plug', 'heater', 'plus', 0.2, { areaMm2: 2.5, colour: 'red' }),
      wire('heater', 'plug', 'minus', 0.2, { areaMm2: 2.5, colour: 'brown' }), wire('plug', 'battery', 'minus', 2.4, { colour: 'brown', near: 'edge', guard: 'grommet' }),
      ...leads, wire('heater', 'diagnostic plug', 'signal', 0.6, { ...thin, name: 'blower relay lead', use: 'insulated' }),
    ], // prettier-ignore
  },
  panel: {
    loomParts: [
      { name: 'battery', kind: 'battery' }, { name: 'control panel', kind: 'panel', ratingA: 25 }, { name: 'joint behind the desk', kind: 'joint', made: 'twisted', sealed: 'no', mohm: 18 },
      { name: 'heater', kind: 'heater' }, { name: 'earth under the seat', kind: 'earth', seat: 'paint', mohm: 28 }, { name: 'earth at the battery', kind: 'earth', seat: 'metal' }, ...signals,
    ], // prettier-ignore
    cables: [
      wire('battery', 'control panel', 'plus', 1.4, { areaMm2: 2.5, insulation: 'c70' }), wire('control panel', 'joint behind the desk', 'plus', 4.6, { areaMm2: 1.5, insulation: 'c70' }),
      wire('joint behind the desk', 'heater', 'plus', 1.5, { areaMm2: 1.5, insulation: 'c70', near: 'hot', guard: 'none' }), wire('heater', 'earth under the seat', 'minus', 0.6, { areaMm2: 1.5, insulation: 'c70' }),
      wire('earth at the battery', 'battery', 'minus', 0.4, { areaMm2: 6 }), ...leads, wire('heater', 'diagnostic plug', 'signal', 0.6, { ...thin, name: 'blower relay lead', use: 'bare', labelled: 'no' }),
    ], // prettier-ignore
  },
  long: {
    loomParts: [{ name: 'battery', kind: 'battery' }, { name: 'fuse', kind: 'fuse', ratingA: 15, mohm: 4 }, { name: 'isolator', kind: 'isolator', mohm: 2 }, { name: 'heater', kind: 'heater' }, ...signals], // prettier-ignore
    cables: [
      wire('battery', 'fuse', 'plus', 0.12, { areaMm2: 2.5 }), wire('fuse', 'isolator', 'plus', 0.6, { areaMm2: 2.5 }), wire('isolator', 'heater', 'plus', 11.3, { areaMm2: 2.5 }),
      wire('heater', 'battery', 'minus', 12, { areaMm2: 2.5 }), ...leads,
    ], // prettier-ignore
  },
} as const satisfies Record<string, DemoLists>;
