import { Box } from '@mui/material';
import type { Level } from '../../../core/checks/Finding';
import type { LevelCount } from '../../../core/checks/marksOf';
import { LevelGlyph } from './LevelMark';
import { findings as t } from '../../texts/en/findings';

/** Which text tells a level after its number. */
const words = { stop: 'atStop', fix: 'toFix', open: 'notMeasured' } as const satisfies Partial<Record<Level, keyof typeof t>>;

/** How many findings stand, by level: shape and number. */
export function Marks({ counts }: { counts: readonly LevelCount[] }) {
  return (
    <>
      {counts.map(({ level, n, assumed }) => (
        <Box
          key={level}
          component="span"
          className={`level-${level} mono`}
          sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.5, fontSize: '0.82rem', fontWeight: 700 }}
        >
          <LevelGlyph level={level} assumed={assumed} size={12} />
          {n}
          <span className="visually-hidden"> {level in words ? t[words[level as keyof typeof words]] : ''}</span>
        </Box>
      ))}
    </>
  );
}
