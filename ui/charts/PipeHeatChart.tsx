'use client';
import { line, scaleLinear } from 'd3';
import { useMemo } from 'react';
import { heatPicture } from '../../core/drawing/outside/heatPicture';
import { formatFixed } from '../../core/units/formatNumber';
import { inUnit } from '../../core/units/inUnits';
import { needsText } from '../../core/wording/needsText';
import { useSay, useWorkspace } from '../sync/useWorkspace';
import { air as t } from '../texts/en/air';
import { ChartAxes, type Plot } from './ChartAxes';
import { ChartCursor } from './ChartCursor';
import { ChartFrame } from './ChartFrame';
import { useWidth } from './useWidth';

const height = 240;
const [left, right, top, bottom] = [52, 18, 18, 38];

/** Gas and the outside of the exhaust along its way, at full on a warm day. */
export function PipeHeatChart() {
  const { build, who } = useWorkspace('build', 'who');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(520);
  const picture = useMemo(() => heatPicture(build), [build]);
  if ('missing' in picture)
    return (
      <div ref={holder} className="soft">
        {t.beforeTheHeat({ missing: needsText(picture.missing) })}
      </div>
    );
  const { spots, lengthM } = picture;
  const celsius = (c: number) => formatFixed(inUnit(c, '°C', who.unitPreferences).value);
  const metre = (m: number) => formatFixed(inUnit(m, 'm', who.unitPreferences).value, 1);
  const units = { c: inUnit(1, '°C', who.unitPreferences).unit, m: inUnit(1, 'm', who.unitPreferences).unit };
  const x = scaleLinear([0, lengthM], [left, Math.max(left + 100, width - right)]);
  const y = scaleLinear([0, Math.max(...spots.map(({ gasC }) => gasC)) + 20], [height - bottom, top]).nice(5);
  type Spot = (typeof spots)[number];
  const along = (of: (spot: Spot) => number) =>
    line<Spot>()
      .x(({ atM }) => x(atM))
      .y((spot) => y(of(spot)))(spots) ?? '';
  const plot: Plot = { left, right: x(lengthM), top, bottom: height - bottom };
  const [first, last] = [spots[0] as Spot, spots[spots.length - 1] as Spot];
  return (
    <div ref={holder}>
      <ChartFrame
        height={height}
        over={
          <ChartCursor
            label={t.heatAlong}
            plot={plot}
            xs={spots.map(({ atM }) => x(atM))}
            tell={(at) => {
              const spot = spots[at];
              return spot
                ? [
                    `${metre(spot.atM)} ${units.m}`,
                    t.gasAt({ c: celsius(spot.gasC), unit: units.c }),
                    t.outsideAt({ c: celsius(spot.surfaceC), unit: units.c }),
                  ]
                : [];
            }}
          />
        }
        words={say(
          t.heatInWords({
            from: formatFixed(first.gasC),
            to: formatFixed(last.gasC),
            outside: formatFixed(first.surfaceC),
            end: formatFixed(last.surfaceC),
          }),
        )}
      >
        <ChartAxes
          plot={plot}
          x={{ scale: x, ticks: 6, figure: metre, title: units.m }}
          y={{ scale: y, ticks: 5, figure: celsius }}
        />
        <path d={along(({ gasC }) => gasC)} fill="none" stroke="var(--heat)" strokeWidth={3} />
        <path d={along(({ surfaceC }) => surfaceC)} fill="none" stroke="var(--ink)" strokeWidth={2} strokeDasharray="8 4" />
        <text className="halo" x={x(0) + 8} y={y(first.gasC) + 16}>
          {t.gas}
        </text>
        <text className="halo" x={x(0) + 8} y={y(first.surfaceC) - 6}>
          {t.outsideOfPipe}
        </text>
        <path d={`M${left},${y(65)}H${x(lengthM)}`} stroke="var(--soft)" strokeDasharray="2 5" />
        <text className="halo" x={x(lengthM)} y={y(65) - 5} textAnchor="end">
          {t.burnsAHand}
        </text>
      </ChartFrame>
    </div>
  );
}
