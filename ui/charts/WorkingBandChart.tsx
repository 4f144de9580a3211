'use client';
import { Box } from '@mui/material';
import { range, scaleLinear } from 'd3';
import { demandKw } from '../../core/physics/heat/spaceLoss';
import type { SizeFacts } from '../../core/model/heat/recommendSize';
import { inUnit, type UnitPreferences } from '../../core/units/inUnits';
import { formatFixed } from '../../core/units/formatNumber';
import { useWidth } from './useWidth';
import { ChartAxes, Hatch, type Plot } from './ChartAxes';
import { ChartCursor } from './ChartCursor';
import { ChartFrame } from './ChartFrame';
import { charts as t } from '../texts/en/charts';

const height = 216;
const [left, right, top, bottom] = [52, 12, 24, 40];

/** Heat needed against the temperature outside, with what the heater gives: where it falls short, where it would run too low. */
export function WorkingBandChart({
  facts,
  unitPreferences,
}: {
  facts: SizeFacts & { lossWK: number };
  unitPreferences: UnitPreferences;
}) {
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const { insideC, coldestC, usualNightC, minKw, maxKw, lossWK, shortBelowC, sootAboveC } = facts;
  const low = Math.min(coldestC, Math.max(shortBelowC, -50)) - 4;
  const high = Math.max(insideC, usualNightC + 2);
  const x = scaleLinear([low, high], [left, Math.max(width - right, left + 200)]);
  const y = scaleLinear([0, Math.max(demandKw(lossWK, insideC, low), maxKw) * 1.12], [height - bottom, top]);
  const clamp = (c: number) => Math.min(Math.max(c, low), high);
  const celsius = (c: number) => {
    const shown = inUnit(c, '°C', unitPreferences);
    return `${formatFixed(shown.value)} ${shown.unit}`;
  };
  const power = (kw: number) => {
    const shown = inUnit(kw, 'kW', unitPreferences);
    return `${formatFixed(shown.value, shown.decimals ?? 1)} ${shown.unit}`;
  };
  const plot: Plot = { left, right: x(high), top, bottom: height - bottom };
  const degrees = range(Math.ceil(low), Math.floor(high) + 1);
  const nights = [
    { c: coldestC, name: 'coldest' },
    { c: usualNightC, name: 'usual' },
  ];
  return (
    <Box ref={holder} sx={{ mt: 1 }}>
      <ChartFrame
        height={height}
        over={
          <ChartCursor
            label={t.heatNeededDegreeByDegree}
            plot={plot}
            xs={degrees.map((c) => x(c))}
            tell={(at) => {
              const c = degrees[at];
              return c === undefined
                ? []
                : [t.outside({ c: celsius(c) }), t.needed({ lossWK: power(demandKw(lossWK, insideC, c)) })];
            }}
          />
        }
        words={t.heatNeededAgainstTheTemperatureOutside({
          shortBelowC: celsius(shortBelowC),
          sootAboveC: celsius(sootAboveC),
          coldestC: celsius(coldestC),
          usualNightC: celsius(usualNightC),
        })}
      >
        <defs>
          <Hatch id="too-low" ink="watch" />
        </defs>
        <rect
          x={x(low)}
          y={top}
          width={x(clamp(shortBelowC)) - x(low)}
          height={height - top - bottom}
          fill="var(--fix)"
          opacity="0.28"
        />
        <rect
          x={x(clamp(sootAboveC))}
          y={top}
          width={x(high) - x(clamp(sootAboveC))}
          height={height - top - bottom}
          fill="url(#too-low)"
        />
        <rect x={left} y={y(maxKw)} width={x(high) - left} height={y(minKw) - y(maxKw)} fill="var(--heat)" opacity="0.12" />
        {[maxKw, minKw].map((kw, i) => (
          <g key={i}>
            <line
              x1={left}
              x2={x(high)}
              y1={y(kw)}
              y2={y(kw)}
              stroke="var(--heat)"
              strokeWidth={1.75}
              strokeDasharray={i === 1 ? '6 4' : undefined}
            />
            <text className="halo" x={x(high) - 6} y={y(kw) - 6} textAnchor="end">
              {i === 0 ? t.full : t.lowest} {power(kw)}
            </text>
          </g>
        ))}
        <line
          x1={x(low)}
          y1={y(demandKw(lossWK, insideC, low))}
          x2={x(Math.min(insideC, high))}
          y2={y(0)}
          stroke="var(--ink)"
          strokeWidth={2.75}
        />
        {nights.map(({ c, name }) => (
          <g key={name}>
            <line
              x1={x(c)}
              x2={x(c)}
              y1={height - bottom}
              y2={y(demandKw(lossWK, insideC, c))}
              stroke="var(--ink)"
              strokeWidth={1.25}
              strokeDasharray="2 3"
            />
            <circle
              cx={x(c)}
              cy={y(demandKw(lossWK, insideC, c))}
              r={6}
              fill="var(--sheet)"
              stroke="var(--ink)"
              strokeWidth={2.5}
            />
            <text x={x(c)} y={height - bottom + 16} textAnchor="middle">
              {name}
            </text>
            <text x={x(c)} y={height - bottom + 32} textAnchor="middle" className="mono">
              {celsius(c)}
            </text>
          </g>
        ))}
        {shortBelowC > low && (
          <text x={x(low) + 4} y={top - 8}>
            {t.fallsShort}
          </text>
        )}
        {sootAboveC < high && (
          <text x={x(high)} y={top - 8} textAnchor="end">
            {t.runsTooLowSoots}
          </text>
        )}
        <ChartAxes
          plot={plot}
          x={{ scale: x }}
          y={{
            scale: y,
            ticks: 3,
            figure: (kw) => power(kw).split(' ')[0] ?? '',
            title: inUnit(1, 'kW', unitPreferences).unit,
          }}
        />
      </ChartFrame>
    </Box>
  );
}
