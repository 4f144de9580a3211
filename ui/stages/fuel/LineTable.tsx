'use client';
import { Box, Button } from '@mui/material';
import { readerOf } from '../../../core/figures/readerOf';
import { NotMeasured } from '../../../core/reading/NotMeasured';
import { useMemo, useState } from 'react';
import { drawLine } from '../../../core/drawing/form/drawLine';
import { drawnPiecesMax } from '../../../core/drawing/form/unroll';
import { firstSegments, moveSegment } from '../../../core/drawing/line/editLine';
import { inOrder } from '../../../core/model/fuel/routeOf';
import { useWorkspace } from '../../sync/useWorkspace';
import { RowLevel } from '../../components/level/RowLevel';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { Problems } from '../../components/cells/Problems';
import { Drawn } from '../../charts/form/DrawnFigures';
import { useLine } from '../../components/line/useLine';
import { fuel as t } from '../../texts/en/fuel';

/** The line segment by segment: the same rows as on the drawing. */
export function LineTable() {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  const { rows, add, change } = useRows('segments');
  const { picked, pick, splitAt, addAfter } = useLine();
  const [problems, setProblems] = useState<string[]>([]);
  const rough = useMemo(() => {
    try {
      return firstSegments(readerOf(settled, { inputs: [], rules: [] }));
    } catch (error) {
      if (error instanceof NotMeasured) return error.labels;
      throw error;
    }
  }, [settled]);
  if (rows.length === 0)
    return (
      <div>
        <p className="soft">{t.segmentBySegmentLorbetCanTell}</p>
        {typeof rough[0] === 'string' ? (
          <p className="soft">{t.toBeginFromTheRoughLengths({ rough: (rough as string[]).join(', ').toLowerCase() })}</p>
        ) : (
          mayWork && (
            <Button variant="contained" onClick={() => setProblems(add(...(rough as ReturnType<typeof firstSegments>)))}>
              {t.beginWithTheTwoRoughLengths}
            </Button>
          )
        )}
        <Problems all={problems} />
      </div>
    );
  const chosen = rows.find(({ id }) => id === picked);
  return (
    <>
      <Box
        // The segment whose figure is in hand is the one in hand.
        onFocus={({ target }) => {
          const drawn = target.closest('[data-cell]')?.getAttribute('data-cell')?.split('/')[1];
          if (drawn) pick(drawn);
        }}
      >
        <Drawn
          draw={rows.length <= drawnPiecesMax ? drawLine : null}
          title={t.lineUnrolled}
          more=": names, what it passes, clips, bores"
        >
          {(drawn) =>
            drawn.size > 0 ? (
              mayWork && <Button onClick={() => setProblems(addAfter(picked))}>{t.oneSegmentMore}</Button>
            ) : (
              <RowList
                list="segments"
                order={inOrder}
                main={['name', 'lengthM', 'riseMm', 'near', 'clips']}
                more={['side', 'boreMm', 'wallMm', 'end', 'gapMm', 'sheath']}
                hide={(row, column) => column === 'gapMm' && row.end !== 'joint'}
                selected={picked}
                onSelect={pick}
                onAdd={() => setProblems(addAfter(picked))}
                moreExtra={(row) => <RowLevel list="segments" row={row} name={row.name ?? t.thisSegment} />}
                onMove={(id, to) => setProblems(change(moveSegment(rows, id, to)))}
              />
            )
          }
        </Drawn>
      </Box>
      {mayWork && chosen && (
        <Button onClick={() => setProblems(splitAt(chosen.id, 0.5))}>
          {t.split}
          {chosen.name ?? t.thisSegment}
          {t.inTheMiddle}
        </Button>
      )}
      <Problems all={problems} />
    </>
  );
}
