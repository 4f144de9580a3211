'use client';
import { Box } from '@mui/material';
import { stageIds, stages } from '../../core/build/stages';
import Link from 'next/link';
import { marksOf } from '../../core/checks/marksOf';
import { wettedStages } from '../../core/checks/progress';
import { Marks } from '../components/findings/Marks';
import { useWorkspace } from '../sync/useWorkspace';
import { StageLink } from '../components/StageLink';
import { workspace as t } from '../texts/en/workspace';

/** Stages along a dipstick, wetted as far as work is proven; what stands open sits at its mark. */
export function Dipstick({ stage }: { stage: string }) {
  const { build, settled, findings } = useWorkspace('build', 'settled', 'findings');
  const wet = wettedStages(settled);
  const share = `${Math.round((wet / stageIds.length) * 100)}%`;
  return (
    <nav className="dip" aria-label={t.stages}>
      <Link className="dip-home" prefetch={false} href="/">
        <span className="dip-ring" aria-hidden />
        {t.bay}
      </Link>
      <Box className="dip-stages" sx={{ '--wet': share }}>
        <div className="dip-tube" role="img" aria-label={t.ofStagesProven({ wet, n: stageIds.length })}>
          <div className="dip-wet" />
        </div>
        {stageIds.map((id) => {
          return (
            <StageLink
              key={id}
              href={`/builds/${build.id}/${id}`}
              className="dip-stage"
              aria-current={id === stage ? 'page' : undefined}
            >
              {stages[id]}
              <span className="dip-marks">
                <Marks counts={marksOf(findings.filter((c) => c.stage === id))} />
              </span>
            </StageLink>
          );
        })}
      </Box>
    </nav>
  );
}
