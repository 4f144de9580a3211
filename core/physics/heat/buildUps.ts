import type { Layer } from './uValue';

/** Usual walls of a body, from inside to outside: a rough answer in a minute. All are common practice, no source. */
export const buildUps = {
  bare: { label: 'bare steel', layers: [{ material: 'steel', thicknessMm: 1 }] },
  thin: {
    label: 'ply, 20 mm fleece, steel',
    layers: [
      { material: 'plywood', thicknessMm: 6 },
      { material: 'fleece', thicknessMm: 20 },
      { material: 'steel', thicknessMm: 1 },
    ],
  },
  good: {
    label: 'ply, 40 mm PIR, steel',
    layers: [
      { material: 'plywood', thicknessMm: 6 },
      { material: 'pir', thicknessMm: 40 },
      { material: 'steel', thicknessMm: 1 },
    ],
  },
  timber: {
    label: 'timber, 50 mm mineral wool',
    layers: [
      { material: 'softwood', thicknessMm: 12 },
      { material: 'mineralWool', thicknessMm: 50 },
      { material: 'softwood', thicknessMm: 18 },
    ],
  },
} as const satisfies Record<string, { label: string; layers: readonly Layer[] }>;
export type BuildUpId = keyof typeof buildUps;

/** Windows, W/(m² K). Single glass and acrylic by ISO 6946 (from memory); double ones after makers' usual figures (from memory). */
export const glazings = {
  single: { label: 'single glass', uWM2K: 1 / (0.13 + 0.004 / 1 + 0.04) },
  acrylic: { label: 'double acrylic', uWM2K: 2.9 },
  double: { label: 'double glass', uWM2K: 2.8 },
} as const;
export type GlazingId = keyof typeof glazings;
