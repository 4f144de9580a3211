'use client';
import { drag, pointer, select, type D3DragEvent } from 'd3';
import { useEffect, useMemo, useRef } from 'react';
import type { Part } from '../../../core/build/field';
import { levelWords } from '../../../core/checks/Finding';
import { moveJoint, movePump, moveTank, tiltPump, type Moved } from '../../../core/drawing/run/dragRun';
import { segmentRows } from '../../../core/model/fuel/routeOf';
import { shareAlong } from '../../../core/drawing/run/shareAlong';
import { useLine } from '../../components/line/useLine';
import { frontShares } from '../../../core/drawing/line/frontShares';
import { layoutRun } from '../../../core/drawing/run/layoutRun';
import type { Mark } from '../../../core/drawing/run/marks';
import { figureAt, type FigurePath } from '../../../core/build/sheets';
import { useWorkspace, useSay, useFindingText } from '../../sync/useWorkspace';
import { goToStage } from '../../components/StageLink';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { RunInWords } from './RunInWords';
import { RunMarks } from './RunMarks';
import { useWidth } from '../useWidth';

const sheetOf: Record<Part, string> = {
  tank: 'fuel',
  pickup: 'fuel',
  suction: 'fuel',
  filter: 'fuel',
  pump: 'fuel',
  line: 'fuel',
  heater: 'heater',
  intake: 'air',
  exhaust: 'air',
  battery: 'wiring',
  cabin: 'proving',
};
const partNames: Record<Part, string> = {
  tank: 'Tank',
  pickup: 'Pickup',
  suction: 'Suction line',
  filter: 'Filter',
  pump: 'Pump',
  line: 'Line to the heater',
  heater: 'Heater',
  intake: 'Combustion air intake',
  exhaust: 'Exhaust',
  battery: 'Battery and feed',
  cabin: 'Carbon monoxide alarm',
};
const parts = Object.keys(sheetOf) as Part[];
/** On a phone the drawing keeps this width, px, and is pushed along. */
const phoneWidth = 760;
const partOfStage: Record<string, Part> = {
  fuel: 'tank',
  air: 'exhaust',
  wiring: 'battery',
  priming: 'line',
  startup: 'heater',
  proving: 'cabin',
  signoff: 'tank',
  heater: 'heater',
  survey: 'cabin',
  kit: 'heater',
  siting: 'heater',
};

/** Covers the part of the line that the fuel has not reached yet. */
function EmptyLine({ marks, front }: { marks: readonly Mark[]; front: { suction: number; line: number } }) {
  const lines = [
    ['suction', front.suction],
    ['pressure', front.line],
  ] as const;
  return (
    <>
      {lines.map(([name, share]) =>
        marks.map((mark) =>
          mark.kind === 'path' && mark.name === name && share < 1 ? (
            <path
              key={name}
              d={mark.d}
              fill="none"
              stroke="var(--sheet)"
              strokeWidth={mark.width + 0.5}
              pathLength={1}
              strokeDasharray={`0 ${share} ${1 - share} 0`}
              data-front={name}
              data-share={share.toFixed(3)}
            />
          ) : null,
        ),
      )}
    </>
  );
}

/** The fuel run to scale and live: touch a part to go to its sheet, drag the pump or the tank, tilt the pump by its end. */
export function RunView({ stage }: { stage: string }) {
  const { build, settled, findings, send, setDraft, mayWork, primedStrokes } = useWorkspace(
    'build',
    'settled',
    'findings',
    'send',
    'setDraft',
    'mayWork',
    'primedStrokes',
  );
  const { picked, pick, splitAt } = useLine();
  const say = useSay();
  const { message } = useFindingText();
  const [holder, measured] = useWidth<HTMLDivElement>(1130);
  const width = measured < 600 ? phoneWidth : measured;
  const max = measured < 600 ? 210 : 286;
  const drawing = useMemo(() => layoutRun(build, findings, width, max), [build, findings, width, max]);
  const svg = useRef<SVGSVGElement>(null);
  const partX = drawing.anchors[partOfStage[stage] ?? 'tank'].x;
  useEffect(() => {
    void holder.current?.parentElement?.scrollTo({ left: partX - measured / 2 });
  }, [holder, stage, measured, partX]);
  const live = useRef({ settled, scale: drawing.scale, pump: drawing.pump, mayWork });
  useEffect(() => {
    live.current = { settled, scale: drawing.scale, pump: drawing.pump, mayWork };
  });

  const fuelling = mayWork && stage === 'fuel';
  // Only what is there can be dragged: the handles come and go with the sheet and the rows.
  const joints = fuelling ? drawing.segments.flatMap(({ id, joint }) => (joint ? [id] : [])).join(' ') : '';
  const keep = useRef<(moved: readonly Moved[]) => void>(() => undefined);
  const sketch = useRef<(moved: readonly Moved[]) => void>(() => undefined);
  useEffect(() => {
    // A dragged figure becomes what is fitted where something was measured there already, else it stays a plan.
    const slotOf = (path: FigurePath) =>
      figureAt(settled.sheets, path).fitted !== null ? ('fitted' as const) : ('planned' as const);
    const rows = new Map(segmentRows(settled.lists).map((row) => [row.id, row]));
    keep.current = (moved) => {
      const figures = moved.flatMap((move) =>
        'path' in move
          ? [
              {
                path: move.path,
                slot: slotOf(move.path),
                from: figureAt(settled.sheets, move.path)[slotOf(move.path)],
                to: move.value,
              },
            ]
          : [],
      );
      const cells = moved.flatMap((move) =>
        'row' in move
          ? [
              {
                list: 'segments' as const,
                row: move.row,
                action: 'set' as const,
                column: move.column,
                from: rows.get(move.row)?.[move.column] ?? null,
                to: move.value,
              },
            ]
          : [],
      );
      const changes = figures.filter(({ from, to }) => from !== to);
      const set = cells.filter(({ from, to }) => from !== to);
      const errors = changes.length > 0 ? send({ kind: 'figures', changes }) : [];
      if (errors.length === 0 && set.length > 0) send({ kind: 'rows', changes: set });
    };
    sketch.current = (moved) =>
      setDraft(
        'run',
        moved.map((move) => ('path' in move ? { ...move, slot: slotOf(move.path) } : { ...move, list: 'segments' })),
      );
  });

  useEffect(() => {
    const root = svg.current;
    if (!root) return undefined;
    const follow = (
      name: string,
      figures: (dx: number, dz: number, event: D3DragEvent<SVGRectElement, unknown, unknown>) => Moved[],
    ) => {
      let waiting = 0;
      let start = { x: 0, y: 0, scale: 1 };
      let last: Moved[] = [];
      let moved = false;
      return select(root)
        .select<SVGRectElement>(`[data-drag="${name}"]`)
        .call(
          drag<SVGRectElement, unknown>()
            .filter((event: MouseEvent) => live.current.mayWork && !event.button)
            .clickDistance(4)
            .container(() => root)
            .on('start', (event: D3DragEvent<SVGRectElement, unknown, unknown>) => {
              start = { x: event.x, y: event.y, scale: live.current.scale };
              last = [];
              moved = false;
            })
            .on('drag', (event: D3DragEvent<SVGRectElement, unknown, unknown>) => {
              if (Math.hypot(event.x - start.x, event.y - start.y) > 4) moved = true;
              if (!moved) return;
              last = figures((event.x - start.x) / start.scale, -(event.y - start.y) / start.scale, event);
              // One picture a frame, however often the pointer tells of itself.
              waiting ||= requestAnimationFrame(() => {
                waiting = 0;
                if (last.length > 0) sketch.current(last);
              });
            })
            .on('end', () => {
              cancelAnimationFrame(waiting);
              waiting = 0;
              if (last.length > 0) keep.current(last);
              setDraft('run', []);
            }),
        );
    };
    follow('pump', (dx, dz) => movePump(live.current.settled, dx, dz));
    follow('tank', (dx, dz) => moveTank(live.current.settled, dx, dz));
    for (const id of joints.split(' ').filter(Boolean)) follow(id, (dx, dz) => moveJoint(live.current.settled, id, dx, dz));
    follow('tilt', (_dx, _dz, event) => {
      const [px, py] = pointer(event.sourceEvent, root);
      const { x, y } = live.current.pump;
      return tiltPump((Math.atan2(y - py, Math.max(px - x, 1)) * 180) / Math.PI);
    });
    return () => {
      select(root).selectAll('[data-drag]').on('.drag', null);
    };
  }, [setDraft, joints]);

  const open = (part: Part) => goToStage(`/builds/${build.id}/${sheetOf[part]}`);
  const press = (part: Part) => (event: React.KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      open(part);
      return;
    }
    if (!mayWork || (part !== 'pump' && part !== 'tank')) return;
    const step = event.shiftKey ? 100 : 10;
    const by = (
      { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] } as Record<
        string,
        [number, number]
      >
    )[event.key];
    const turn = part === 'pump' ? ({ '[': -1, ']': 1 } as Record<string, number>)[event.key] : undefined;
    if (by) {
      event.preventDefault();
      keep.current((part === 'pump' ? movePump : moveTank)(settled, by[0], by[1]));
    }
    if (turn) {
      event.preventDefault();
      keep.current(tiltPump(drawing.pump.angleDeg + turn));
    }
  };
  const front = primedStrokes === null ? null : frontShares(settled, primedStrokes);
  const { pump } = drawing;
  const tip = {
    x: pump.x + pump.lengthPx * Math.cos((pump.angleDeg * Math.PI) / 180) * 1.0,
    y: pump.y - pump.lengthPx * Math.sin((pump.angleDeg * Math.PI) / 180),
  };
  return (
    <div ref={holder}>
      <svg
        ref={svg}
        className="run"
        width={width}
        height={drawing.height}
        viewBox={`0 0 ${width} ${drawing.height}`}
        role="group"
        aria-label="The run, from tank to exhaust, drawn to scale. Planned parts are broken lines, fitted ones full, proven ones heavy."
      >
        <RunMarks marks={drawing.marks} say={say} />
        {front && <EmptyLine marks={drawing.marks} front={front} />}
        {parts.map((part) => {
          const box = drawing.boxes[part];
          const worst = drawing.told[part];
          const movable = mayWork && (part === 'pump' || part === 'tank');
          const told = worst ? `. ${levelWords[worst.finding.level]}: ${message(worst.finding)}` : '';
          return (
            <rect
              key={part}
              className={`hit${movable ? ' drag' : ''}`}
              data-drag={part === 'pump' || part === 'tank' ? part : undefined}
              data-part={part}
              x={box.x}
              y={box.y}
              width={box.w}
              height={box.h}
              rx={3}
              tabIndex={0}
              role="link"
              aria-label={`${partNames[part]}${told}`}
              onClick={() => open(part)}
              onKeyDown={press(part)}
            />
          );
        })}
        {fuelling &&
          drawing.segments.map(({ id, name, from, to, d }) => (
            <path
              key={id}
              d={d}
              className={picked === id ? 'segment lit' : 'segment'}
              data-segment={id}
              onClick={() => pick(id)}
              onDoubleClick={(event) => {
                const [px, py] = pointer(event, svg.current);
                splitAt(id, shareAlong(from, to, px, py));
              }}
            >
              <title>{`${name}: touch to choose, touch twice to split`}</title>
            </path>
          ))}
        {fuelling &&
          drawing.segments.map(({ id, to, joint }) =>
            joint ? (
              <g key={id} className="joint" data-drag={id} aria-hidden>
                <circle cx={to.x} cy={to.y} r={16} />
                <circle cx={to.x} cy={to.y} r={5} />
              </g>
            ) : null,
          )}
        {mayWork && stage === 'fuel' && <circle className="handle" data-drag="tilt" cx={tip.x} cy={tip.y} r={9} aria-hidden />}
        {parts.map((part) => {
          const worst = drawing.told[part];
          const at = drawing.anchors[part];
          if (!worst) return null;
          return (
            <g
              key={part}
              className={`level-${worst.finding.level}`}
              pointerEvents="none"
              data-mark={part}
              data-level={worst.finding.level}
            >
              <LevelGlyph level={worst.finding.level} size={18} x={at.x - 9} y={at.y - 9} />
              {worst.more > 0 && (
                <text x={at.x + 13} y={at.y + 5} style={{ fill: 'currentColor', fontWeight: 700 }}>
                  +{worst.more}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <RunInWords />
    </div>
  );
}
