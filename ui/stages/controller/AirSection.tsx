'use client';
import { line, max, scaleLinear } from 'd3';
import { useMemo } from 'react';
import { knownOrAssumed } from '../../../core/figures/knownOrAssumed';
import { airMap, type AirMap, type AirPoint } from '../../../core/model/controller/airMap';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { ChartAxes, Hatch, type Plot } from '../../charts/ChartAxes';
import { ChartCursor } from '../../charts/ChartCursor';
import { ChartFrame } from '../../charts/ChartFrame';
import { useWidth } from '../../charts/useWidth';
import { Caution, manualFirst } from '../../components/Caution';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { controller as t } from '../../texts/en/controller';
import { SettingsTable } from './SettingsTable';

const height = 340;
const [left, right, top, bottom] = [64, 18, 26, 42];

/** Pump against fan: where it smokes, where it may blow out, and where the settings run. */
function AirMapChart({ map, assumed }: { map: AirMap; assumed: boolean }) {
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const { smoke, blowOut, set, fullRpm } = map;
  const speed = (share: number) => (fullRpm === null ? share * 100 : share * fullRpm);
  const mostHz = Math.ceil((max(set, ({ hz }) => hz) ?? 5) * 1.25);
  const fastest = Math.max(1, ...set.map(({ speedShare }) => speedShare)) * 1.05;
  const x = scaleLinear([0, mostHz], [left, Math.max(width - right, left + 200)]);
  const y = scaleLinear([0, speed(fastest)], [height - bottom, top]);
  const plot: Plot = { left, right: x.range()[1] ?? left, top, bottom: height - bottom };
  const at = ({ hz, speedShare }: AirPoint): [number, number] => [x(Math.min(hz, mostHz * 2)), y(speed(speedShare))];
  // Where the fan stands still there is no air for any fuel: every border begins there.
  const withFoot = (border: readonly AirPoint[]): AirPoint[] => [{ hz: 0, speedShare: 0 }, ...border];
  const path = (points: readonly AirPoint[]) =>
    line<AirPoint>(
      (p) => at(p)[0],
      (p) => at(p)[1],
    )(points) ?? '';
  const far = `H${x(mostHz * 2)}V${y(0)}Z`;
  const first = set[0];
  const last = set[set.length - 1];
  const times = (n: number) => formatShort(n, 2);
  const rpm = (share: number) => (fullRpm === null ? `${formatFixed(share * 100)} %` : `${formatFixed(share * fullRpm)} rpm`);
  const words =
    first && last
      ? t.mapSet({
          from: rpm(first.speedShare),
          fromHz: formatShort(first.hz, 1),
          to: rpm(last.speedShare),
          toHz: formatShort(last.hz, 1),
          least: times(Math.min(...set.map(({ highExcess }) => highExcess))),
          most: times(Math.max(...set.map(({ lowExcess }) => lowExcess))),
        })
      : '';
  return (
    <div ref={holder} className="air-map">
      <ChartFrame
        height={height}
        words={t.mapInWords({ words })}
        over={
          <ChartCursor
            label={t.alongSettings}
            plot={plot}
            xs={set.map(({ hz }) => x(hz))}
            tell={(i) => {
              const one = set[i];
              return one
                ? [
                    `${formatShort(one.hz, 1)} Hz`,
                    rpm(one.speedShare),
                    t.timesAir({ n: `${times(one.highExcess)}–${times(one.lowExcess)}` }),
                  ]
                : [];
            }}
          />
        }
      >
        <defs>
          <Hatch id="smoke" ink="heat" />
          <clipPath id="air-map-plot">
            <rect x={plot.left} y={plot.top} width={plot.right - plot.left} height={plot.bottom - plot.top} />
          </clipPath>
        </defs>
        <g clipPath="url(#air-map-plot)">
          <path className="smoke" d={`${path(withFoot(smoke))}${far}`} fill="url(#smoke)" />
          <path className="blow-out" d={`${path(withFoot(blowOut))}V${y(speed(fastest * 2))}H${x(0)}Z`} />
          <path className="border smoke-border" d={path(withFoot(smoke))} />
          <path className="border blow-border" d={path(withFoot(blowOut))} />
          <path className={assumed ? 'set-line assumed' : 'set-line'} d={path(set)} />
          {[first, last].map(
            (point, i) => point && <circle key={i} className="set-end" cx={at(point)[0]} cy={at(point)[1]} r={7} />,
          )}
        </g>
        <text className="halo" x={plot.right - 8} y={plot.bottom - 10} textAnchor="end">
          {t.smokes}
        </text>
        <text className="halo" x={plot.left + 8} y={plot.top + 16}>
          {t.blownOut}
        </text>
        <text className="halo" x={(plot.left + plot.right) / 2} y={plot.top + 16}>
          {t.burnsClean}
        </text>
        <ChartAxes
          plot={plot}
          x={{ scale: x, ticks: 6, figure: (hz) => formatShort(hz, 1), title: t.pumpHz }}
          y={{ scale: y, ticks: 5, figure: (value) => formatFixed(value) }}
        />
        <text x={left} y={top - 10}>
          {fullRpm === null ? t.fanPercent : t.fanRpm}
        </text>
      </ChartFrame>
      <p className="soft">{words}</p>
      {assumed && <p className="soft">{t.assumedNight}</p>}
    </div>
  );
}

/** Fan against pump at this build's height and with its pipes. */
export function AirSection() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const map = useMemo(() => knownOrAssumed(build, airMap), [build]);
  return (
    <>
      <p className="soft">{t.mapHint}</p>
      {'missing' in map ? (
        <p className="soft">{say(t.beforeMap({ missing: map.missing.labels.join(', ') }))}</p>
      ) : (
        <AirMapChart map={map.value} assumed={map.assumed} />
      )}
      <SettingsTable keys={['pumpMinHz', 'pumpMaxHz', 'fanMinRpm', 'fanMaxRpm', 'altitude', 'altitudeM']} />
      <DerivedFigures keys={['controller.richest', 'controller.minKw', 'controller.maxKw']} />
      <Caution>{t.lock({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
