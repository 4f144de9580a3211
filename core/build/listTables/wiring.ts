import { cableGuards, cableNear, cableUses, earthSeats, insulations, loomKinds, loomWires, madeHow } from '../listKinds';
import { mm, text, yesNo, type List } from './List';

const px = (label: string) => ({ kind: 'number', label, unit: 'px', min: 0, max: 4000, decimals: 0 }) as const;
const volts = (label: string, hint: string) =>
  ({ kind: 'number', label, unit: 'V', min: -35, max: 35, decimals: 2, hint }) as const;

/** The loom: what it is made of, and the wires between. */
export const wiringLists = {
  loomParts: {
    label: 'Parts of the loom',
    one: 'part of the loom',
    max: 80,
    part: 'battery',
    columns: {
      name: text('Name', 40),
      kind: { kind: 'choice', label: 'Is', options: loomKinds },
      ratingA: {
        kind: 'number',
        label: 'Opens at',
        unit: 'A',
        min: 0.5,
        max: 300,
        decimals: 1,
        hint: 'the fuse’s rating; of a panel or a socket that of its breaker',
      },
      mohm: {
        kind: 'number',
        label: 'Its resistance',
        unit: 'mΩ',
        min: 0,
        max: 5000,
        decimals: 1,
        hint: 'volts lost in it ÷ amps; usual ones where nothing is given',
      },
      made: { kind: 'choice', label: 'Made', options: madeHow },
      sealed: { kind: 'choice', label: 'Sleeved, out of spray', options: yesNo },
      seat: { kind: 'choice', label: 'Sits on', options: earthSeats },
      restV: {
        kind: 'number',
        label: 'At rest',
        unit: 'V',
        min: 6,
        max: 32,
        decimals: 2,
        hint: 'as on the wiring sheet where nothing is given',
      },
      ownMohm: { kind: 'number', label: 'Its own resistance', unit: 'mΩ', min: 0.1, max: 500, decimals: 1 },
      drawsA: { kind: 'number', label: 'Draws', unit: 'A', min: 0, max: 200, decimals: 1 },
      givesA: {
        kind: 'number',
        label: 'Gives',
        unit: 'A',
        min: 0,
        max: 200,
        decimals: 1,
        hint: 'a charger through the night too, the sun by day only',
      },
      open: { kind: 'choice', label: 'Switched off', options: yesNo },
      warns: { kind: 'choice', label: 'A label says: never to stop it hot', options: yesNo },
      glowV: volts('By meter under glow', 'against the battery’s minus; of the heater across its plug'),
      floorXMm: mm('On the floor, from the front', 0, 20000),
      floorYMm: mm('On the floor, from the left', 0, 20000),
      xPx: px('Drawn, from the left'),
      yPx: px('Drawn, from the top'),
    },
  },
  cables: {
    label: 'Wires of the loom',
    one: 'wire',
    max: 120,
    part: 'battery',
    columns: {
      name: text('Name', 40),
      fromId: { kind: 'text', label: 'From', max: 36 },
      toId: { kind: 'text', label: 'To', max: 36 },
      wire: { kind: 'choice', label: 'Carries', options: loomWires },
      areaMm2: { kind: 'number', label: 'Area', unit: 'mm²', min: 0.2, max: 120, decimals: 2, hint: 'mm², or a gauge: 12 AWG' },
      lengthM: { kind: 'number', label: 'Length', unit: 'm', min: 0.02, max: 40, decimals: 2 },
      insulation: { kind: 'choice', label: 'Insulation rated', options: insulations },
      ambientC: { kind: 'number', label: 'Lies at', unit: '°C', min: -30, max: 110, decimals: 0 },
      bundled: { kind: 'number', label: 'Loaded wires in its bundle', unit: 'pieces', min: 1, max: 60, decimals: 0 },
      near: { kind: 'choice', label: 'Passes', options: cableNear },
      guard: { kind: 'choice', label: 'Guarded by', options: cableGuards },
      colour: text('Colour', 20),
      pin: text('Pin of its plug', 12),
      use: { kind: 'choice', label: 'In this build', options: cableUses },
      labelled: { kind: 'choice', label: 'Labelled', options: yesNo },
    },
  },
} as const satisfies Record<string, List>;
