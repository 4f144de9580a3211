/** What walls are made of: thermal conductivity λ in W/(m K). */
export interface Material {
  label: string;
  lambdaWMK: number;
  source: string;
}
const iso = 'ISO 10456 (from memory)';
const makers = 'makers’ usual range, its middle (from memory)';

export const materials = {
  plywood: { label: 'plywood', lambdaWMK: 0.13, source: iso },
  softwood: { label: 'softwood', lambdaWMK: 0.13, source: iso },
  steel: { label: 'steel', lambdaWMK: 50, source: iso },
  aluminium: { label: 'aluminium alloy', lambdaWMK: 160, source: iso },
  glass: { label: 'glass', lambdaWMK: 1, source: iso },
  acrylic: { label: 'acrylic', lambdaWMK: 0.2, source: iso },
  pir: { label: 'PIR foam', lambdaWMK: 0.025, source: makers },
  eps: { label: 'EPS foam', lambdaWMK: 0.036, source: makers },
  mineralWool: { label: 'mineral wool', lambdaWMK: 0.038, source: makers },
  cork: { label: 'cork', lambdaWMK: 0.045, source: makers },
  fleece: { label: 'polyester fleece', lambdaWMK: 0.04, source: makers },
} as const satisfies Record<string, Material>;
export type MaterialId = keyof typeof materials;
