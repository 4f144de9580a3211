import type { ScaleLinear } from 'd3';

/** The window of a chart within its frame, px. */
export interface Plot {
  left: number;
  right: number;
  top: number;
  bottom: number;
}
export interface Axis {
  scale: ScaleLinear<number, number>;
  /** about so many figures along it; none where the chart says its own */ ticks?: number;
  figure?: (value: number) => string;
  /** what is measured along it, with its unit */ title?: string;
}

/** The two axes of a chart: a corner of ink, figures along it, and what they measure. */
export function ChartAxes({ plot: { left, right, top, bottom }, x, y }: { plot: Plot; x?: Axis; y?: Axis }) {
  return (
    <g>
      <path d={`M${left},${top}V${bottom}H${right}`} fill="none" stroke="var(--ink)" strokeWidth={1.5} />
      {y?.figure &&
        y.scale.ticks(y.ticks ?? 4).map((value) => (
          <text key={value} x={left - 6} y={y.scale(value) + 4} textAnchor="end" className="mono">
            {y.figure?.(value)}
          </text>
        ))}
      {y?.title && (
        <text x={left - 6} y={top - 10} textAnchor="end">
          {y.title}
        </text>
      )}
      {x?.figure &&
        x.scale.ticks(x.ticks ?? 5).map((value) => (
          <text key={value} x={x.scale(value)} y={bottom + 18} textAnchor="middle" className="mono">
            {x.figure?.(value)}
          </text>
        ))}
      {x?.title && (
        <text x={right} y={bottom + 32} textAnchor="end">
          {x.title}
        </text>
      )}
    </g>
  );
}

/** Hatching of a place where nothing good lies. @param ground what shows between the strokes */
export function Hatch({ id, ink, ground }: { id: string; ink: string; ground?: string }) {
  return (
    <pattern id={id} width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      {ground && <rect width="8" height="8" fill={`var(--${ground})`} />}
      <rect width="3" height="8" fill={`var(--${ink})`} opacity="0.5" />
    </pattern>
  );
}
