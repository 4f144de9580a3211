'use client';
import { contours, geoPath, geoTransform, line, scaleLinear } from 'd3';
import { useMemo } from 'react';
import { goodSentence, type LinePicture } from '../../../core/drawing/line/linePicture';
import { pressureMap, type MapFacts, type PressureMap } from '../../../core/physics/fuel/pressureMap';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { useWorker } from '../../components/useWorker';
import { useWidth } from '../../charts/useWidth';
import { ChartAxes, Hatch } from '../../charts/ChartAxes';
import { ChartFrame } from '../../charts/ChartFrame';
import { fuel as t } from '../../texts/en/fuel';

const make = () => new Worker(new URL('../../../workers/pressureMap.ts', import.meta.url), { type: 'module' });
interface Asked {
  facts: MapFacts;
  size: number;
}
interface Answer {
  map: PressureMap;
  tookMs: number;
}
const onPage = async ({ facts, size }: Asked): Promise<Answer> => {
  const began = performance.now();
  return { map: pressureMap(facts, size), tookMs: performance.now() - began };
};
const size = 60;
const height = 270;
const [left, right, top, bottom] = [50, 16, 14, 38];

/** Temperature against level: where this run works, and the border where it stops. */
export function PressureMapView({ picture, watchPercent }: { picture: LinePicture; watchPercent: number }) {
  const { who } = useWorkspace('who');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(520);
  const { facts, asBuilt } = picture;
  const input = useMemo(() => ({ facts, size }), [facts]);
  const { answer, failed } = useWorker<Asked, Answer>(make, onPage, input);
  const x = scaleLinear([facts.fromC, facts.toC], [left, Math.max(left + 120, width - right)]);
  const y = scaleLinear([0, facts.fullMm], [height - bottom, top]);
  const celsius = (c: number) => formatFixed(inUnit(c, '°C', who.unitPreferences).value);
  const mm = (n: number) =>
    formatFixed(inUnit(n, 'mm', who.unitPreferences).value, who.unitPreferences.system === 'imperial' ? 1 : 0);
  const shapes = useMemo(() => {
    if (!answer) return null;
    const values = Array.from(answer.map.gasPercent, (n) => Math.min(n, 1000));
    const rings = contours().size([size, size]).thresholds([watchPercent, facts.limitPercent])(values);
    const project = geoTransform({
      point(px, py) {
        this.stream.point(
          x(facts.fromC + ((px - 0.5) / (size - 1)) * (facts.toC - facts.fromC)),
          y(((py - 0.5) / (size - 1)) * facts.fullMm),
        );
      },
    });
    const path = geoPath(project);
    const drawn = (i: number) => (rings[i] ? (path(rings[i]) ?? '') : '');
    const border = answer.map.levelsMm.flatMap((levelMm, i) => {
      const c = answer.map.borderC[i];
      return c === null || c === undefined ? [] : [{ c, levelMm }];
    });
    const edge = line<(typeof border)[number]>()
      .x((p) => x(p.c))
      .y((p) => y(p.levelMm));
    return { watch: drawn(0), fix: drawn(1), edge: edge(border) ?? '' };
  }, [answer, facts, watchPercent, x, y]);
  const sentence = goodSentence(facts, asBuilt.levelMm);
  return (
    <div ref={holder} data-map={answer ? answer.tookMs.toFixed(0) : undefined}>
      {failed && <p className="error-line">{t.theMapCouldNotBeDrawn}</p>}
      <ChartFrame height={height} words={say(t.whereThisRunWorksTemperatureOf({ sentence }))} className="map">
        <defs>
          <clipPath id="map-window">
            <rect x={left} y={top} width={Math.max(1, x(facts.toC) - left)} height={height - bottom - top} />
          </clipPath>
          <Hatch id="map-no" ink="fix" ground="paper" />
        </defs>
        <g clipPath="url(#map-window)">
          <rect
            x={left}
            y={top}
            width={Math.max(1, x(facts.toC) - left)}
            height={height - bottom - top}
            fill="var(--fuel-fill)"
            opacity={0.75}
          />
          {shapes && (
            <>
              <path d={shapes.watch} fill="var(--watch)" opacity={0.35} />
              <path d={shapes.fix} fill="url(#map-no)" />
              <path d={shapes.edge} fill="none" stroke="var(--ink)" strokeWidth={3.5} data-border />
            </>
          )}
          {facts.fuel.cfppC !== null && facts.fuel.cfppC > facts.fromC && (
            <>
              <rect
                x={left}
                y={top}
                width={Math.max(0, x(facts.fuel.cfppC) - left)}
                height={height - bottom - top}
                fill="url(#map-no)"
                opacity={0.6}
              />
              <path
                d={`M${x(facts.fuel.cfppC)},${top}V${height - bottom}`}
                stroke="var(--ink)"
                strokeWidth={2}
                strokeDasharray="8 4"
              />
            </>
          )}
          <path d={`M${left},${y(facts.pickupMm)}H${x(facts.toC)}`} stroke="var(--ink)" strokeWidth={1.5} />
        </g>
        {!answer && !failed && (
          <text x={(left + x(facts.toC)) / 2} y={height / 2} textAnchor="middle">
            {t.reckoning}
          </text>
        )}
        <text className="halo" x={x(facts.toC) - 8} y={top + 20} textAnchor="end">
          {t.works}
        </text>
        {facts.fuel.cfppC !== null && facts.fuel.cfppC > facts.fromC && (
          <text
            className="halo"
            x={x(facts.fuel.cfppC) - left > 110 ? x(facts.fuel.cfppC) - 6 : left + 6}
            y={top + 20}
            textAnchor={x(facts.fuel.cfppC) - left > 110 ? 'end' : 'start'}
          >
            {t.theFuelPlugs}
          </text>
        )}
        <text className="halo" x={x(facts.toC) - 8} y={y(facts.pickupMm) - 5} textAnchor="end">
          {t.pickup2}
        </text>
        <g>
          <circle
            cx={x(Math.max(facts.fromC, asBuilt.temperatureC))}
            cy={y(asBuilt.levelMm)}
            r={7}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth={3}
          />
          <text className="halo" x={x(Math.max(facts.fromC, asBuilt.temperatureC)) + 12} y={y(asBuilt.levelMm) + 4}>
            {t.coldestTodaysLevel}
          </text>
        </g>
        <ChartAxes
          plot={{ left, right: x(facts.toC), top, bottom: height - bottom }}
          x={{
            scale: x,
            ticks: 7,
            figure: celsius,
            title: t.fuelAtLevelIn({
              unit: inUnit(0, '°C', who.unitPreferences).unit,
              unit2: inUnit(0, 'mm', who.unitPreferences).unit,
            }),
          }}
          y={{ scale: y, ticks: 5, figure: mm }}
        />
      </ChartFrame>
      <p className="soft">
        {t.hatchedOverOfEachStrokeIs({ limitPercent: formatFixed(facts.limitPercent), watchPercent: formatFixed(watchPercent) })}
      </p>
    </div>
  );
}
