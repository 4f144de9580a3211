import { mm, text, type List } from './List';

/** Of tank, dose and joints. */
export const tankLists = {
  outline: {
    label: 'Tank’s outline',
    one: 'corner',
    max: 60,
    part: 'tank',
    columns: { alongMm: mm('Along', 0, 3000), upMm: mm('Up', 0, 2000) },
  },
  dips: {
    label: 'Dip table',
    one: 'dip',
    max: 60,
    part: 'tank',
    columns: {
      levelMm: mm('Fuel stands at', 0.1, 2000),
      litres: { kind: 'number', label: 'It then holds', unit: 'L', min: 0, max: 5000, decimals: 2 },
    },
  },
  drills: { label: 'Drills to hand', one: 'drill', max: 60, part: 'pickup', columns: { sizeMm: mm('Size', 0.5, 80) } },
  doseTests: {
    label: 'Dose test',
    one: 'run',
    max: 40,
    part: 'pump',
    columns: {
      strokes: { kind: 'number', label: 'Strokes', unit: 'pieces', min: 20, max: 20000, decimals: 0 },
      volumeMl: { kind: 'number', label: 'In the glass', unit: 'mL', min: 0.1, max: 1000, decimals: 2 },
      massG: {
        kind: 'number',
        label: 'On the scale',
        unit: 'g',
        min: 0.1,
        max: 1000,
        decimals: 2,
        hint: 'what the glass gained, in place of its mL',
      },
      fuelC: { kind: 'number', label: 'Fuel at', unit: '°C', min: -40, max: 60, decimals: 0 },
      testedAt: { kind: 'instant', label: 'Tested' },
    },
  },
  leaks: {
    label: 'Joints watched for leaks',
    one: 'joint',
    max: 60,
    part: 'line',
    columns: {
      name: text('Joint', 60),
      wipedAt: { kind: 'instant', label: 'Wiped dry' },
      warmFound: { kind: 'choice', label: 'Warm', options: { dry: 'dry', damp: 'damp', drips: 'drips' } },
      warmAt: { kind: 'instant', label: 'Looked at warm' },
      nightFound: { kind: 'choice', label: 'After a night', options: { dry: 'dry', damp: 'damp', drips: 'drips' } },
      nightAt: { kind: 'instant', label: 'Looked at after the night' },
    },
  },
} as const satisfies Record<string, List>;
