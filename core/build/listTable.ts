import { glazings, type GlazingId } from '../physics/heat/buildUps';
import type { Column, Part } from './field';
import {
  faces,
  surfaceKinds,
  partKinds,
  weakKinds,
  obstacleKinds,
  aboveKinds,
  holeKinds,
  stackKinds,
  sealKinds,
  sealPlaces,
  drainKinds,
  nearKinds,
  outsideKinds,
  pipeCovers,
  pipeJoints,
  pipeKinds,
  pipeStates,
  throughKinds,
} from './listKinds';

const yesNo = { yes: 'yes', no: 'no' } as const;
const glazingLabels = Object.fromEntries(Object.entries(glazings).map(([id, { label }]) => [id, label])) as Record<
  GlazingId,
  string
>;
const mm = <const L extends string>(label: L, min: number, max: number, hint?: string) =>
  ({ kind: 'number', label, unit: 'mm', min, max, decimals: 1, ...(hint ? { hint } : {}) }) as const;
const text = (label: string, max: number) => ({ kind: 'text', label, max }) as const;

interface List {
  label: string;
  /** one of them, in a sentence */ one: string;
  /** rows at most */ max: number;
  part: Part;
  columns: Readonly<Record<string, Column>>;
}

/**
 * Every list of a build: what its rows hold, with unit and bounds. Types, validation, tables on screen, CSV and the documents are made from this.
 * A row holds only what is known; what is missing is missing.
 */
export const lists = {
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
  parts: {
    label: 'Parts',
    one: 'part',
    max: 200,
    part: 'heater',
    columns: {
      name: text('Part', 80),
      kind: { kind: 'choice', label: 'Is', options: partKinds },
      needed: { kind: 'number', label: 'Needed', unit: 'pieces', min: 1, max: 999, decimals: 0 },
      state: {
        kind: 'choice',
        label: 'State',
        options: { present: 'present', missing: 'missing', poor: 'poor', replaced: 'replaced' },
      },
      weak: { kind: 'choice', label: 'Known as weak', options: weakKinds },
      serial: text('Serial', 60),
      mark: text('Approval mark', 60),
    },
  },
  photos: {
    label: 'Photographs',
    one: 'photograph',
    max: 60,
    part: 'heater',
    columns: {
      sha256: { kind: 'text', label: 'Fingerprint', max: 64, fixed: true },
      widthPx: { kind: 'number', label: 'Width', unit: 'px', min: 1, max: 20000, decimals: 0, fixed: true },
      heightPx: { kind: 'number', label: 'Height', unit: 'px', min: 1, max: 20000, decimals: 0, fixed: true },
      about: {
        kind: 'choice',
        label: 'Shows',
        options: {
          plate: 'data plate',
          part: 'a part',
          below: 'below the floor',
          hole: 'a hole',
          place: 'the heater’s place',
          exhaust: 'exhaust',
          other: 'something else',
        },
      },
      partId: { kind: 'text', label: 'Part', max: 36 },
      caption: text('Caption', 120),
      printed: { kind: 'choice', label: 'In the certificate', options: yesNo },
    },
  },
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
  pipes: {
    label: 'Combustion air and exhaust, piece by piece',
    one: 'piece',
    max: 60,
    part: 'exhaust',
    columns: {
      name: text('Name', 60),
      of: { kind: 'choice', label: 'Carries', options: { exhaust: 'exhaust', intake: 'combustion air' } },
      kind: { kind: 'choice', label: 'Is', options: pipeKinds },
      lengthM: { kind: 'number', label: 'Length', unit: 'm', min: 0.01, max: 10, decimals: 2 },
      riseMm: mm('Rises by', -3000, 3000, 'from its end at the heater to its far end; minus where it falls'),
      boreMm: mm('Bore', 5, 120),
      wall: { kind: 'choice', label: 'Wall', options: { corrugated: 'corrugated', smooth: 'smooth' } },
      bends: { kind: 'number', label: 'Bends', unit: 'pieces', min: 0, max: 20, decimals: 0 },
      bendDeg: { kind: 'number', label: 'Each by', unit: 'deg', min: 0, max: 180, decimals: 0 },
      bendRadiusMm: mm('Their radius', 5, 1000, 'of the middle line; 1.5 times the bore where nothing is given'),
      joint: { kind: 'choice', label: 'Joined before it by', options: pipeJoints },
      sealed: { kind: 'choice', label: 'That joint is sealed', options: yesNo },
      torqueNm: { kind: 'number', label: 'Clamp tightened to', unit: 'N m', min: 0, max: 60, decimals: 1 },
      cover: { kind: 'choice', label: 'Covered by', options: pipeCovers },
      coverM: {
        kind: 'number',
        label: 'Covered over',
        unit: 'm',
        min: 0,
        max: 10,
        decimals: 2,
        hint: 'from its end at the heater',
      },
      supports: { kind: 'number', label: 'Supports', unit: 'pieces', min: 0, max: 40, decimals: 0 },
      near: { kind: 'choice', label: 'Passes near', options: nearKinds },
      nearMm: mm('At a distance of', 0, 3000, 'between the two surfaces, where it is least'),
      shield: { kind: 'choice', label: 'A metal shield between', options: yesNo },
      through: { kind: 'choice', label: 'Passes through', options: throughKinds },
      gapMm: mm('Free round it there', 0, 200),
      drain: { kind: 'choice', label: 'At its far end drains', options: drainKinds },
      state: { kind: 'choice', label: 'It is', options: pipeStates },
      order: { kind: 'number', label: 'Place in the way', unit: 'pieces', min: 0, max: 1000000000, decimals: 0 },
    },
  },
  outside: {
    label: 'Outside plan',
    one: 'thing outside',
    max: 60,
    part: 'cabin',
    columns: {
      name: text('Name', 60),
      kind: { kind: 'choice', label: 'Is', options: outsideKinds },
      xMm: mm('From the floor’s front', -6000, 26000),
      yMm: mm('From the floor’s left', -4000, 14000),
      lengthMm: mm('Long', 1, 20000),
      widthMm: mm('Wide', 1, 10000),
      heightMm: mm('Its lowest edge, above the ground', 0, 6000),
    },
  },
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
      fuelC: { kind: 'number', label: 'Fuel at', unit: '°C', min: -40, max: 60, decimals: 0 },
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
