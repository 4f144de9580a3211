import type { Level } from '../../checks/Finding';
import type { Frame, Mark, Spot } from '../run/marks';
import type { DrawnCell } from './DrawnCell';

/** A figure where it stands on a drawing: the box in which it is typed, and the line that shows what it measures. */
export interface Dimension {
  cell: DrawnCell;
  /** one name for each cell */ key: string;
  /** px */ box: Frame;
  /** what it is called here: short, since the drawing says the rest */ label: string;
  labelAt: Spot & { anchor: 'start' | 'middle' | 'end' };
  /** the dimension line with its arrows and extension lines; none where a leader is enough */ line: string;
}
/** A finding where it sits. */
export interface Pin extends Spot {
  id: string;
  level: Level;
}
/** A drawing to scale on which the dimensions are the fields. */
export interface FormDrawing {
  width: number;
  height: number;
  marks: Mark[];
  dimensions: Dimension[];
  pins: Pin[];
  /** the drawing, for those who don't see it */ words: string;
}
/** px: as wide as a figure of five digits, as high as a thumb. */
export const boxSize = { w: 92, h: 44 } as const;
