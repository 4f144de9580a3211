import type { Part } from '../../build/field';
import type { PartFinding } from './partFindings';
import type { Ink, RunGeometry } from './runGeometry';

/** What flows, which decides the colour: fuel straw, air blue, heat red, the rest ink. */
export type Flow = 'fuel' | 'air' | 'heat' | 'ink';
export interface PathMark {
  kind: 'path';
  d: string;
  part: Part | null;
  flow: Flow;
  ink: Ink;
  /** line width, px */ width: number;
  fill?: 'paper' | 'fuel' | 'fuel-deep' | 'ink' | 'soft' | 'hair' | 'grid' | 'ground';
  name?: string;
}
export interface TextMark {
  kind: 'text';
  x: number;
  y: number;
  text: string;
  part: Part | null;
  anchor: 'start' | 'middle' | 'end';
  flow: Flow;
  strong?: boolean;
  /** the one figure that a drawing is about */ large?: true;
  /** it stands within a body and gives way to nothing */ fixed?: true;
}
export type Mark = PathMark | TextMark;
/** A place on the drawing, px. */
export interface Spot {
  x: number;
  y: number;
}
export interface Frame extends Spot {
  w: number;
  h: number;
}

export interface RunDrawing {
  width: number;
  height: number;
  /** px per mm */
  scale: number;
  marks: Mark[];
  /** Where the worst finding on a part is shown, px. */
  anchors: Record<Part, Spot>;
  /** Ties of marks that stand off their part, px. */
  leaders: { part: Part; from: Spot; to: Spot }[];
  /** The worst finding on each part that has one to tell. */
  told: Partial<Record<Part, PartFinding>>;
  pump: { x: number; y: number; lengthPx: number; angleDeg: number };
  /** The line segment by segment, px; `joint` is its far end where that can be dragged. */
  segments: { id: string; name: string; d: string; from: Spot; to: Spot; joint: boolean }[];
  /** Boxes to touch, px. */
  boxes: Record<Part, Frame>;
  geometry: RunGeometry;
}
