'use client';
import { line, scaleLinear } from 'd3';
import { useMemo } from 'react';
import { airPicture, tried, type AirIf } from '../../core/drawing/outside/airPicture';
import { formatFixed } from '../../core/units/formatNumber';
import { needsText } from '../../core/wording/needsText';
import { useSay, useWorkspace } from '../sync/useWorkspace';
import { air as t } from '../texts/en/air';
import { ChartAxes, type Plot } from './ChartAxes';
import { ChartCursor } from './ChartCursor';
import { ChartFrame } from './ChartFrame';
import { useWidth } from './useWidth';

const height = 210;
const [left, right, top, bottom] = [44, 18, 18, 38];

const words = {
  metre: 'withAMetre',
  bend: 'withABend',
  blocked: 'withFilterBlocked',
  high: 'atHeight',
  hot: 'inHotAir',
  cold: 'inColdAir',
} as const satisfies Record<AirIf['id'], keyof typeof t>;

/** The flame’s air over the whole band of the pump, the border below which it soots, and what would take some of it. */
export function AirBandChart() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(520);
  const picture = useMemo(() => airPicture(build), [build]);
  if ('missing' in picture)
    return (
      <div ref={holder} className="soft">
        {t.beforeTheAir({ missing: needsText(picture.missing) })}
      </div>
    );
  const { band, least, ifs } = picture;
  const [first, last] = [band[0], band[band.length - 1]];
  if (!first || !last) return null;
  const x = scaleLinear([first.hz, last.hz], [left, Math.max(left + 100, width - right)]);
  const y = scaleLinear([0.8, Math.max(2, ...band.map(({ excessAir }) => excessAir)) + 0.1], [height - bottom, top]).nice(5);
  const curve =
    line<(typeof band)[number]>()
      .x(({ hz }) => x(hz))
      .y(({ excessAir }) => y(excessAir))(band) ?? '';
  const plot: Plot = { left, right: x(last.hz), top, bottom: height - bottom };
  const times = (n: number) => formatFixed(n, 2);
  return (
    <div ref={holder}>
      <ChartFrame
        height={height}
        over={
          <ChartCursor
            label={t.airOverTheBand}
            plot={plot}
            xs={band.map(({ hz }) => x(hz))}
            tell={(at) => {
              const point = band[at];
              return point ? [t.atHertz({ hz: formatFixed(point.hz, 1) }), t.timesTheAir({ n: times(point.excessAir) })] : [];
            }}
          />
        }
        words={t.airInWords({ low: times(first.excessAir), full: times(last.excessAir), least: times(least) })}
      >
        <rect
          x={left}
          y={y(least)}
          width={x(last.hz) - left}
          height={y(y.domain()[0] ?? 0) - y(least)}
          fill="var(--stop)"
          opacity={0.12}
        />
        <ChartAxes
          plot={plot}
          x={{ scale: x, ticks: 6, figure: (hz) => formatFixed(hz, 1), title: t.hertz }}
          y={{ scale: y, ticks: 5, figure: (n) => formatFixed(n, 1) }}
        />
        <path d={curve} fill="none" stroke="var(--air)" strokeWidth={3} />
        <text className="halo" x={left + 8} y={y(least) + 16}>
          {t.soots({ least: times(least) })}
        </text>
      </ChartFrame>
      <p className="soft">{t.theFlamesAirHint}</p>
      <ul className="plain air-ifs">
        {ifs.map(({ id, excessAir }) => (
          <li key={id} data-short={excessAir < least}>
            <span>
              {say(t[words[id]]({ m: formatFixed(tried.highM), cold: formatFixed(tried.coldC), hot: formatFixed(tried.hotC) }))}
            </span>{' '}
            <strong>{times(excessAir)}</strong>
          </li>
        ))}
      </ul>
    </div>
  );
}
