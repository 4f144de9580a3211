'use client';
import { scaleLinear } from 'd3';
import { formatFixed } from '../../../core/units/formatNumber';
import { ChartFrame } from '../../charts/ChartFrame';
import { useWidth } from '../../charts/useWidth';
import { priming as t } from '../../texts/en/priming';

/** Strokes so far against the band in which the fuel should arrive. */
export function StrokeBand({ strokes, low, expected, high }: { strokes: number; low: number; expected: number; high: number }) {
  const [holder, width] = useWidth<HTMLDivElement>(600);
  const x = scaleLinear([0, Math.max(high * 1.15, strokes * 1.05)], [0, Math.max(width, 200)]);
  const tight = x(high) - x(low) < 130;
  return (
    <div ref={holder}>
      <ChartFrame height={62} words={t.strokesFuelShouldArriveBetweenAnd({ strokes, low, high })}>
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
          {t.earliest({ low: formatFixed(low) })}
        </text>
        {!tight && (
          <text x={x(expected)} y={10} textAnchor="middle">
            {t.expected({ expected: formatFixed(expected) })}
          </text>
        )}
        <text x={x(high)} y={58} textAnchor={width - x(high) < 80 ? 'end' : 'start'}>
          {t.latest({ high: formatFixed(high) })}
        </text>
      </ChartFrame>
    </div>
  );
}
