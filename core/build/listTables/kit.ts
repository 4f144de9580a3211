import { partKinds, weakKinds } from '../listKinds';
import { photoAbouts } from '../pack/proofKinds';
import { text, yesNo, type List } from './List';

/** Of the kit. */
export const kitLists = {
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
        options: photoAbouts,
      },
      partId: { kind: 'text', label: 'Part', max: 36 },
      caption: text('Caption', 120),
      printed: { kind: 'choice', label: 'In the certificate', options: yesNo },
    },
  },
} as const satisfies Record<string, List>;
