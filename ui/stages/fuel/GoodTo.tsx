'use client';
import { Box } from '@mui/material';
import { goodSentence, type linePicture } from '../../../core/drawing/line/linePicture';
import { needsText } from '../../../core/wording/needsText';
import { useSay } from '../../sync/useWorkspace';
import { fuel as t } from '../../texts/en/fuel';

/** Down to which cold the run is good; or what has to be known before that can be told. */
export function GoodTo({ picture }: { picture: ReturnType<typeof linePicture> }) {
  const say = useSay();
  if ('missing' in picture) return <p className="soft">{t.beforePressuresCanBeDrawn({ missing: needsText(picture.missing) })}</p>;
  return (
    <Box component="p" sx={{ fontSize: '1.1rem' }}>
      <strong>{say(goodSentence(picture.facts, picture.asBuilt.levelMm))}</strong>
    </Box>
  );
}
