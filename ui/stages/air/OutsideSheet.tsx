'use client';
import { Button } from '@mui/material';
import { useMemo, useRef, useState } from 'react';
import { firstSpot, layoutOutside, type OutsideEnd } from '../../../core/drawing/outside/layoutOutside';
import { blows, downwind, outsidePlan, windNames, type Wind } from '../../../core/model/air/outsidePlan';
import { takeAssumed } from '../../../core/build/takeAssumed';
import { formatFixed } from '../../../core/units/formatNumber';
import { PlanHandle } from '../../charts/PlanHandle';
import { useWidth } from '../../charts/useWidth';
import { CellPick, Options } from '../../components/cells/CellInput';
import { Problems } from '../../components/cells/Problems';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { air as t } from '../../texts/en/air';
import { useOutsideDrag, usePlaceEnd, type MovedOutside } from './useOutsideDrag';

/** One end of a pipe: its pipe, where it points, and the handle by which it is moved. */
function End({
  end,
  onMove,
  say,
}: {
  end: OutsideEnd;
  onMove: (dxMm: number, dyMm: number) => void;
  say: (text: string) => string;
}) {
  const exhaust = end.id === 'exhaust';
  return (
    <g className={`end ${end.id} ${end.ink}`}>
      <path className="pipe" d={end.pipe} />
      <path className="points" d={end.arrow} />
      <circle className="mouth" cx={end.x} cy={end.y} r={8} />
      <text x={end.label.x} y={end.label.y} textAnchor={end.label.anchor}>
        {say(end.text)}
      </text>
      <PlanHandle
        x={end.x}
        y={end.y}
        name={exhaust ? t.exhaustEndKeys : t.intakeEndKeys}
        told={say(end.text)}
        atMm={end.xMm}
        data={{ 'data-end': end.id }}
        onMove={onMove}
      />
    </g>
  );
}

/** The body from above with its openings, what stands near, and both ends, which are dragged or moved by keys; a wind shows what lies downwind. */
export function OutsideSheet({ selected, onSelect }: { selected: string | null; onSelect: (id: string | null) => void }) {
  const { build, settled } = useWorkspace('build', 'settled');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const [moved, setMoved] = useState<MovedOutside | null>(null);
  const [wind, setWind] = useState<Wind | ''>('');
  const [problems, setProblems] = useState<string[]>([]);
  const drawing = useMemo(
    () => layoutOutside(build, width, width < 520 ? 380 : 430, { moved, wind: wind === '' ? null : wind }),
    [build, width, moved, wind],
  );
  const svg = useRef<SVGSVGElement>(null);
  useOutsideDrag(svg, drawing, { selected, setMoved });
  const { place, at, mayWork } = usePlaceEnd();
  const move = (id: OutsideEnd['id']) => (dxMm: number, dyMm: number) => {
    const from = at(id);
    if (from && mayWork) setProblems(place(id, from.x + dxMm, from.y + dyMm));
  };
  if (!drawing)
    return (
      <div ref={holder} className="floor-none soft">
        {t.planOnceTheFloor}
      </div>
    );
  const plan = outsidePlan(takeAssumed(settled));
  const hits = wind === '' || !plan ? [] : downwind(plan, wind);
  const along = wind === '' ? null : blows[wind];
  const rose = { x: drawing.width - 38, y: 40 };
  return (
    <div ref={holder} className="floor-sheet outside-sheet">
      <svg
        ref={svg}
        className="floor outside"
        width={drawing.width}
        height={drawing.height}
        role="group"
        aria-label={say(t.planInWords({ words: drawing.words }))}
      >
        <path className={drawing.bodyAssumed ? 'body assumed' : 'body'} d={drawing.body} />
        {drawing.plume && <path className="plume" d={drawing.plume.d} />}
        <path className="travel" d={`M${drawing.width / 2 + 34},16H${drawing.width / 2 - 34}m9,-6l-9,6l9,6`} />
        <text className="side" x={drawing.width / 2 + 42} y={20}>
          {t.travels}
        </text>
        {drawing.heater && (
          <g className="heater-spot">
            <rect
              x={drawing.heater.x - drawing.heater.size / 2}
              y={drawing.heater.y - drawing.heater.size / 4}
              width={drawing.heater.size}
              height={drawing.heater.size / 2}
            />
          </g>
        )}
        {drawing.things.map((thing) => (
          <g
            key={thing.id}
            className={`out-thing kind-${thing.kind}${thing.opening ? ' opening' : ''}${selected === thing.id ? ' lit' : ''}${drawing.plume?.hit.includes(thing.id) ? ' downwind' : ''}`}
          >
            {thing.vent ? (
              <path className={thing.vent.shut ? 'vent-mark shut' : 'vent-mark'} d={thing.vent.d} />
            ) : (
              <rect className="body" x={thing.x} y={thing.y} width={thing.w} height={thing.h} />
            )}
            <rect
              className="touch"
              data-thing={thing.id}
              onClick={() => onSelect(thing.id)}
              x={thing.x - Math.max(0, (30 - thing.w) / 2)}
              y={thing.y - Math.max(0, (30 - thing.h) / 2)}
              width={Math.max(30, thing.w)}
              height={Math.max(30, thing.h)}
            >
              <title>{thing.text}</title>
            </rect>
          </g>
        ))}
        {drawing.things.map((thing) => (
          <text
            key={thing.id}
            className={`${thing.opening ? 'opening' : ''}${drawing.plume?.hit.includes(thing.id) ? ' downwind' : ''}`}
            x={thing.label.x}
            y={thing.label.y}
            textAnchor={thing.label.anchor}
          >
            {thing.text}
          </text>
        ))}
        {drawing.ends.map((end) => (
          <End key={end.id} end={end} onMove={move(end.id)} say={say} />
        ))}
        {along && (
          <g className="rose">
            <circle cx={rose.x} cy={rose.y} r={24} />
            <path d={`M${rose.x - along.x * 18},${rose.y + along.y * 18}L${rose.x + along.x * 18},${rose.y - along.y * 18}`} />
            <circle className="head" cx={rose.x + along.x * 18} cy={rose.y - along.y * 18} r={4} />
          </g>
        )}
      </svg>
      <div className="inline">
        {drawing.unplaced.map((id) => {
          const spot = firstSpot(settled, id);
          return (
            spot &&
            mayWork && (
              <Button key={id} variant="contained" onClick={() => setProblems(place(id, spot.x, spot.y))}>
                {id === 'exhaust' ? t.placeExhaust : t.placeIntake}
              </Button>
            )
          );
        })}
        {drawing.ends.some(({ id }) => id === 'exhaust') && (
          <CellPick name={t.wind} value={wind} disabled={false} onChoose={(id) => setWind(id as Wind | '')}>
            <Options of={windNames} empty={t.noWind} />
          </CellPick>
        )}
        {wind !== '' && (
          <span role="status">
            {hits.length === 0
              ? t.nothingDownwind
              : say(t.liesDownwind({ things: hits.map(({ thing, mm }) => `${thing.name}, ${formatFixed(mm)} mm`).join('; ') }))}
          </span>
        )}
      </div>
      <Problems all={problems} />
    </div>
  );
}
