import { memo } from 'react';
import type { Mark, PathMark } from '../../../core/drawing/run/marks';

const dash = (mark: PathMark) => (mark.ink === 'unknown' ? '2 5' : mark.ink === 'planned' ? '7 5' : undefined);
const fills = {
  paper: 'var(--sheet)',
  fuel: 'var(--fuel-fill)',
  'fuel-deep': 'var(--fuel-deep)',
  ink: 'var(--ink)',
  soft: 'var(--soft)',
  hair: 'var(--hair)',
  grid: 'var(--grid)',
  ground: 'none',
} as const;

function PathOf({ mark }: { mark: PathMark }) {
  if (mark.name === 'grid' || mark.name === 'hatch')
    return <path className={mark.name} d={mark.d} strokeWidth={mark.width} fill="none" />;
  const fill = mark.fill ? fills[mark.fill] : 'none';
  const paint = { d: mark.d, fill, strokeDasharray: dash(mark), strokeLinejoin: 'round' as const };
  if (mark.width === 0) return <path d={mark.d} fill={fill} />;
  // A fuel line is straw in an ink casing once it is fitted, so that it reads on paper and in lamp light.
  if (mark.flow === 'fuel' && (mark.ink === 'fitted' || mark.ink === 'proven'))
    return (
      <>
        <path {...paint} className="cased" strokeWidth={mark.width + 2.5} />
        <path {...paint} className="flow-fuel" strokeWidth={mark.width} />
      </>
    );
  return <path {...paint} className={`flow-${mark.flow}`} strokeWidth={mark.width} opacity={mark.ink === 'unknown' ? 0.7 : 1} />;
}

/** The marks of a run drawing as SVG. */
export const RunMarks = memo(function RunMarks({ marks, say }: { marks: readonly Mark[]; say: (text: string) => string }) {
  return (
    <g>
      {marks.map((mark, i) =>
        mark.kind === 'path' ? (
          <PathOf key={i} mark={mark} />
        ) : (
          <text
            key={i}
            x={mark.x}
            y={mark.y}
            textAnchor={mark.anchor}
            className={`${mark.large ? 'large' : mark.strong ? 'strong' : ''} ${mark.part === null ? 'quiet' : ''} text-${mark.flow}`}
          >
            {say(mark.text)}
          </text>
        ),
      )}
    </g>
  );
});
