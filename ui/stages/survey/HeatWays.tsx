'use client';
import { scaleLinear } from 'd3';
import type { SurveyPicture } from '../../../core/drawing/survey/surveyPicture';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWidth } from '../../charts/useWidth';
import { ChartFrame } from '../../charts/ChartFrame';
import { survey as t } from '../../texts/en/survey';

const row = 30;
const left = 132;

/** Where the heat goes: each way by its share, the largest first. */
export function HeatWays({ ways }: { ways: SurveyPicture['ways'] }) {
  const [holder, width] = useWidth<HTMLDivElement>(520);
  const max = Math.max(...ways.map(({ share }) => share), 0.01);
  const x = scaleLinear([0, max], [left, Math.max(left + 60, width - 118)]);
  const words = ways.map(({ name, share }) => `${name} ${formatFixed(share * 100)} %`).join(', ');
  return (
    <div ref={holder}>
      <ChartFrame height={ways.length * row + 6} words={t.whereTheHeatGoes2({ words })}>
        {ways.map(({ name, lossWK, share }, i) => (
          <g key={`${name}${i}`} transform={`translate(0 ${i * row})`}>
            <text x={left - 8} y={20} textAnchor="end">
              {name.length > 17 ? `${name.slice(0, 16)}…` : name}
            </text>
            <rect
              x={left}
              y={5}
              width={Math.max(1, x(share) - left)}
              height={row - 9}
              fill={name === 'air that changes' ? 'var(--air)' : 'var(--heat)'}
            />
            <text x={x(share) + 8} y={20} className="mono">
              {formatFixed(share * 100)} %
            </text>
            <text x={x(share) + 56} y={20} className="quiet">
              {formatFixed(lossWK, 1)} W/K
            </text>
          </g>
        ))}
      </ChartFrame>
    </div>
  );
}
