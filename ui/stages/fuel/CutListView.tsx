'use client';
import { Button, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { needsText } from '../../../core/wording/needsText';
import { useMemo } from 'react';
import { cutListOf } from '../../../core/drawing/line/cutListOf';
import { writeCutListCsv } from '../../../formats/cutListCsv';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { saveAs } from '../../components/lists/saveAs';
import { fuel as t } from '../../texts/en/fuel';

/** What to cut from which length, what the kit gives, what to buy. */
export function CutListView() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const list = useMemo(() => cutListOf(build), [build]);
  if ('missing' in list) return <p className="soft">{t.beforeItCanBeCut({ missing: needsText(list.missing) })}</p>;
  if ('problem' in list)
    return (
      <p className="error-line" role="alert">
        {say(list.problem)}
      </p>
    );
  const long = (item: string) => item === 'line' || item === 'conduit';
  const amount = (item: string, n: number) => (long(item) ? say(`${formatFixed(n / 1000, 2)} m`) : formatFixed(n));
  return (
    <>
      <ol className="steps">
        {list.pieces.map((piece) => (
          <li key={`${piece.name}${piece.lengthMm}`}>
            {say(t.lengthmmMm({ lengthMm: formatFixed(piece.lengthMm) }))} {t.ofBore}{' '}
            {say(t.boremmMm({ boreMm: formatFixed(piece.boreMm, 1) }))}: {piece.name}
            <span className="soft"> {t.length({ from: piece.from })}</span>
          </li>
        ))}
      </ol>
      <p className="soft">
        {t.leftOver} {list.offcuts.map((mm, i) => t.ofLength({ mm: say(t.mmMm({ mm: formatFixed(mm) })), i: i + 1 })).join(', ')}
        {t.cutSquareWithACutterNot}
      </p>
      <div className="wide-table">
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>{t.item}</TableCell>
              <TableCell>{t.needed}</TableCell>
              <TableCell>{t.kitGives}</TableCell>
              <TableCell>{t.toBuy}</TableCell>
              <TableCell>{t.howCounted}</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {list.items.map(({ item, needed, kit, buy, note }) => (
              <TableRow key={item}>
                <TableCell component="th" scope="row">
                  {item}
                </TableCell>
                <TableCell className="mono">{amount(item, needed)}</TableCell>
                <TableCell className="mono">{amount(item, kit)}</TableCell>
                <TableCell className="mono">
                  <strong>{amount(item, buy)}</strong>
                </TableCell>
                <TableCell className="soft">{note}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </div>
      <Button
        onClick={() =>
          saveAs(
            writeCutListCsv(list),
            'text/csv',
            `${build.identity.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-cut-list.csv`,
          )
        }
      >
        {t.downloadCutListCsv}
      </Button>
    </>
  );
}
