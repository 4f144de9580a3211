'use client';
import { useMemo } from 'react';
import type { Part } from '../../../core/build/field';
import { layoutRun } from '../../../core/drawing/run/layoutRun';
import { formatFixed } from '../../../core/units/formatNumber';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { faults as t } from '../../texts/en/faults';
import { RunMarks } from './RunMarks';
import { partNames, runParts } from './runParts';

const [width, height] = [760, 210];
/** A part less likely than this is not lit. */
const leastLit = 0.05;

const nameOf = (part: Part): string => (part === 'cabin' ? t.inside : partNames[part]);

/** The run, its parts lit by how likely the cause sits there. */
export function FaultRun({ parts }: { parts: Partial<Record<Part, number>> }) {
  const { build, findings } = useWorkspace('build', 'findings');
  const say = useSay();
  const drawing = useMemo(() => layoutRun(build, findings, width, height), [build, findings]);
  const lit = runParts
    .map((part) => ({ part, chance: parts[part] ?? 0 }))
    .filter(({ chance }) => chance >= leastLit)
    .sort((a, b) => b.chance - a.chance);
  // Of what is inside the run draws the alarm alone, which is not what is wrong.
  const drawn = lit.filter(({ part }) => part !== 'cabin');
  const told = lit.map(({ part, chance }) => `${nameOf(part)} ${formatFixed(chance * 100)} %`).join(', ');
  return (
    <figure className="fault-run">
      <svg className="run" viewBox={`0 0 ${width} ${drawing.height}`} role="img" aria-label={t.whereTold({ parts: told })}>
        <RunMarks marks={drawing.marks} say={say} />
        {drawn.map(({ part, chance }) => {
          const { x, y, w, h } = drawing.boxes[part];
          return (
            <g key={part} data-lit={part}>
              <rect className="fault-lit" x={x} y={y} width={w} height={h} rx={4} opacity={Math.min(0.75, 0.15 + chance)} />
              <rect className="fault-lit-edge" x={x} y={y} width={w} height={h} rx={4} />
            </g>
          );
        })}
      </svg>
      <figcaption className="soft">
        {t.whereItSits}: {told}
      </figcaption>
    </figure>
  );
}
