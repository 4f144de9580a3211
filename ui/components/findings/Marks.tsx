import { Box } from '@mui/material';
import type { Level } from '../../../core/checks/Finding';
import type { LevelCount } from '../../../core/checks/marksOf';
import { LevelGlyph } from './LevelMark';
import { findings as t } from '../../texts/en/findings';

const words: Partial<Record<Level, string>> = {
  get stop() {
    return t.atStop;
  },
  get fix() {
    return t.toFix;
  },
  get open() {
    return t.notMeasured;
  },
};

/** How many findings stand, by level: shape and number. */
export function Marks({ counts }: { counts: readonly LevelCount[] }) {
  return (
    <>
      {counts.map(({ level, n }) => (
        <Box
          key={level}
          component="span"
          className={`level-${level} mono`}
          sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.5, fontSize: '0.82rem', fontWeight: 700 }}
        >
          <LevelGlyph level={level} size={12} />
          {n}
          <span className="visually-hidden"> {words[level]}</span>
        </Box>
      ))}
    </>
  );
}
