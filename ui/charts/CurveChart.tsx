'use client';
import { line, scaleLinear, type ScaleLinear } from 'd3';
import type { ReactNode } from 'react';
import { ChartAxes, type Plot } from './ChartAxes';
import { ChartCursor } from './ChartCursor';
import { ChartFrame } from './ChartFrame';
import { useWidth } from './useWidth';

const [left, right, top, bottom] = [66, 18, 18, 38];

/** A figure along the axis takes so much, px. */
const tickPx = 72;

interface Curve {
  ys: readonly number[];
  ink: 'heat' | 'air' | 'ink';
  broken?: boolean;
}
/** Where something is put on the chart beside the curves. */
export interface CurvePlace {
  plot: Plot;
  x: ScaleLinear<number, number>;
  y: ScaleLinear<number, number>;
}

/** Curves over one quantity, with axes and a cursor that tells each point. */
export function CurveChart({
  height,
  xs,
  curves,
  yDomain,
  x: xAxis,
  y: yAxis,
  label,
  tell,
  words,
  behind,
  children,
}: {
  height: number;
  xs: readonly number[];
  curves: readonly Curve[];
  yDomain: readonly [number, number];
  x: { figure: (at: number) => string; title: string };
  y: { figure: (at: number) => string };
  /** what the cursor goes along */ label: string;
  tell: (at: number) => string[];
  /** the chart, for those who don’t see it */ words: string;
  behind?: (place: CurvePlace) => ReactNode;
  children?: (place: CurvePlace) => ReactNode;
}) {
  const [holder, width] = useWidth<HTMLDivElement>(520);
  const x = scaleLinear([xs[0] ?? 0, xs[xs.length - 1] ?? 1], [left, Math.max(left + 100, width - right)]);
  const y = scaleLinear([...yDomain], [height - bottom, top]).nice(5);
  const plot: Plot = { left, right: x.range()[1] ?? left, top, bottom: height - bottom };
  const place = { plot, x, y };
  return (
    <div ref={holder}>
      <ChartFrame
        height={height}
        over={<ChartCursor label={label} plot={plot} xs={xs.map((at) => x(at))} tell={tell} />}
        words={words}
      >
        {behind?.(place)}
        <ChartAxes
          plot={plot}
          x={{ scale: x, ticks: Math.min(6, Math.floor((plot.right - plot.left) / tickPx)), ...xAxis }}
          y={{ scale: y, ticks: 5, ...yAxis }}
        />
        {curves.map(({ ys, ink, broken }, i) => (
          <path
            key={i}
            d={
              line<number>(
                (_, k) => x(xs[k] ?? 0),
                (at) => y(at),
              )(ys) ?? ''
            }
            fill="none"
            stroke={`var(--${ink})`}
            strokeWidth={broken ? 2 : 3}
            {...(broken ? { strokeDasharray: '8 4' } : {})}
          />
        ))}
        {children?.(place)}
      </ChartFrame>
    </div>
  );
}
