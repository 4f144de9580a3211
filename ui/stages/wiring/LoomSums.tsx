'use client';
import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { useMemo } from 'react';
import { readerOf } from '../../../core/figures/readerOf';
import { loomShorts, type Short } from '../../../core/model/wiring/loomShorts';
import { betterFeeds, type Better } from '../../../core/model/wiring/mostLost';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { Fold } from '../../components/lists/Fold';
import { SumsTable } from '../../components/cells/SumsTable';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { wiring as t } from '../../texts/en/wiring';

function betterText({ what, name, areaMm2, gauge }: Better): string {
  const [wire, area] = [name ?? '', formatShort(areaMm2)];
  if (what === 'second') return t.second({ wire, area });
  if (what === 'all') return t.all({ area });
  return gauge === null ? t.thicker({ wire, area }) : t.thickerGauge({ wire, area, gauge });
}
/** What thicker wires would leave lost, and what they weigh. */
export function BetterFeeds() {
  const { build } = useWorkspace('build');
  const found = useMemo(() => computeOrMissing(() => betterFeeds(readerOf(build))), [build]);
  if ('missing' in found || found.value.length === 0) return null;
  return (
    <Fold title={t.better} note={t.betterNote}>
      <SumsTable
        columns={[
          { label: t.lostThen, unit: 'V', decimals: 2 },
          { label: t.copper, unit: 'kg', decimals: 2 },
        ]}
        rows={found.value.map((better) => ({
          id: `${better.what} ${better.areaMm2}`,
          name: betterText(better),
          cells: [better.lostV, better.copperG / 1000],
        }))}
      />
    </Fold>
  );
}

function opensText({ opened, holds, flowsOnA }: Short): string {
  const first = opened[0];
  if (flowsOnA > 0.1 || !first) return holds ? t.mayNever({ fuse: holds.name }) : t.nothingOpens;
  return t.opens({ fuse: first.part.name, time: formatShort(first.mostS) });
}
/** A short at the far end of every guarded wire. */
export function Shorts() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const found = useMemo(() => computeOrMissing(() => loomShorts(readerOf(build))), [build]);
  if ('missing' in found || found.value.length === 0) return null;
  return (
    <Fold title={t.shorts} note={t.shortsNote}>
      <div className="wide-table">
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>{t.shortAt}</TableCell>
              <TableCell>{t.draws}, A</TableCell>
              <TableCell />
              <TableCell>{t.bears}, %</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {found.value.map((short) => (
              <TableRow key={short.cable.id}>
                <TableCell component="th" scope="row">
                  {short.cable.name}
                </TableCell>
                <TableCell className="mono">{formatFixed(short.amps)}</TableCell>
                <TableCell>{say(opensText(short))}</TableCell>
                <TableCell className="mono">{short.worst ? formatFixed(short.worst.share * 100) : ''}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </div>
    </Fold>
  );
}
