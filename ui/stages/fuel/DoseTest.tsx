'use client';
import { Box } from '@mui/material';
import { useWorkspace, useFindingText } from '../../sync/useWorkspace';
import { LevelMark } from '../../components/findings/LevelMark';
import { RowList } from '../../components/lists/RowList';
import { fuel as t } from '../../texts/en/fuel';

/** Counted strokes into a glass, and what they say of the pump. The dose then counts everywhere. */
export function DoseTest() {
  const { findings } = useWorkspace('findings');
  const { message } = useFindingText();
  const finding = findings.find(({ id }) => id === 'priming.dose');
  return (
    <>
      <p className="soft">{t.lineOffTheHeaterAndInto}</p>
      <RowList
        list="doseTests"
        main={['strokes', 'volumeMl', 'massG', 'fuelC']}
        more={['testedAt']}
        fresh={() => ({ strokes: 200, testedAt: new Date().toISOString() })}
      />
      {finding && (
        <Box component="p" sx={{ mt: 1 }}>
          <LevelMark level={finding.level} assumed={finding.assumed !== undefined} /> {message(finding)}
        </Box>
      )}
    </>
  );
}
