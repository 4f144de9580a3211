'use client';
import { Box } from '@mui/material';
import { useWorkspace, useFindingText } from '../../sync/useWorkspace';
import { LevelMark } from '../../components/findings/LevelMark';
import { RowList } from '../../components/lists/RowList';

/** Counted strokes into a glass, and what they say of the pump. The dose then counts everywhere. */
export function DoseTest() {
  const { findings } = useWorkspace('findings');
  const { message } = useFindingText();
  const finding = findings.find(({ id }) => id === 'priming.dose');
  return (
    <>
      <p className="soft">
        Line off the heater and into a measuring glass, away from flame and spark; run it full first, then count. 200 strokes or
        more, three times.
      </p>
      <RowList list="doseTests" main={['strokes', 'volumeMl', 'fuelC']} fresh={() => ({ strokes: 200 })} />
      {finding && (
        <Box component="p" sx={{ mt: 1 }}>
          <LevelMark level={finding.level} /> {message(finding)}
        </Box>
      )}
    </>
  );
}
