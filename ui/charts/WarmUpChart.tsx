'use client';
import { area, line, scaleLinear } from 'd3';
import type { SurveySpread } from '../../core/physics/heat/surveySpread';
import { inUnit, type UnitPreferences } from '../../core/units/inUnits';
import { formatFixed } from '../../core/units/formatNumber';
import { ChartAxes, type Plot } from './ChartAxes';
import { ChartCursor } from './ChartCursor';
import { ChartFrame } from './ChartFrame';
import { useWidth } from './useWidth';
import { charts as t } from '../texts/en/charts';

const height = 210;
const [left, right, top, bottom] = [46, 14, 22, 36];

/** Air inside after a cold start at full output: the likeliest course, and the band in which nine of ten lie. */
export function WarmUpChart({
  spread,
  insideC,
  unitPreferences,
}: {
  spread: SurveySpread;
  insideC: number;
  unitPreferences: UnitPreferences;
}) {
  const [holder, width] = useWidth<HTMLDivElement>(520);
  const { curve } = spread;
  const last = curve[curve.length - 1]?.min ?? 60;
  const x = scaleLinear([0, last], [left, Math.max(left + 120, width - right)]);
  const low = Math.min(...curve.map((c) => c.p5));
  const high = Math.max(insideC + 3, ...curve.map((c) => c.p95));
  const y = scaleLinear([low, high], [height - bottom, top]).nice(4);
  const band = area<(typeof curve)[number]>()
    .x((c) => x(c.min))
    .y0((c) => y(c.p5))
    .y1((c) => y(c.p95));
  const middle = line<(typeof curve)[number]>()
    .x((c) => x(c.min))
    .y((c) => y(c.median));
  const celsius = (c: number) => formatFixed(inUnit(c, '°C', unitPreferences).value);
  const unit = inUnit(0, '°C', unitPreferences).unit;
  const plot: Plot = { left, right: x(last), top, bottom: height - bottom };
  return (
    <div ref={holder}>
      <ChartFrame
        height={height}
        over={
          <ChartCursor
            label={t.airInsideMinuteByMinute}
            plot={plot}
            xs={curve.map((c) => x(c.min))}
            tell={(at) => {
              const c = curve[at];
              return c
                ? [
                    t.min({ min: formatFixed(c.min) }),
                    `${celsius(c.median)} ${unit}`,
                    t.p5ToP95Unit({ p5: celsius(c.p5), p95: celsius(c.p95), unit }),
                  ]
                : [];
            }}
          />
        }
        words={t.warmUpFromTheColdestNight({
          insideC: formatFixed(insideC),
          median: formatFixed(spread.warmUpMin.median),
          p5: formatFixed(spread.warmUpMin.p5),
          p95: formatFixed(spread.warmUpMin.p95),
        })}
      >
        <path d={band(curve) ?? ''} fill="var(--heat)" opacity={0.22} />
        <path d={middle(curve) ?? ''} fill="none" stroke="var(--heat)" strokeWidth={2.75} />
        <line
          x1={left}
          x2={x(last)}
          y1={y(insideC)}
          y2={y(insideC)}
          stroke="var(--ink)"
          strokeWidth={1.25}
          strokeDasharray="6 4"
        />
        <text className="halo" x={x(last)} y={y(insideC) - 6} textAnchor="end">
          {t.wanted({ insideC: celsius(insideC), unit })}
        </text>
        <ChartAxes
          plot={plot}
          x={{ scale: x, figure: (min) => formatFixed(min), title: t.minutesAtFull }}
          y={{ scale: y, figure: celsius, title: unit }}
        />
      </ChartFrame>
    </div>
  );
}
