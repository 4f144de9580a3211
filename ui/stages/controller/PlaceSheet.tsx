'use client';
import { useEffect, useMemo, useRef, useState } from 'react';
import { figureAt } from '../../../core/build/sheets';
import { hungPaths, placePicture, type Hung } from '../../../core/drawing/controller/placePicture';
import { readerOf } from '../../../core/figures/readerOf';
import { slotNow } from '../../../core/measure/walkRound';
import { dragNothing, dragPart } from '../../charts/dragPart';
import { PlanHandle } from '../../charts/PlanHandle';
import { useWidth } from '../../charts/useWidth';
import { Problems } from '../../components/cells/Problems';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { controller as t } from '../../texts/en/controller';

/** To this many mm a thing is set by hand: a drawing tells no more. */
const stepMm = 10;
const snapped = (mm: number) => Math.max(0, Math.round(mm / stepMm) * stepMm);

/** The floor from above: panel and sensor are dragged or moved by keys; the lead runs along the sides, and a ring stands round each outlet. */
export function PlaceSheet() {
  const { build, settled, send, setDraft, mayWork } = useWorkspace('build', 'settled', 'send', 'setDraft', 'mayWork');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const [problems, setProblems] = useState<string[]>([]);
  const drawing = useMemo(() => placePicture(build, width, readerOf(build).limit('sensorApartMm').value), [build, width]);
  const svg = useRef<SVGSVGElement>(null);
  const figuresAt = (id: Hung, xMm: number, yMm: number) =>
    hungPaths[id].map((path, i) => {
      const slot = slotNow(settled, path);
      return { path, slot, from: figureAt(settled.sheets, path)[slot], to: snapped(i === 0 ? xMm : yMm) };
    });
  const put = (id: Hung, xMm: number, yMm: number) => {
    const changes = figuresAt(id, xMm, yMm).filter(({ from, to }) => from !== to);
    setProblems(changes.length === 0 ? [] : send({ kind: 'figures', changes }));
  };
  const live = useRef({ drawing, mayWork, put, figuresAt, setDraft });
  useEffect(() => {
    live.current = { drawing, mayWork, put, figuresAt, setDraft };
  });
  const there = drawing !== null;
  useEffect(() => {
    const root = svg.current;
    if (!root || !there) return undefined;
    root.querySelectorAll<SVGElement>('[data-hung]').forEach((part) => {
      const id = part.dataset.hung as Hung;
      const of = () => live.current.drawing?.hung.find((one) => one.id === id);
      let from = { xMm: 0, yMm: 0 };
      let last = from;
      let begun = false;
      dragPart(root, part, {
        may: () => live.current.mayWork,
        scale: () => live.current.drawing?.scale ?? 1,
        move: (dx, dy) => {
          if (!begun) from = of() ?? from;
          begun = true;
          last = { xMm: from.xMm + dx, yMm: from.yMm + dy };
          live.current.setDraft(
            'hung',
            live.current.figuresAt(id, last.xMm, last.yMm).map(({ path, slot, to }) => ({ path, slot, value: to })),
          );
        },
        end: (moved) => {
          begun = false;
          if (moved) live.current.put(id, last.xMm, last.yMm);
          live.current.setDraft('hung', []);
        },
      });
    });
    return () => dragNothing(root);
  }, [there]);
  if (!drawing)
    return (
      <div ref={holder} className="floor-none soft">
        {t.noFloor}
      </div>
    );
  const name = { panel: t.panel, sensor: t.sensor } as const;
  const told = ({ id, said, xMm, yMm }: (typeof drawing.hung)[number]) =>
    said
      ? say(t.placedAt({ what: name[id], x: `${Math.round(xMm)} mm`, y: `${Math.round(yMm)} mm` }))
      : t.notPlaced({ what: name[id] });
  const { floor, heater } = drawing;
  return (
    <div ref={holder} className="place-sheet">
      <p className="soft">{t.placeHint}</p>
      <svg
        ref={svg}
        className="place"
        width={drawing.width}
        height={drawing.height}
        role="group"
        aria-label={t.floorInWords({ words: drawing.hung.map((one) => `${told(one)}.`).join(' ') })}
      >
        <rect className={drawing.assumed ? 'floor assumed' : 'floor'} x={floor.x} y={floor.y} width={floor.w} height={floor.h} />
        <defs>
          <clipPath id="place-floor">
            <rect x={floor.x} y={floor.y} width={floor.w} height={floor.h} />
          </clipPath>
        </defs>
        {drawing.outlets.map(({ id, name: outlet, x, y, nearPx, anchor }) => (
          <g key={id} className="outlet">
            <circle className="near" cx={x} cy={y} r={nearPx} clipPath="url(#place-floor)" />
            <circle className="mouth" cx={x} cy={y} r={7} />
            <text className="halo" x={x} y={y - 12} textAnchor={anchor}>
              {outlet}
            </text>
          </g>
        ))}
        <path className="lead" d={drawing.lead} />
        <g className="heater">
          <rect x={heater.x - 16} y={heater.y - 10} width={32} height={20} />
          <text className="halo" x={heater.x} y={heater.y + 28} textAnchor="middle">
            {t.heater}
          </text>
        </g>
        {drawing.hung.map((one) => (
          <g key={one.id} className={one.said ? `hung ${one.id}` : `hung ${one.id} unsaid`}>
            {one.id === 'panel' ? (
              <rect x={one.x - 11} y={one.y - 8} width={22} height={16} />
            ) : (
              <path d={`M${one.x},${one.y - 11}l11,11l-11,11l-11,-11z`} />
            )}
            <text
              className="halo"
              x={one.x + (one.anchor === 'end' ? -17 : 17)}
              y={one.y + 5}
              textAnchor={one.anchor === 'end' ? 'end' : 'start'}
            >
              {one.said ? name[one.id] : t.notPlaced({ what: name[one.id] })}
            </text>
            <PlanHandle
              x={one.x}
              y={one.y}
              name={one.id === 'panel' ? t.panelKeys : t.sensorKeys}
              told={told(one)}
              atMm={Math.round(one.xMm)}
              data={{ 'data-hung': one.id }}
              onMove={(dxMm, dyMm) => mayWork && put(one.id, one.xMm + dxMm, one.yMm - dyMm)}
            />
          </g>
        ))}
      </svg>
      <Problems all={problems} />
    </div>
  );
}
