'use client';
import { pointer } from 'd3';
import { useEffect, useMemo, useRef } from 'react';
import type { Part } from '../../../core/build/field';
import { placeHref, type Place } from '../../../core/build/places';
import { levelText } from '../../../core/checks/Finding';
import { movePump, moveTank, tiltPump } from '../../../core/drawing/run/dragRun';
import { shareAlong } from '../../../core/drawing/run/shareAlong';
import { useLine } from '../../components/line/useLine';
import { frontShares } from '../../../core/drawing/line/frontShares';
import { layoutRun } from '../../../core/drawing/run/layoutRun';
import { useWorkspace, useSay, useFindingText } from '../../sync/useWorkspace';
import { goToStage } from '../../components/StageLink';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { EmptyLine } from './EmptyLine';
import { RunMarks } from './RunMarks';
import { arrowOf } from '../dragPart';
import { useWidth } from '../useWidth';
import { partNames, partOfPlace, placeOfPart, runParts } from './runParts';
import { useRunDrag } from './useRunDrag';
import { charts as t } from '../../texts/en/charts';

/** On a phone the drawing keeps this width, px, and is pushed along. */
const phoneWidth = 760;
/** The fuel run to scale and live: touch a part to go to its sheet, drag the pump or the tank, tilt the pump by its end. */
export function RunView({ place }: { place: Place }) {
  const { sheet, section } = place;
  const { build, settled, findings, mayWork, primedStrokes } = useWorkspace(
    'build',
    'settled',
    'findings',
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
  const partX = drawing.anchors[partOfPlace(sheet, section)].x;
  useEffect(() => {
    void holder.current?.parentElement?.scrollTo({ left: partX - measured / 2 });
  }, [holder, section, measured, partX]);
  const fuelling = mayWork && sheet === 'fuel';
  const joints = fuelling ? drawing.segments.flatMap(({ id, joint }) => (joint ? [id] : [])).join(' ') : '';
  const keep = useRunDrag(svg, drawing, joints);

  const open = (part: Part) => goToStage(placeHref(build.id, placeOfPart[part]));
  const press = (part: Part) => (event: React.KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      open(part);
      return;
    }
    if (!mayWork || (part !== 'pump' && part !== 'tank')) return;
    const arrow = arrowOf(event.key);
    const step = event.shiftKey ? 100 : 10;
    const turn = part === 'pump' ? ({ '[': -1, ']': 1 } as Record<string, number>)[event.key] : undefined;
    if (!arrow && !turn) return;
    event.preventDefault();
    if (arrow) keep((part === 'pump' ? movePump : moveTank)(settled, arrow[0] * step, arrow[1] * step));
    if (turn) keep(tiltPump(drawing.pump.angleDeg + turn));
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
        aria-label={t.theRunFromTankToExhaust}
      >
        <RunMarks marks={drawing.marks} say={say} />
        {front && <EmptyLine marks={drawing.marks} front={front} />}
        {runParts.map((part) => {
          const box = drawing.boxes[part];
          const worst = drawing.told[part];
          const movable = mayWork && (part === 'pump' || part === 'tank');
          const told = worst ? `. ${levelText(worst.finding)}: ${message(worst.finding)}` : '';
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
              <title>{t.touchToChooseTouchTwiceTo({ name })}</title>
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
        {mayWork && sheet === 'fuel' && <circle className="handle" data-drag="tilt" cx={tip.x} cy={tip.y} r={9} aria-hidden />}
        {drawing.leaders.map(({ part, from, to }) => (
          <path key={part} className="leader" d={`M${from.x},${from.y}L${to.x},${to.y}`} />
        ))}
        {runParts.map((part) => {
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
              <LevelGlyph
                level={worst.finding.level}
                assumed={worst.finding.assumed !== undefined}
                size={18}
                x={at.x - 9}
                y={at.y - 9}
              />
              {worst.more > 0 && (
                <text x={at.x + 13} y={at.y + 5} className="count">
                  +{worst.more}
                </text>
              )}
            </g>
          );
        })}
      </svg>
    </div>
  );
}
