'use client';
import { scaleLinear } from 'd3';
import { formatFixed } from '../../../core/units/formatNumber';
import { ChartFrame } from '../../charts/ChartFrame';
import { useWidth } from '../../charts/useWidth';

/** Strokes so far against the band in which the fuel should arrive. */
export function StrokeBand({ strokes, low, expected, high }: { strokes: number; low: number; expected: number; high: number }) {
  const [holder, width] = useWidth<HTMLDivElement>(600);
  const x = scaleLinear([0, Math.max(high * 1.15, strokes * 1.05)], [0, Math.max(width, 200)]);
  const tight = x(high) - x(low) < 130;
  return (
    <div ref={holder}>
      <ChartFrame height={62} words={`${strokes} strokes; fuel should arrive between ${low} and ${high}`}>
        <rect x={0} y={20} width={x(Math.max(0, strokes))} height={18} fill="var(--fuel-deep)" />
        <rect x={0} y={20} width={x.range()[1]} height={18} fill="none" stroke="var(--ink)" strokeWidth={1.5} />
        <rect
          x={x(low)}
          y={14}
          width={x(high) - x(low)}
          height={30}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
          strokeDasharray="6 4"
        />
        <line x1={x(expected)} x2={x(expected)} y1={14} y2={44} stroke="var(--ink)" strokeWidth={2} />
        <text x={x(low)} y={58} textAnchor="end">
          {formatFixed(low)} earliest
        </text>
        {!tight && (
          <text x={x(expected)} y={10} textAnchor="middle">
            {formatFixed(expected)} expected
          </text>
        )}
        <text x={x(high)} y={58} textAnchor={width - x(high) < 80 ? 'end' : 'start'}>
          {formatFixed(high)} latest
        </text>
      </ChartFrame>
    </div>
  );
}
