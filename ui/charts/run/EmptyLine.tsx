import type { Mark } from '../../../core/drawing/run/marks';

/** Covers the part of the line that the fuel has not reached yet. */
export function EmptyLine({ marks, front }: { marks: readonly Mark[]; front: { suction: number; line: number } }) {
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
