'use client';
import { useMemo, useRef, useState } from 'react';
import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { readerOf } from '../../../core/figures/readerOf';
import { layoutLoom, type DrawnLoomPart, type LoomDrawing } from '../../../core/drawing/wiring/layoutLoom';
import { heaterV, loomOf, lostV, moments, type LoomMoment } from '../../../core/model/wiring/loomOf';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { formatFixed } from '../../../core/units/formatNumber';
import { needsText } from '../../../core/wording/needsText';
import { arrowOf } from '../../charts/dragPart';
import { useWidth } from '../../charts/useWidth';
import { Problems } from '../../components/cells/Problems';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { wiring as t } from '../../texts/en/wiring';
import { useLoomDrag, usePlacePart, type MovedPart } from './useLoomDrag';

/** px by which a key moves a part; with shift the longer one. */
const [stepPx, longStepPx] = [8, 40];
const keys = { plus: t.keyPlus, minus: t.keyMinus, signal: t.keySignal } as const;

/** What of the loom is drawn: its wires below, its parts over them. */
function Drawing({
  drawing,
  selected,
  onPick,
  onMove,
}: {
  drawing: LoomDrawing;
  selected: string | null;
  onPick: (id: string) => void;
  onMove: (part: DrawnLoomPart, dx: number, dy: number) => void;
}) {
  const say = useSay();
  const press = (part: DrawnLoomPart) => (event: React.KeyboardEvent) => {
    if (event.key === 'Enter') onPick(part.id);
    const arrow = arrowOf(event.key);
    if (!arrow || !drawing.movable) return;
    event.preventDefault();
    const step = event.shiftKey ? longStepPx : stepPx;
    onMove(part, arrow[0] * step, -arrow[1] * step);
  };
  return (
    <>
      {drawing.wires.map((wire) => (
        <g
          key={wire.id}
          className={`wire ${wire.wire}${wire.spare ? ' spare' : ''}${wire.poor ? ' poor' : ''}${selected === wire.id ? ' lit' : ''}`}
        >
          <path className="copper" d={wire.d} strokeWidth={wire.thick} />
          <path className="touch" d={wire.d} onClick={() => onPick(wire.id)} />
          {wire.labels.map(({ text, lost, x, y, anchor }, i) => (
            <text key={i} className={lost ? 'flows' : 'laid'} x={x} y={y} textAnchor={anchor}>
              {say(text)}
            </text>
          ))}
        </g>
      ))}
      {drawing.parts.map((part) => (
        <g
          key={part.id}
          className={`part kind-${part.kind}${part.poor ? ' poor' : ''}${selected === part.id ? ' lit' : ''}`}
          data-loom={part.id}
          role="button"
          tabIndex={0}
          aria-label={drawing.movable ? t.partKeys({ name: part.lines.join(', ') }) : say(part.lines.join(', '))}
          onClick={() => onPick(part.id)}
          onKeyDown={press(part)}
        >
          <rect
            x={part.x - part.w / 2}
            y={part.y - part.h / 2}
            width={part.w}
            height={part.h}
            rx={part.kind === 'joint' ? part.h / 2 : 3}
          />
          {part.lines.map((line, i) => (
            <text
              key={line}
              className={i === 0 ? 'called' : 'flows'}
              x={part.x}
              y={part.y + (part.lines.length === 1 ? 5 : i * 17 - 3)}
              textAnchor="middle"
            >
              {i === 0 ? line : say(line)}
            </text>
          ))}
        </g>
      ))}
    </>
  );
}

/** The loom as it is solved: volts, amps, and what is lost where. */
export function LoomSheet({ selected, onSelect }: { selected: string | null; onSelect: (id: string | null) => void }) {
  const { build } = useWorkspace('build');
  const say = useSay();
  const { place, mayWork } = usePlacePart();
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const [moment, setMoment] = useState<LoomMoment>('start');
  const [moved, setMoved] = useState<MovedPart | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const svg = useRef<SVGSVGElement>(null);
  const drawing = useMemo(() => layoutLoom(build, width, moment, moved), [build, width, moment, moved]);
  const loom = useMemo(() => computeOrMissing(() => loomOf(readerOf(build))), [build]);
  useLoomDrag(svg, drawing, { setMoved, onProblems: setProblems });
  const hasLoads = drawing?.parts.some(({ kind }) => kind === 'load');
  if (!drawing) return <div ref={holder} />;
  const pick = (id: string) => {
    onSelect(id);
    document.querySelector(`[data-row="${id}"]`)?.scrollIntoView({ block: 'nearest' });
  };
  return (
    <>
      <ToggleButtonGroup
        aria-label={t.when}
        exclusive
        value={moment}
        onChange={(_event, next: LoomMoment | null) => next !== null && setMoment(next)}
      >
        {(Object.keys(moments) as LoomMoment[])
          .filter((one) => one !== 'both' || hasLoads)
          .map((one) => (
            <ToggleButton key={one} value={one}>
              {moments[one]}
            </ToggleButton>
          ))}
      </ToggleButtonGroup>
      <p role="status" className="loom-status">
        {'missing' in loom
          ? say(t.beforeItFlows({ missing: needsText(loom.missing.needs).replace(/\.$/, '') }))
          : say(
              t.heaterGets({
                v: formatFixed(heaterV(loom.value, moment), 2),
                lost: formatFixed(lostV(loom.value, moment).feedV + lostV(loom.value, moment).earthV, 2),
                earth: formatFixed(lostV(loom.value, moment).earthV, 2),
              }),
            )}
      </p>
      <div ref={holder} className="floor-sheet loom-sheet">
        <svg
          ref={svg}
          className="loom"
          width={drawing.width}
          height={drawing.height}
          role="group"
          aria-label={say(t.loomInWords({ words: drawing.words }))}
        >
          <Drawing
            drawing={drawing}
            selected={selected}
            onPick={pick}
            onMove={(part, dx, dy) => mayWork && setProblems(place({ id: part.id, x: part.x + dx, y: part.y + dy }))}
          />
        </svg>
      </div>
      <p className="soft loom-key">
        {(Object.keys(keys) as (keyof typeof keys)[]).map((wire) => (
          <span key={wire} className={wire}>
            {keys[wire]}
          </span>
        ))}
        {drawing.movable ? t.loomHint : t.loomHintDown}
      </p>
      <Problems all={problems} />
    </>
  );
}
