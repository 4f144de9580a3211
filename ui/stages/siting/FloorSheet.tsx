'use client';
import { useMemo, useRef, useState } from 'react';
import { movePlace, layoutFloor, type FloorView } from '../../../core/drawing/floor/layoutFloor';
import { floorForm } from '../../../core/drawing/floor/floorForm';
import { placeOf } from '../../../core/model/siting/SitingPlan';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { arrowOf } from '../../charts/dragPart';
import { leastWidth } from '../../charts/form/DrawnFigures';
import { DimensionLines, DrawnPins, FormSheet } from '../../charts/form/FormDrawingView';
import { useWidth } from '../../charts/useWidth';
import { useFloorDrag, type MovedThing } from './useFloorDrag';
import { usePlaceHeater } from './usePlaceHeater';
import { siting as t } from '../../texts/en/siting';

/** The floor from above or as seen lying underneath, to scale; the heater and what lies below can be dragged, the heater moved by keys. */
export function FloorSheet({
  view,
  selected,
  onSelect,
  form,
}: {
  view: FloorView;
  selected: string | null;
  onSelect: (id: string | null) => void;
  /** whether figures are typed on it */ form: boolean;
}) {
  const { build, settled, findings, mayWork } = useWorkspace('build', 'settled', 'findings', 'mayWork');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const [moved, setMoved] = useState<MovedThing | null>(null);
  const wide = form ? Math.max(leastWidth, width - 4) : width;
  const drawing = useMemo(
    () => layoutFloor(build, view, wide, width < 520 ? 420 : 460, { moved, form }),
    [build, view, wide, width, moved, form],
  );
  const typed = useMemo(
    () => (drawing && form ? floorForm(build, findings, { drawing, view, selected }) : null),
    [build, findings, drawing, view, selected, form],
  );
  const { keep } = usePlaceHeater();
  const svg = useRef<SVGSVGElement>(null);
  useFloorDrag(svg, drawing, { view, selected, setMoved });
  const press = (event: React.KeyboardEvent) => {
    const from = placeOf(settled);
    if (!from || !mayWork) return;
    const arrow = arrowOf(event.key);
    const step = event.shiftKey ? 10 : 1;
    const turn = ({ '[': -15, ']': 15, r: 90 } as Record<string, number>)[event.key];
    if (!arrow && turn === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    if (arrow) keep(movePlace(settled, from, arrow[0] * step, arrow[1] * (view === 'above' ? step : -step), false));
    else if (turn !== undefined) keep({ ...from, turnDeg: (((from.turnDeg + turn) % 360) + 360) % 360 });
  };
  if (!drawing)
    return (
      <div ref={holder} className="floor-none soft">
        {t.theFloorSheetIsDrawnOnce}
      </div>
    );
  const { heater, floor } = drawing;
  const title = view === 'above' ? t.theFloorFromAbove : t.theFloorAsSeenLyingUnderneath;
  const sheet = (
    <svg
      ref={svg}
      className="floor"
      width={drawing.width}
      height={drawing.height}
      role="group"
      aria-label={drawing.known ? t.toScaleFrontAtTheLeft({ title }) : t.itsSizeIsNotKnownYet({ title })}
    >
      <defs>
        <pattern id="below-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="1.6" height="7" fill="var(--soft)" />
        </pattern>
      </defs>
      <rect
        {...{ x: floor.x, y: floor.y, width: floor.w, height: floor.h }}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={2.5}
        strokeDasharray={drawing.known && !drawing.assumed ? undefined : '2 5'}
      />
      <path d={drawing.grid} stroke="var(--grid)" fill="none" />
      {drawing.things.map((thing) => (
        <g
          key={thing.id}
          className={`thing ${thing.where}${thing.bad ? ' bad' : ''}${selected === thing.id ? ' lit' : ''} kind-${thing.kind}`}
        >
          <rect
            x={thing.x}
            y={thing.y}
            width={thing.w}
            height={thing.h}
            fill={thing.where === 'below' ? 'url(#below-hatch)' : undefined}
            className="body"
          />
          {thing.label && (
            <text
              x={thing.label.x}
              y={thing.label.y}
              textAnchor="middle"
              transform={thing.label.upright ? `rotate(-90 ${thing.label.x} ${thing.label.y})` : undefined}
            >
              {thing.name}
            </text>
          )}
          <rect
            className="touch"
            data-thing={thing.id}
            data-where={thing.where}
            onClick={() => onSelect(thing.id)}
            x={thing.x - Math.max(0, (24 - thing.w) / 2)}
            y={thing.y - Math.max(0, (24 - thing.h) / 2)}
            width={Math.max(24, thing.w)}
            height={Math.max(24, thing.h)}
          >
            <title>{thing.name}</title>
          </rect>
        </g>
      ))}
      {drawing.datums.map((datum) => (
        <g key={datum.id} className="datum">
          <path d={datum.d} />
          <text x={datum.x} y={datum.y}>
            {datum.name}
          </text>
        </g>
      ))}
      {drawing.vents.map((vent) => (
        <g key={vent.id} className={vent.shut ? 'floor-vent shut' : 'floor-vent'}>
          <path d={vent.d}>
            <title>{`${vent.name}: ${vent.text}`}</title>
          </path>
          <text x={vent.x + 12} y={vent.y + 4}>
            {vent.text}
          </text>
        </g>
      ))}
      {drawing.targets.map((target) => (
        <g key={target.name} className={`target flow-${target.name}`}>
          <circle cx={target.x} cy={target.y} r={6} />
          <text x={target.x + 10} y={target.y + 4}>
            {target.name}
          </text>
        </g>
      ))}
      {heater && (
        <g className="heater">
          {(typed ? [] : heater.dims).map((dim) => (
            <g key={dim.d} className="dim">
              <path d={dim.d} />
              {dim.text && (
                <text x={dim.x} y={dim.y} textAnchor={dim.d.includes('H') ? 'middle' : 'start'}>
                  {say(dim.text)}
                </text>
              )}
            </g>
          ))}
          <path className="zone inlet" d={heater.inletZone} />
          <path className="zone hot" d={heater.hotZone} />
          <path className={drawing.assumed ? 'outline assumed' : 'outline'} d={heater.outline} />
          <path className="arrow" d={heater.arrow} />
        </g>
      )}
      {drawing.holes.map((hole) => (
        <circle
          key={hole.id}
          className={hole.bad ? 'hole bad' : 'hole'}
          cx={hole.x}
          cy={hole.y}
          r={hole.r}
          data-hole={hole.name}
          data-bad={hole.bad}
        />
      ))}
      {drawing.sides.map((side) => (
        <text
          key={side.text}
          className="side"
          x={side.x}
          y={side.y}
          textAnchor={side.anchor}
          transform={side.upright ? `rotate(-90 ${side.x} ${side.y})` : undefined}
        >
          {side.text}
        </text>
      ))}
      {typed && (
        <>
          <DimensionLines drawing={typed} />
          <DrawnPins pins={typed.pins} />
        </>
      )}
      {heater && (
        <rect
          data-drag-heater
          className="touch heater-touch"
          x={heater.box.x}
          y={heater.box.y}
          width={heater.box.w}
          height={heater.box.h}
          tabIndex={0}
          role="slider"
          aria-label={t.theHeatersPlaceArrowKeysMove}
          aria-valuenow={Math.round(placeOf(build)?.x ?? 0)}
          aria-valuetext={say(
            t.mmFromTheFrontMmFrom2({
              x: placeOf(build)?.x ?? 0,
              y: placeOf(build)?.y ?? 0,
              turnDeg: placeOf(build)?.turnDeg ?? 0,
              inletMm: Math.round(heater.inletMm),
              hotMm: Math.round(heater.hotMm),
            }),
          )}
          onKeyDown={press}
        />
      )}
    </svg>
  );
  return (
    <div ref={holder} className="floor-sheet">
      {typed ? (
        <FormSheet drawing={typed} title={title}>
          {sheet}
        </FormSheet>
      ) : (
        sheet
      )}
    </div>
  );
}
