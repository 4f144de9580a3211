import { Box } from '@mui/material';
import { holdPointIds, holdPoints } from '../../../core/build/stages';
import { type Finding } from '../../../core/checks/Finding';
import { FindingCard } from './FindingCard';
import { LevelGlyph } from './LevelMark';

/** Findings by the hold point at which they must be dealt with, worst first. */
export function FindingList({
  findings,
  onWaive,
  empty = 'Nothing to find here.',
}: {
  findings: readonly Finding[];
  onWaive?: ((finding: Finding) => void) | undefined;
  empty?: string;
}) {
  if (findings.length === 0) return <p className="soft">{empty}</p>;
  const told = findings.filter((c) => c.level !== 'sound');
  const sound = findings.filter((c) => c.level === 'sound');
  return (
    <>
      {told.length === 0 && (
        <Box component="p" sx={{ fontSize: '1.1rem' }}>
          <strong>Everything here holds.</strong>
        </Box>
      )}
      {holdPointIds.map((holdPoint) => {
        const here = told.filter((c) => c.holdPoint === holdPoint);
        return here.length === 0 ? null : (
          <section key={holdPoint} aria-label={holdPoints[holdPoint]}>
            <h2 className="hold-point">{holdPoints[holdPoint]}</h2>
            <ul>
              {here.map((finding) => (
                <FindingCard key={finding.id} finding={finding} onWaive={onWaive} />
              ))}
            </ul>
          </section>
        );
      })}
      {sound.length > 0 && (
        <details className="sounds">
          <summary>
            <LevelGlyph level="sound" />
            {sound.length} sound
          </summary>
          <ul>
            {sound.map((finding) => (
              <FindingCard key={finding.id} finding={finding} />
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
