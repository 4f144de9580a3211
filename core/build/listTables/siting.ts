import { obstacleKinds, aboveKinds, holeKinds, stackKinds, sealKinds, sealPlaces } from '../listKinds';
import { mm, text, yesNo, type List } from './List';

/** Of siting and cutting. */
export const sitingLists = {
  obstacles: {
    label: 'Below the floor',
    one: 'thing below',
    max: 80,
    part: 'heater',
    columns: {
      name: text('Name', 60),
      kind: { kind: 'choice', label: 'Is', options: obstacleKinds },
      xMm: mm('From the front', 0, 20000),
      yMm: mm('From the left', 0, 10000),
      lengthMm: mm('Long', 1, 20000),
      widthMm: mm('Wide', 1, 10000),
    },
  },
  above: {
    label: 'Above the floor',
    one: 'thing above',
    max: 80,
    part: 'heater',
    columns: {
      name: text('Name', 60),
      kind: { kind: 'choice', label: 'Is', options: aboveKinds },
      xMm: mm('From the front', 0, 20000),
      yMm: mm('From the left', 0, 10000),
      lengthMm: mm('Long', 1, 20000),
      widthMm: mm('Wide', 1, 10000),
    },
  },
  datums: {
    label: 'Datums',
    one: 'datum',
    max: 40,
    part: 'heater',
    columns: {
      name: text('Name', 60),
      axis: { kind: 'choice', label: 'Measured', options: { front: 'from the front', left: 'from the left' } },
      atMm: mm('At', 0, 20000),
    },
  },
  holes: {
    label: 'Holes',
    one: 'hole',
    max: 40,
    part: 'heater',
    columns: {
      name: text('Name', 60),
      kind: { kind: 'choice', label: 'For', options: holeKinds },
      alongMm: mm('Along', -2000, 2000, 'from the heater’s middle towards its hot end'),
      acrossMm: mm('Across', -2000, 2000, 'to the right, looking from above towards the hot end'),
      diameterMm: mm('Across the hole', 1, 300),
    },
  },
  stack: {
    label: 'Stack-up',
    one: 'layer',
    max: 16,
    part: 'heater',
    columns: {
      name: text('Name', 60),
      kind: { kind: 'choice', label: 'Is', options: stackKinds },
      thicknessMm: mm('Thick', 0.1, 300),
      cutBack: { kind: 'choice', label: 'Cut back', options: yesNo },
    },
  },
  seals: {
    label: 'Sealants and paints',
    one: 'sealant',
    max: 20,
    part: 'heater',
    columns: {
      name: text('Where', 60),
      at: { kind: 'choice', label: 'Seals', options: sealPlaces },
      kind: { kind: 'choice', label: 'Is', options: sealKinds },
      cureH: { kind: 'number', label: 'Needs', unit: 'h', min: 0, max: 336, decimals: 1, hint: 'by its tin' },
      appliedAt: { kind: 'instant', label: 'Put on' },
      hardAt: { kind: 'instant', label: 'Hard since' },
    },
  },
} as const satisfies Record<string, List>;
