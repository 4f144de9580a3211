'use client';
import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { drawPipes } from '../../../core/drawing/form/drawPipes';
import { drawnPiecesMax } from '../../../core/drawing/form/unroll';
import { addPiece, firstPiece, movePiece } from '../../../core/drawing/line/editPipes';
import { readerOf } from '../../../core/figures/readerOf';
import { hasTwoBores, piecesOf, type WayId } from '../../../core/model/air/wayOf';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { Drawn } from '../../charts/form/DrawnFigures';
import { Problems } from '../../components/cells/Problems';
import { RowLevel } from '../../components/level/RowLevel';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { useWorkspace } from '../../sync/useWorkspace';
import { air as t } from '../../texts/en/air';

const drawings = { exhaust: drawPipes('exhaust'), intake: drawPipes('intake') } as const;
const columns = {
  exhaust: {
    main: ['name', 'kind', 'bends', 'supports', 'near', 'nearMm'],
    more: ['lengthM', 'riseMm', 'boreMm', 'farBoreMm', 'lies', 'wall', 'bendDeg', 'bendRadiusMm', 'joint', 'sealed', 'torqueNm', 'cover', 'coverM', 'nearLies', 'shield', 'through', 'gapMm', 'drain', 'state'], // prettier-ignore
  },
  intake: {
    main: ['name', 'kind', 'bends', 'boreMm'],
    more: ['lengthM', 'riseMm', 'wall', 'bendDeg', 'bendRadiusMm', 'joint', 'state'],
  },
} as const;

/** One of the two pipes piece by piece, unrolled and as rows: one data. */
export function WayTable({ way }: { way: WayId }) {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  const { rows: all, add, change } = useRows('pipes');
  const rows = piecesOf(all, way);
  const [picked, pick] = useState<string | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const rough = useMemo(() => computeOrMissing(() => firstPiece(readerOf(settled), way)), [settled, way]);
  const addAfter = () => setProblems(change(addPiece(all, way, picked, crypto.randomUUID())));
  if (rows.length === 0)
    return (
      <div>
        {'missing' in rough ? (
          <p className="soft">{t.toBeginPieces({ labels: rough.missing.labels.join(', ').toLowerCase() })}</p>
        ) : (
          mayWork && <Button onClick={() => setProblems(add(...rough.value))}>{t.beginPieces}</Button>
        )}
        <Problems all={problems} />
      </div>
    );
  return (
    <>
      <Drawn draw={rows.length <= drawnPiecesMax ? drawings[way] : null} title={t[way]} more={t.listHoldsMore}>
        {(drawn) => (
          <RowList
            list="pipes"
            order={(kept) => piecesOf(kept, way)}
            main={columns[way].main}
            more={columns[way].more}
            hide={(row, column) =>
              (drawn.size > 0 && (column === 'lengthM' || column === 'riseMm')) ||
              (column === 'gapMm' && (row.through === undefined || row.through === 'none')) ||
              ((column === 'nearMm' || column === 'nearLies' || column === 'shield') && row.near === 'nothing') ||
              ((column === 'bendDeg' || column === 'bendRadiusMm') && !row.bends) ||
              (column === 'lies' && row.kind !== 'muffler') ||
              (column === 'farBoreMm' && !hasTwoBores(row)) ||
              (column === 'coverM' && (row.cover === undefined || row.cover === 'bare'))
            }
            selected={picked}
            onSelect={pick}
            onAdd={addAfter}
            moreExtra={(row) => <RowLevel list="pipes" row={row} name={row.name ?? t.piece} />}
            onMove={(id, to) => setProblems(change(movePiece(all, way, id, to)))}
          />
        )}
      </Drawn>
      <Problems all={problems} />
    </>
  );
}
