'use client';
import { Button, Slider } from '@mui/material';
import { line, scaleLinear } from 'd3';
import { useState } from 'react';
import { goodSentence, profileAt, profileSentence, type LinePicture, type Trial } from '../../../core/drawing/line/linePicture';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { useWidth } from '../../charts/useWidth';
import { ChartAxes, type Plot } from '../../charts/ChartAxes';
import { ChartCursor } from '../../charts/ChartCursor';
import { ChartFrame } from '../../charts/ChartFrame';
import { fuel as t } from '../../texts/en/fuel';

const height = 250;
const [left, right, top, bottom] = [50, 16, 30, 36];
type Key = keyof Trial;
const slid: { key: Key; label: string; unit: string; step: number; range: (p: LinePicture) => [number, number] }[] = [
  {
    key: 'temperatureC',
    get label() {
      return t.fuelAt;
    },
    unit: '°C',
    step: 1,
    range: () => [-40, 30],
  },
  {
    key: 'levelMm',
    get label() {
      return t.fuelStandsAt;
    },
    unit: 'mm',
    step: 1,
    range: ({ facts }) => [0, facts.fullMm],
  },
  {
    key: 'altitudeM',
    get label() {
      return t.altitude;
    },
    unit: 'm',
    step: 50,
    range: () => [0, 5000],
  },
  {
    key: 'frequencyHz',
    get label() {
      return t.pumpAt;
    },
    get unit() {
      return t.hz;
    },
    step: 0.1,
    range: ({ asBuilt }) => [0.5, Math.max(asBuilt.frequencyHz, 6)],
  },
];

/** Absolute pressure from tank to heater, at rest, in flow and at the stroke's worst; other weather can be tried. */
export function PressureView({ picture }: { picture: LinePicture }) {
  const { who } = useWorkspace('who');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(560);
  const [tried, setTried] = useState<Partial<Trial>>({});
  const { facts, asBuilt } = picture;
  const trial: Trial = { ...asBuilt, ...tried };
  const { nodes, lowest, ambientPa } = profileAt(facts, trial);
  const end = nodes[nodes.length - 1]?.atM ?? 1;
  const kPa = (pa: number) => inUnit(pa / 1000, 'kPa', who.unitPreferences).value;
  const unit = inUnit(1, 'kPa', who.unitPreferences).unit;
  const metre = (m: number) => inUnit(m, 'm', who.unitPreferences).value;
  const x = scaleLinear([0, end], [left, Math.max(left + 120, width - right)]);
  const lowestShown = Math.max(0, Math.min(...nodes.map((n) => n.peakPa)));
  const y = scaleLinear(
    [kPa(Math.min(lowestShown, ambientPa * 0.8)), kPa(Math.max(...nodes.map((n) => n.peakPa), ambientPa * 1.05))],
    [height - bottom, top],
  ).nice(5);
  const course = (of: (n: (typeof nodes)[number]) => number) =>
    line<(typeof nodes)[number]>()
      .x((n) => x(n.atM))
      .y((n) => y(Math.max(kPa(of(n)), y.domain()[0] ?? 0)))(nodes) ?? '';
  const plot: Plot = { left, right: x(end), top, bottom: height - bottom };
  const pressure = (n: number) => formatFixed(n, who.unitPreferences.system === 'imperial' ? 1 : 0);
  const pump = nodes.find(({ side }) => side === 'pressure')?.atM ?? end;
  const low = { x: x(lowest.atM), y: y(Math.max(kPa(lowest.peakPa), y.domain()[0] ?? 0)) };
  return (
    <div ref={holder}>
      <p role="status">
        <strong>{say(profileSentence(facts, trial))}</strong>
      </p>
      <ChartFrame
        height={height}
        words={say(t.pressureAlongTheRun({ facts: profileSentence(facts, trial) }))}
        over={
          <ChartCursor
            label={t.pressureAlongTheLine}
            plot={plot}
            xs={nodes.map((node) => x(node.atM))}
            tell={(at) => {
              const node = nodes[at];
              if (!node) return [];
              const told = (pa: number) => `${pressure(kPa(pa))} ${unit}`;
              return [
                `${formatFixed(metre(node.atM), 2)} ${inUnit(1, 'm', who.unitPreferences).unit}`,
                t.worst({ peakPa: told(node.peakPa) }),
                t.inFlow({ flowPa: told(node.flowPa) }),
                t.atRest({ restPa: told(node.restPa) }),
              ];
            }}
          />
        }
      >
        <path d={`M${left},${y(kPa(ambientPa))}H${x(end)}`} stroke="var(--soft)" strokeDasharray="3 4" />
        <text className="halo" x={left + 8} y={y(kPa(ambientPa)) - 8}>
          {t.theAirsOwn}
        </text>
        <path d={`M${x(pump)},${top - 8}V${height - bottom}`} stroke="var(--ink)" strokeWidth={1.5} />
        <text className="halo" x={x(pump)} y={top - 12} textAnchor="middle">
          {t.pump}
        </text>
        <path d={course((n) => n.restPa)} fill="none" stroke="var(--ink)" strokeWidth={1.25} strokeDasharray="6 4" />
        <path d={course((n) => n.flowPa)} fill="none" stroke="var(--fuel-deep)" strokeWidth={1.75} />
        <path
          d={course((n) => n.peakPa)}
          fill="none"
          stroke="var(--fuel-deep)"
          strokeWidth={3.5}
          data-peak={(lowest.peakPa / 1000).toFixed(1)}
        />
        <circle cx={low.x} cy={low.y} r={6} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2.5} />
        <ChartAxes
          plot={plot}
          x={{
            scale: x,
            figure: (n) => formatFixed(metre(n), 1),
            title: t.fromThePickupAlongTheLine({ unit: inUnit(1, 'm', who.unitPreferences).unit }),
          }}
          y={{ scale: y, ticks: 5, figure: pressure, title: unit }}
        />
      </ChartFrame>
      <p className="soft">{t.heavyAtTheStrokesWorstThin}</p>
      <div className="sliders">
        {slid.map(({ key, label, unit: kept, step, range }) => {
          const [min, max] = range(picture);
          const shown = inUnit(trial[key], kept, who.unitPreferences);
          return (
            <div key={key} className="slider">
              <span id={`try-${key}`}>{label}</span>
              <Slider
                aria-labelledby={`try-${key}`}
                value={Math.min(max, Math.max(min, trial[key]))}
                min={min}
                max={max}
                step={step}
                getAriaValueText={() => `${formatFixed(shown.value, shown.decimals ?? 1)} ${shown.unit}`}
                onChange={(_event, to) => setTried((old) => ({ ...old, [key]: Number(to) }))}
              />
              <span className="mono">
                {formatFixed(shown.value, key === 'frequencyHz' ? 1 : Math.min(shown.decimals ?? 0, 1))} {shown.unit}
              </span>
            </div>
          );
        })}
      </div>
      {Object.keys(tried).length > 0 && (
        <div className="inline">
          <span>
            {say(goodSentence({ ...facts, altitudeM: trial.altitudeM, frequencyHz: trial.frequencyHz }, trial.levelMm))}
          </span>
          <Button variant="text" onClick={() => setTried({})}>
            {t.backToThisBuildsOwn}
          </Button>
        </div>
      )}
    </div>
  );
}
