'use client';
import { useMemo } from 'react';
import { airPicture, tried, type AirIf } from '../../core/drawing/outside/airPicture';
import { formatFixed } from '../../core/units/formatNumber';
import { needsText } from '../../core/wording/needsText';
import { useSay, useWorkspace } from '../sync/useWorkspace';
import { air as t } from '../texts/en/air';
import { CurveChart } from './CurveChart';

const words = {
  metre: 'withAMetre',
  bend: 'withABend',
  blocked: 'withFilterBlocked',
  high: 'atHeight',
  hot: 'inHotAir',
  cold: 'inColdAir',
} as const satisfies Record<AirIf['id'], keyof typeof t>;

const times = (n: number) => formatFixed(n, 2);

/** The flame’s air over the whole band of the pump, the border below which it soots, and what would take some of it. */
export function AirBandChart() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const picture = useMemo(() => airPicture(build), [build]);
  if ('missing' in picture) return <p className="soft">{t.beforeTheAir({ missing: needsText(picture.missing) })}</p>;
  const { band, least, ifs } = picture;
  const airs = band.map(({ excessAir }) => excessAir);
  const [first = NaN, last = NaN] = [airs[0], airs[airs.length - 1]];
  return (
    <>
      <CurveChart
        height={210}
        xs={band.map(({ hz }) => hz)}
        curves={[{ ys: airs, ink: 'air' }]}
        yDomain={[Math.min(0.8, ...airs), Math.max(2, ...airs) + 0.1]}
        x={{ figure: (hz) => formatFixed(hz, 1), title: t.hertz }}
        y={{ figure: (n) => formatFixed(n, 1) }}
        label={t.airOverTheBand}
        tell={(at) => [
          t.atHertz({ hz: formatFixed(band[at]?.hz ?? NaN, 1) }),
          t.timesTheAir({ n: times(band[at]?.excessAir ?? NaN) }),
        ]}
        words={t.airInWords({ low: times(first), full: times(last), least: times(least) })}
        behind={({ plot, y }) => (
          <rect
            x={plot.left}
            y={y(least)}
            width={plot.right - plot.left}
            height={plot.bottom - y(least)}
            fill="var(--stop)"
            opacity={0.12}
          />
        )}
      >
        {({ plot, y }) => (
          <text className="halo" x={plot.left + 8} y={y(least) + 16}>
            {t.soots({ least: times(least) })}
          </text>
        )}
      </CurveChart>
      <p className="soft">{t.theFlamesAirHint}</p>
      <ul className="plain air-ifs">
        {ifs.map(({ id, excessAir }) => (
          <li key={id} data-short={excessAir < least}>
            <span>
              {say(t[words[id]]({ m: formatFixed(tried.highM), cold: formatFixed(tried.coldC), hot: formatFixed(tried.hotC) }))}
            </span>{' '}
            <strong>{t.times({ n: times(excessAir) })}</strong>
          </li>
        ))}
      </ul>
    </>
  );
}
