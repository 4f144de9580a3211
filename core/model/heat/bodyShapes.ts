import type { RowOf } from '../../build/lists';
import type { FigurePath, ValueAt } from '../../build/sheets';
import { buildUps, type BuildUpId, type GlazingId } from '../../physics/heat/buildUps';

/** A body as a box, inside, m. Sizes are Lorbet's own choice, no source: a start, to be measured. */
export interface BodyShape {
  label: string;
  lengthM: number;
  widthM: number;
  heightM: number;
  glassM2: number;
  airChangesH: number;
}
export const bodyShapes = {
  smallVan: { label: 'small van', lengthM: 1.8, widthM: 1.5, heightM: 1.25, glassM2: 0.6, airChangesH: 1.5 },
  van: { label: 'van, standing height', lengthM: 3.3, widthM: 1.75, heightM: 1.85, glassM2: 1.2, airChangesH: 1.5 },
  longVan: { label: 'long van, standing height', lengthM: 4.2, widthM: 1.78, heightM: 1.9, glassM2: 1.4, airChangesH: 1.5 },
  bus: { label: 'old bus', lengthM: 7.5, widthM: 2.3, heightM: 1.95, glassM2: 9, airChangesH: 3 },
  trailer: { label: 'trailer or caravan', lengthM: 4.2, widthM: 2.1, heightM: 1.95, glassM2: 2.4, airChangesH: 1.2 },
  narrowBoat: { label: 'narrow boat’s cabin', lengthM: 10, widthM: 1.9, heightM: 1.9, glassM2: 3.2, airChangesH: 2 },
  cabin: { label: 'wooden cabin', lengthM: 4, widthM: 3, heightM: 2.2, glassM2: 2, airChangesH: 0.8 },
} as const satisfies Record<string, BodyShape>;
export type BodyShapeId = keyof typeof bodyShapes;

const round = (n: number) => Math.round(n * 10) / 10;

/** The rough four areas, the volume and the air changes of a shape, as figures of the survey. */
export function roughSurvey(id: BodyShapeId, buildUp: BuildUpId, glazing: GlazingId): { [P in FigurePath]?: ValueAt<P> } {
  const { lengthM: l, widthM: w, heightM: h, glassM2, airChangesH } = bodyShapes[id];
  return {
    'survey.volumeM3': round(l * w * h),
    'survey.airChangesH': airChangesH,
    'survey.wallAreaM2': round(2 * (l + w) * h - glassM2),
    'survey.wallBuildUp': buildUp,
    'survey.roofAreaM2': round(l * w),
    'survey.roofBuildUp': buildUp,
    'survey.floorAreaM2': round(l * w),
    'survey.floorBuildUp': buildUp,
    'survey.glassAreaM2': glassM2,
    'survey.glazing': glazing,
  };
}

/** The same shape as surfaces of one's own, each to be measured and given its own layers. */
export function shapeSurfaces(id: BodyShapeId, buildUp: BuildUpId, glazing: GlazingId): Omit<RowOf<'surfaces'>, 'id'>[] {
  const { lengthM, widthM, heightM, glassM2 } = bodyShapes[id];
  const layers = [...buildUps[buildUp].layers];
  const end = { lengthM: widthM, heightM, pieces: 1, layers, toward: 'outside' } as const;
  const flat = { lengthM, heightM: widthM, pieces: 1, layers, toward: 'outside' } as const;
  return [
    { name: 'sides', kind: 'sides', lengthM, heightM, pieces: 2, layers, toward: 'outside' },
    { name: 'front', kind: 'front', ...end },
    { name: 'rear', kind: 'rear', ...end },
    { name: 'roof', kind: 'roof', ...flat },
    { name: 'floor', kind: 'floor', ...flat },
    { name: 'windows', kind: 'window', lengthM: round(glassM2 / 0.5), heightM: 0.5, pieces: 1, glazing, within: 'sides' },
  ];
}
