'use client';
import { scaleLinear, type ScaleLinear } from 'd3';
import { useEffect, useMemo, useRef, useState } from 'react';
import { KeptTraces } from '../../core/drawing/start/KeptTraces';
import { valueAt } from '../../core/drawing/start/traceColumns';
import type { Coursed, ExpectedCourse } from '../../core/physics/start/expectedCourse';
import type { Series } from '../../core/physics/start/findPhases';
import { clockText } from '../../core/units/clockText';
import { inUnit, type UnitPreferences } from '../../core/units/inUnits';
import { formatFixed } from '../../core/units/formatNumber';
import { deviceQuantities } from '../../formats/device/deviceLines';
import { charts as words } from '../texts/en/charts';
import { areDense, inkBand } from './inkBand';
import { ChartAxes } from './ChartAxes';
import { ChartCursor } from './ChartCursor';
import { ChartFrame } from './ChartFrame';
import { useWidth } from './useWidth';

/** What a trace shows; and of it what the band is drawn of, or one would lie on another. */
type Traced = Coursed | 'noiseDb';
const banded = ['volts', 'amps', 'hertz', 'outletC'] as const;
const hasBand = (quantity: Traced): quantity is (typeof banded)[number] => (banded as readonly string[]).includes(quantity);

interface Strip {
  title: string;
  quantities: readonly Traced[];
  /** colours as the theme names them */ inks: readonly string[];
  least: number;
}
const strips: readonly Strip[] = [
  { title: 'V', quantities: ['volts'], inks: ['ink'], least: 1 },
  { title: 'A', quantities: ['amps'], inks: ['copper'], least: 4 },
  { title: 'Hz', quantities: ['hertz'], inks: ['fuel'], least: 2 },
  { title: '°C', quantities: ['outletC', 'returnC', 'caseC'], inks: ['heat', 'air', 'soft'], least: 30 },
  { title: 'dB', quantities: ['noiseDb'], inks: ['soft'], least: 10 },
];
const [stripHeight, left, top, gap] = [84, 46, 38, 12];
/** a word of a mark takes so much, px; and so much lies between two rows of them */
const [letterPx, rowPx] = [7.5, 14];

export interface TraceMark {
  s: number;
  label: string;
}
interface Drawn {
  strip: Strip;
  /** its unit as this person likes it */ unit: string;
  /** px of a value as it is kept */ at: (value: number) => number;
  y: ScaleLinear<number, number>;
  top: number;
}

/** What a strip has to hold: the traces and the band behind them. */
function rangeOf(
  kept: KeptTraces,
  { quantities, least }: Strip,
  traces: Partial<Record<string, Series>>,
  course: ExpectedCourse | null,
  beganS: number,
  fromS: number,
): [number, number] | null {
  let [low, high] = [Infinity, -Infinity];
  for (const quantity of quantities) {
    const trace = traces[quantity];
    const range = trace && kept.range(trace, beganS + Math.min(0, fromS));
    if (range) [low, high] = [Math.min(low, range[0]), Math.max(high, range[1])];
    if (course && hasBand(quantity)) {
      for (const value of course.bands[quantity].low) low = Math.min(low, value);
      for (const value of course.bands[quantity].high) high = Math.max(high, value);
    }
  }
  if (!Number.isFinite(low)) return null;
  const short = Math.max(0, least - (high - low)) / 2;
  return [low - short - 0.06 * (high - low), high + short + 0.06 * (high - low)];
}

/**
 * A start over time, live: each quantity a strip, the band of what this build should show behind it. The traces are drawn on a canvas, however many readings
 * there are; axes and words stand over it.
 */
export function TraceChart({
  traces,
  course,
  beganS,
  fromS = 0,
  nowS,
  marks,
  told,
  unitPreferences,
}: {
  traces: Partial<Record<string, Series>>;
  course: ExpectedCourse | null;
  /** of the device's clock, when the button was pressed */ beganS: number;
  /** what stands at the left, s after the button */ fromS?: number;
  nowS: number;
  marks: readonly TraceMark[];
  unitPreferences: UnitPreferences;
  /** the chart in words */ told: string;
}) {
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [kept] = useState(() => new KeptTraces());
  const courseS = course ? (course.bands.volts.low.length - 1) * course.everyS : 300;
  const toS = Math.max(courseS, Math.ceil((nowS - beganS + 15) / 60) * 60);
  const right = Math.max(left + 120, width - 10);
  const x = useMemo(() => scaleLinear([fromS, toS], [left, right]), [fromS, toS, right]);
  const drawn: Drawn[] = [];
  let at = top;
  for (const strip of strips) {
    const range = rangeOf(kept, strip, traces, course, beganS, fromS);
    if (!range) continue;
    const like = (value: number) => inUnit(value, strip.title, unitPreferences).value;
    const y = scaleLinear(range.map(like), [at + stripHeight, at]);
    drawn.push({ strip, unit: inUnit(0, strip.title, unitPreferences).unit, top: at, y, at: (value) => y(like(value)) });
    at += stripHeight + gap;
  }
  const height = at + 24;
  const bottom = at - gap;

  useEffect(() => {
    const element = canvas.current;
    const pen = element?.getContext('2d');
    if (!element || !pen) return undefined;
    const frame = requestAnimationFrame(() => {
      const sharp = window.devicePixelRatio || 1;
      if (element.width !== Math.round(width * sharp) || element.height !== Math.round(height * sharp)) {
        element.width = Math.round(width * sharp);
        element.height = Math.round(height * sharp);
      }
      pen.setTransform(sharp, 0, 0, sharp, 0, 0);
      pen.clearRect(0, 0, width, height);
      const theme = getComputedStyle(element);
      const ink = (name: string) => theme.getPropertyValue(`--${name}`).trim();
      for (const { strip, at: px } of drawn) {
        for (const [i, quantity] of strip.quantities.entries()) {
          const colour = ink(strip.inks[i] ?? 'ink');
          if (course && hasBand(quantity)) {
            const { low, high } = course.bands[quantity];
            pen.beginPath();
            high.forEach((value, k) => pen.lineTo(x(k * course.everyS), px(value)));
            for (let k = low.length - 1; k >= 0; k -= 1) pen.lineTo(x(k * course.everyS), px(low[k] ?? 0));
            pen.closePath();
            pen.globalAlpha = 0.22;
            pen.fillStyle = colour;
            pen.fill();
            pen.globalAlpha = 1;
          }
          const trace = traces[quantity];
          if (!trace) continue;
          const columns = kept.columns(trace, beganS + fromS, beganS + toS, right - left);
          const wide = i === 0 ? 2.25 : 1.5;
          pen.beginPath();
          pen.strokeStyle = pen.fillStyle = colour;
          if (areDense(columns)) {
            inkBand(pen, columns, left, px, wide);
            pen.fill();
            continue;
          }
          for (const column of columns) {
            pen.lineTo(left + column.x, px(column.first));
            if (column.low !== column.high) {
              pen.lineTo(left + column.x, px(column.low));
              pen.lineTo(left + column.x, px(column.high));
            }
            pen.lineTo(left + column.x, px(column.last));
          }
          pen.lineWidth = wide;
          pen.setLineDash(i === 0 ? [] : i === 1 ? [6, 4] : [2, 3]);
          pen.stroke();
          pen.setLineDash([]);
        }
      }
    });
    return () => cancelAnimationFrame(frame);
  });

  // As many places as a finger can tell apart, at whole seconds.
  const lastS = Math.min(toS, Math.max(0, nowS - beganS));
  const cursorEvery = Math.max(1, Math.ceil((2 * (toS - fromS)) / (right - left)));
  const cursorS = Array.from(
    { length: Math.max(0, Math.floor((lastS - fromS) / cursorEvery)) + 1 },
    (_, i) => Math.ceil(fromS) + i * cursorEvery,
  );
  // As many as there is room for, at whole minutes.
  const timePx = clockText(toS).length * letterPx;
  const step = [60, 120, 300, 600, 1800].find((every) => ((right - left) * every) / toS > timePx + 16) ?? 3600;
  // A mark that would write over the one before it goes a row higher; where both rows are taken it is drawn without its word.
  const ends = [-Infinity, -Infinity];
  const placed = [...marks]
    .sort((a, b) => a.s - b.s)
    .map((mark) => {
      const px = x(mark.s);
      const wide = mark.label.length * letterPx + 10;
      // At the right edge a word stands before its mark.
      const before = px + wide > width;
      const row = ends.findIndex((end) => (before ? px - wide : px) > end);
      if (row !== -1) ends[row] = before ? px : px + wide;
      return { ...mark, px, row, before };
    });
  return (
    <div ref={holder} className="trace">
      <canvas ref={canvas} className="trace-ink" aria-hidden />
      <ChartFrame
        height={height}
        words={told}
        className="trace-axes"
        over={
          <ChartCursor
            label={words.whatWasReadInstantByInstant}
            plot={{ left, right, top, bottom }}
            xs={cursorS.map((s) => x(s))}
            tell={(i) => {
              const s = cursorS[i] ?? 0;
              return [
                clockText(s),
                ...drawn.flatMap(({ strip, unit }) =>
                  strip.quantities.flatMap((quantity) => {
                    const series = traces[quantity];
                    const value = series ? valueAt(series, beganS + s) : null;
                    return value === null
                      ? []
                      : [
                          `${deviceQuantities[quantity].label.toLowerCase()} ${formatFixed(inUnit(value, strip.title, unitPreferences).value, strip.title === '°C' ? 0 : 1)} ${unit}`,
                        ];
                  }),
                ),
              ];
            }}
          />
        }
      >
        {drawn.map(({ strip, unit, y, top: from }) => (
          <g key={strip.title}>
            <ChartAxes
              plot={{ left, right, top: from, bottom: from + stripHeight }}
              y={{ scale: y, ticks: 3, figure: (value) => formatFixed(value, strip.least <= 1 ? 1 : 0) }}
            />
            <text x={left + 6} y={from + 13} className="strip-title">
              {unit}
            </text>
          </g>
        ))}
        {placed.map(({ s, label, px, row, before }) => (
          <g key={`${label}${s}`} className="trace-mark">
            <line x1={px} x2={px} y1={top - 6} y2={bottom} />
            {row !== -1 && (
              <text x={before ? px - 4 : px + 4} y={top - 9 - row * rowPx} textAnchor={before ? 'end' : 'start'}>
                {label}
              </text>
            )}
          </g>
        ))}
        {Array.from({ length: Math.floor(toS / step) + 1 }, (_, i) => i * step).map((s) => (
          <text key={s} x={Math.min(x(s), width - timePx / 2 - 2)} y={bottom + 17} textAnchor="middle" className="mono">
            {clockText(s)}
          </text>
        ))}
      </ChartFrame>
    </div>
  );
}
