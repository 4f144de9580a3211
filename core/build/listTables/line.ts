import { mm, text, type List } from './List';

/** Of the fuel line. */
export const lineLists = {
  segments: {
    label: 'Fuel line',
    one: 'segment',
    max: 240,
    part: 'line',
    columns: {
      name: text('Name', 60),
      side: { kind: 'choice', label: 'Runs', options: { suction: 'before the pump', pressure: 'after the pump' } },
      lengthM: { kind: 'number', label: 'Length', unit: 'm', min: 0.01, max: 20, decimals: 2 },
      riseMm: mm('Rises by', -3000, 3000, 'from its near end to its far end; minus where it falls'),
      boreMm: mm('Bore', 0.5, 15),
      end: {
        kind: 'choice',
        label: 'Its far end',
        options: { on: 'runs on', joint: 'a joint in the line', filter: 'the filter' },
      },
      gapMm: mm('Gap in the joint there', 0, 50),
      near: {
        kind: 'choice',
        label: 'Passes',
        options: {
          inside: 'inside the body',
          outside: 'outside, under the body',
          hot: 'by the exhaust or another hot part',
          brake: 'tied to a brake pipe',
          sharp: 'over a sharp edge',
          kinked: 'through a kink',
        },
      },
      sheath: { kind: 'choice', label: 'In', options: { bare: 'nothing', conduit: 'conduit', heat: 'a heat sleeve' } },
      clips: { kind: 'number', label: 'Clips', unit: 'pieces', min: 0, max: 100, decimals: 0 },
      wallMm: mm('Wall', 0.2, 5),
      order: { kind: 'number', label: 'Place in the line', unit: 'pieces', min: 0, max: 1000000000, decimals: 0 },
    },
  },
} as const satisfies Record<string, List>;
