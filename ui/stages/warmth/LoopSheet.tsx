'use client';
import { useMemo } from 'react';
import { layoutLoop } from '../../../core/drawing/warmth/layoutLoop';
import { needsText } from '../../../core/wording/needsText';
import { useWidth } from '../../charts/useWidth';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { warmth as t } from '../../texts/en/warmth';

/** The coolant loop in the order of flow, with what passes each part; a part that is touched is shown among the rows. */
export function LoopSheet({ selected, onSelect }: { selected: string | null; onSelect: (id: string | null) => void }) {
  const { build } = useWorkspace('build');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const drawing = useMemo(() => layoutLoop(build, width), [build, width]);
  if (!drawing) return <div ref={holder} />;
  const pick = (id: string) => {
    onSelect(id);
    document.querySelector(`[data-row="${id}"]`)?.scrollIntoView({ block: 'nearest' });
  };
  return (
    <div ref={holder} className="floor-sheet loop-sheet">
      <svg
        className={drawing.assumed ? 'loop assumed' : 'loop'}
        width={drawing.width}
        height={drawing.height}
        role="group"
        aria-label={say(t.loopInWords({ words: drawing.words }))}
      >
        {drawing.lines.map(({ d, warm }) => (
          <path key={d} className={warm ? 'hose' : 'hose back'} d={d} />
        ))}
        {drawing.arrows.map(({ x, y, deg }) => (
          <path key={`${x} ${y}`} className="arrow" transform={`translate(${x} ${y}) rotate(${deg})`} d="M-5,-6L6,0L-5,6Z" />
        ))}
        {drawing.parts.map((part) => (
          <g
            key={part.id}
            className={`part kind-${part.kind}${part.wrong ? ' wrong' : ''}${selected === part.id ? ' lit' : ''}`}
            role="button"
            tabIndex={0}
            aria-label={say(part.lines.join(', '))}
            onClick={() => pick(part.id)}
            onKeyDown={(event) => event.key === 'Enter' && pick(part.id)}
          >
            <rect x={part.x} y={part.y} width={part.w} height={part.h} rx={part.kind === 'hose' ? 26 : 3} />
            {part.lines.map((line, i) => (
              <text
                key={line}
                className={i === 0 ? 'called' : 'flows'}
                x={part.x + part.w / 2}
                y={part.y + (part.lines.length === 1 ? 33 : 24 + i * 19)}
                textAnchor="middle"
              >
                {i === 0 ? line : say(line)}
              </text>
            ))}
            {part.bled && <circle className="bleed" cx={part.x + part.w} cy={part.y} r={6} />}
            {part.wrong && <path className="cross" d={`M${part.x + 6},${part.y + 6}l12,12m0,-12l-12,12`} />}
          </g>
        ))}
      </svg>
      {drawing.missing && <p className="soft">{say(t.beforeItFlows({ missing: needsText(drawing.missing.needs) }))}</p>}
    </div>
  );
}
