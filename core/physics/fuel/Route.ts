/** One segment of the fuel line: one bore, one way of running. */
export interface Segment {
  /** id of its row; null where it is made from the rough lengths */ id: string | null;
  name: string;
  side: 'suction' | 'pressure';
  /** m */ lengthM: number;
  /** how much higher its far end lies, mm; minus where it falls */ riseMm: number;
  /** inner diameter, mm */ boreMm: number;
  /** What its far end runs into. */
  end: 'on' | 'joint' | 'filter';
  /** gap between the line's ends inside the rubber there, mm */ gapMm: number;
}
/** The line from pickup to heater, in the order of flow: first all before the pump, then all after it. */
export interface Route {
  segments: readonly Segment[];
  /** Known segment by segment, or only by the two rough lengths. */
  own: boolean;
}

/** A segment that rises or falls by more than it is long can't be. */
export const isImpossible = ({ lengthM, riseMm }: Pick<Segment, 'lengthM' | 'riseMm'>): boolean =>
  Math.abs(riseMm) > lengthM * 1000 + 0.5;
export const sideOf = (route: Route, side: Segment['side']): Segment[] =>
  route.segments.filter((segment) => segment.side === side);
export const lengthOf = (segments: readonly Segment[]): number => segments.reduce((sum, { lengthM }) => sum + lengthM, 0);
export const riseOf = (segments: readonly Segment[]): number => segments.reduce((sum, { riseMm }) => sum + riseMm, 0);

/** Loss of a fitting, ζ of ρ v²/2: a rubber joint, a filter. Orders of magnitude, from memory. */
export const fittingZeta = { on: 0, joint: 0.3, filter: 2 } as const;
