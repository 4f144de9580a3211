import { glazingLabels } from '../labels';
import { faces, surfaceKinds } from '../listKinds';
import { text, type List } from './List';

/** Of the survey. */
export const surveyLists = {
  surfaces: {
    label: 'Surfaces',
    one: 'surface',
    max: 60,
    part: 'cabin',
    columns: {
      name: text('Name', 60),
      kind: { kind: 'choice', label: 'Is', options: surfaceKinds },
      lengthM: { kind: 'number', label: 'Length', unit: 'm', min: 0.05, max: 60, decimals: 2 },
      heightM: { kind: 'number', label: 'Height or width', unit: 'm', min: 0.05, max: 60, decimals: 2 },
      pieces: { kind: 'number', label: 'Pieces', unit: 'pieces', min: 1, max: 60, decimals: 0 },
      layers: { kind: 'layers', label: 'Layers, from inside', max: 10 },
      glazing: { kind: 'choice', label: 'Glass', options: glazingLabels },
      within: { kind: 'choice', label: 'Sits in', options: faces },
      toward: {
        kind: 'choice',
        label: 'Leads to',
        options: { outside: 'outside', unheated: 'an unheated space', heated: 'a heated space' },
      },
    },
  },
  candidates: {
    label: 'Heaters to choose from',
    one: 'heater',
    max: 12,
    part: 'heater',
    columns: {
      name: text('Name', 60),
      claimedOutputKw: { kind: 'number', label: 'On its label', unit: 'kW', min: 0.5, max: 20, decimals: 1 },
      strokeVolumeMl: { kind: 'number', label: 'Pump dose', unit: 'mL', min: 0.005, max: 0.2, decimals: 3 },
      pumpMinHz: { kind: 'number', label: 'Lowest', unit: 'Hz', min: 0.2, max: 10, decimals: 1 },
      pumpMaxHz: { kind: 'number', label: 'Highest', unit: 'Hz', min: 0.5, max: 15, decimals: 1 },
      runCurrentA: { kind: 'number', label: 'Running', unit: 'A', min: 0.1, max: 10, decimals: 1 },
      altitudeMaxM: { kind: 'number', label: 'Made for up to', unit: 'm', min: 0, max: 6000, decimals: 0 },
    },
  },
} as const satisfies Record<string, List>;
