'use client';
import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useMemo } from 'react';
import { readerOf } from '../../../core/figures/readerOf';
import { loomOf } from '../../../core/model/wiring/loomOf';
import { testPoints, whereLost } from '../../../core/model/wiring/whereLost';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { formatFixed } from '../../../core/units/formatNumber';
import { Fold } from '../../components/lists/Fold';
import { RowCell } from '../../components/lists/RowCell';
import { useRows } from '../../components/lists/useRows';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { wiring as t } from '../../texts/en/wiring';

/** What a meter should show at every place of the loom, what it has shown, and where the volts go. */
export function MeterTable() {
  const { build } = useWorkspace('build');
  const { rows, set } = useRows('loomParts');
  const say = useSay();
  const loom = useMemo(() => computeOrMissing(() => loomOf(readerOf(build))), [build]);
  if ('missing' in loom) return null;
  const found = whereLost(loom.value);
  const worst = found?.worst;
  return (
    <Fold title={t.meter} note={t.meterNote}>
      <p className="soft">{t.meterHint}</p>
      <p role="status">
        {!found && t.nothingRead}
        {found &&
          (worst
            ? say(
                t.lostBetween({
                  lost: formatFixed(worst.lostV, 2),
                  from: worst.from,
                  to: worst.to,
                  expected: formatFixed(worst.expectedV, 2),
                  mohm: formatFixed(worst.extraMohm),
                  suspects: worst.suspects.slice(0, 2).join(', '),
                }),
              )
            : t.nothingLost)}
        {found?.next && ` ${t.readNext({ name: found.next })}`}
      </p>
      {found?.batteryAssumed && <p className="soft">{t.batteryTaken}</p>}
      <div className="wide-table meter">
        <Table>
          <TableHead>
            <TableRow>
              <TableCell component="td" />
              {[t.off, t.glow, t.running].map((label) => (
                <TableCell key={label}>{label}, V</TableCell>
              ))}
              <TableCell>{t.read}</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {testPoints(loom.value).map(({ id, name, expectedV }) => {
              const row = rows.find((one) => one.id === id);
              return (
                <TableRow key={id} className={found?.next === name ? 'own' : undefined}>
                  <TableCell component="th" scope="row">
                    {name}
                  </TableCell>
                  {[expectedV.rest, expectedV.start, expectedV.run].map((v, i) => (
                    <TableCell key={i} className="mono">
                      {formatFixed(v, 2)}
                    </TableCell>
                  ))}
                  <TableCell>
                    {row && <RowCell list="loomParts" row={row} column="glowV" set={(value) => set(row, 'glowV', value)} />}
                  </TableCell>
                </TableRow>
              );
            })}
          </TableBody>
        </Table>
      </div>
    </Fold>
  );
}
