'use client';
import { ButtonBase } from '@mui/material';
import { useMemo } from 'react';
import { frontShares } from '../../../core/drawing/line/frontShares';
import { layoutRun } from '../../../core/drawing/run/layoutRun';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { EmptyLine } from './EmptyLine';
import { RunMarks } from './RunMarks';
import { runParts } from './runParts';
import { charts as t } from '../../texts/en/charts';

const [width, height] = [760, 210];
/** px on the screen */
const shownHeight = 66;

/** The run, small and true to scale, without its words; touching it opens it. */
export function RunStrip({ onOpen, filled = null }: { onOpen?: () => void; /** strokes pumped */ filled?: number | null }) {
  const { build, findings } = useWorkspace('build', 'findings');
  const say = useSay();
  const drawing = useMemo(() => layoutRun(build, findings, width, height), [build, findings]);
  const mark = 13 * (drawing.height / shownHeight);
  const front = filled === null ? null : frontShares(build, filled);
  const picture = (
    <svg className="run" height={shownHeight} viewBox={`0 0 ${width} ${drawing.height}`} aria-hidden>
      <RunMarks marks={drawing.marks} say={say} />
      {front && <EmptyLine marks={drawing.marks} front={front} />}
      {runParts.map((part) => {
        const worst = drawing.told[part];
        const at = drawing.anchors[part];
        return worst ? (
          <LevelGlyph
            key={part}
            level={worst.finding.level}
            assumed={worst.finding.assumed !== undefined}
            size={mark}
            x={at.x - mark / 2}
            y={at.y - mark / 2}
          />
        ) : null;
      })}
    </svg>
  );
  if (!onOpen) return <div className="run-strip">{picture}</div>;
  return (
    <ButtonBase className="run-strip" aria-label={t.theRunDrawnToScaleOpen} onClick={onOpen}>
      {picture}
    </ButtonBase>
  );
}
