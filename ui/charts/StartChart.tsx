'use client';
import { axisBottom, axisLeft, curveMonotoneX, extent, line, scaleLinear, select } from 'd3';
import { useEffect, useRef } from 'react';
import { quantities, type QuantityId, type StartRun } from '../../core/build/Build';
import { summarizeStart } from '../../core/model/startup/summarizeStart';
import { inUnit, type UnitPreferences } from '../../core/units/inUnits';
import { formatShort } from '../../core/units/formatNumber';
import { useWidth } from './useWidth';
import { ChartCursor } from './ChartCursor';
import { ChartFrame } from './ChartFrame';
import { charts as words } from '../texts/en/charts';

const strips: { ids: QuantityId[]; label: string; colour: string[] }[] = [
  { ids: ['volts'], label: 'V', colour: ['var(--ink)'] },
  { ids: ['amps'], label: 'A', colour: ['var(--ink)'] },
  {
    ids: ['hertz'],
    get label() {
      return words.hz;
    },
    colour: ['var(--fuel)'],
  },
  { ids: ['outletC', 'returnC'], label: '°C', colour: ['var(--heat)', 'var(--air)'] },
];
const strip = 92;
const left = 44;

/** Volts, amps, hertz and temperatures of a start over time, one strip each, its phases behind. */
export function StartChart({ run, unitPreferences }: { run: StartRun; unitPreferences: UnitPreferences }) {
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const svg = useRef<SVGSVGElement>(null);
  const shown = strips.filter(({ ids }) => run.readings.some((r) => ids.includes(r.quantity)));
  const height = shown.length * strip + 48;
  const last = Math.max(60, ...run.readings.map((r) => r.atS), ...run.events.map((e) => e.atS));
  const right = Math.max(width - 8, left + 100);
  useEffect(() => {
    const root = select(svg.current);
    root.selectAll('*').remove();
    const x = scaleLinear([0, last], [left, right]);
    const phases = summarizeStart(run).phases;
    phases.forEach((phase, i) => {
      const [x0, x1] = [x(phase.fromS), x(phase.toS)];
      root
        .append('rect')
        .attr('x', x0)
        .attr('y', 18)
        .attr('width', Math.max(0, x1 - x0))
        .attr('height', height - 42)
        .attr('fill', i % 2 ? 'var(--paper)' : 'var(--grid)')
        .attr('opacity', 0.8);
      if (x1 - x0 > phase.name.length * 7.2)
        root
          .append('text')
          .attr('x', x0 + 4)
          .attr('y', 13)
          .text(phase.name);
    });
    shown.forEach(({ ids, label, colour }, i) => {
      const top = 20 + i * strip;
      const like = (value: number) => inUnit(value, label, unitPreferences).value;
      const values = run.readings.filter((r) => ids.includes(r.quantity)).map((r) => like(r.value));
      const [low = 0, high = 1] = extent(values) as [number, number];
      const room = Math.max((high - low) * 0.12, label === 'V' ? 0.3 : 0.5);
      const y = scaleLinear([label === 'V' || label === '°C' ? low - room : 0, high + room], [top + strip - 10, top + 6]);
      root
        .append('g')
        .attr('class', 'axis')
        .attr('transform', `translate(${left},0)`)
        .call(axisLeft(y).ticks(3).tickSizeOuter(0))
        .select('.domain')
        .attr('d', `M0,${top + 6}V${top + strip - 10}`);
      root
        .append('text')
        .attr('x', 2)
        .attr('y', top + 12)
        .attr('font-weight', 700)
        .text(inUnit(0, label, unitPreferences).unit);
      ids.forEach((id, j) => {
        const points = run.readings.filter((r) => r.quantity === id).sort((a, b) => a.atS - b.atS);
        root
          .append('path')
          .attr(
            'd',
            line<(typeof points)[number]>(
              (p) => x(p.atS),
              (p) => y(like(p.value)),
            ).curve(curveMonotoneX)(points),
          )
          .attr('fill', 'none')
          .attr('stroke', colour[j] ?? 'var(--ink)')
          .attr('stroke-width', 2.25)
          .attr('stroke-dasharray', j === 1 ? '6 4' : null);
        if (points.length < 80)
          root
            .selectAll(null)
            .data(points)
            .join('circle')
            .attr('cx', (p) => x(p.atS))
            .attr('cy', (p) => y(like(p.value)))
            .attr('r', 2.6)
            .attr('fill', colour[j] ?? 'var(--ink)');
      });
    });
    root
      .append('g')
      .attr('class', 'axis')
      .attr('transform', `translate(0,${height - 24})`)
      .call(
        // Ticks at whole minutes where the start lasted some minutes.
        axisBottom(last > 300 ? x.copy().domain([0, last / 60]) : x)
          .ticks(Math.max(3, width / 110))
          .tickFormat((t) => `${Number(t)} ${last > 300 ? 'min' : 's'}`)
          .tickSizeOuter(0),
      );
  }, [run, width, height, shown, last, right, unitPreferences]);
  if (shown.length === 0) return <p className="soft">{words.noReadingsYet}</p>;
  const instants = [...new Set(run.readings.map((r) => r.atS))].sort((a, b) => a - b);
  const told = shown
    .flatMap(({ ids }) => ids)
    .map((id) => quantities[id].label.toLowerCase())
    .join(', ');
  return (
    <div ref={holder}>
      <ChartFrame
        ref={svg}
        height={height}
        over={
          <ChartCursor
            label={words.whatWasReadInstantByInstant}
            plot={{ left, right, top: 18, bottom: height - 24 }}
            xs={instants.map(scaleLinear([0, last], [left, right]))}
            tell={(at) => [
              `${instants[at]} s`,
              ...run.readings
                .filter((r) => r.atS === instants[at])
                .map(({ quantity, value }) => {
                  const { value: is, unit } = inUnit(value, quantities[quantity].unit, unitPreferences);
                  return `${quantities[quantity].label.toLowerCase()} ${formatShort(is)} ${unit}`;
                }),
            ]}
          />
        }
        words={words.chartOverTimeOfReadingsThe({ told, n: run.readings.length })}
      />
    </div>
  );
}
