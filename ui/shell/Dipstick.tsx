'use client';
import { Box } from '@mui/material';
import { stageIds, stages } from '../../core/build/stages';
import Link from 'next/link';
import { useEffect, useRef } from 'react';
import { levels, type Level } from '../../core/checks/Finding';
import { wettedStages } from '../../core/checks/progress';
import { LevelGlyph } from '../components/findings/LevelMark';
import { useWorkspace } from '../sync/useWorkspace';
import { StageLink } from '../components/StageLink';

const told: readonly Level[] = ['stop', 'fix', 'open'];
const words: Partial<Record<Level, string>> = { stop: 'at stop', fix: 'to fix', open: 'not measured' };

/** Stages along a dipstick, wetted as far as work is proven; what stands open sits at its mark. */
export function Dipstick({ stage }: { stage: string }) {
  const { build, settled, findings } = useWorkspace('build', 'settled', 'findings');
  const here = useRef<HTMLAnchorElement>(null);
  // In braces: some browsers give a promise back, which React would take for a clean-up.
  useEffect(() => {
    void here.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [stage]);
  const wet = wettedStages(settled);
  const share = `${Math.round((wet / stageIds.length) * 100)}%`;
  return (
    <nav className="dip" aria-label="Stages">
      <Link className="dip-home" prefetch={false} href="/">
        <span className="dip-ring" aria-hidden />
        Bay
      </Link>
      <Box className="dip-stages" sx={{ '--wet': share }}>
        <div className="dip-tube" role="img" aria-label={`${wet} of ${stageIds.length} stages proven`}>
          <div className="dip-wet" />
        </div>
        {stageIds.map((id) => {
          const own = findings.filter((c) => c.stage === id && !c.waived);
          const marks = told
            .map((level) => ({ level, n: own.filter((c) => c.level === level).length }))
            .filter((mark) => mark.n > 0);
          return (
            <StageLink
              key={id}
              ref={id === stage ? here : undefined}
              href={`/builds/${build.id}/${id}`}
              className="dip-stage"
              aria-current={id === stage ? 'page' : undefined}
            >
              {stages[id]}
              <span className="dip-marks">
                {marks
                  .sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level))
                  .map(({ level, n }) => (
                    <span key={level} className={`level-${level}`}>
                      <LevelGlyph level={level} size={12} />
                      {n}
                      <span className="visually-hidden"> {words[level]}</span>
                    </span>
                  ))}
              </span>
            </StageLink>
          );
        })}
      </Box>
    </nav>
  );
}
