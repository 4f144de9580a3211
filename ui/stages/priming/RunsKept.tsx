'use client';
import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { primingOutcomes } from '../../../core/build/Build';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { priming as t } from '../../texts/en/priming';
import { WhatItTells } from './WhatItTells';
import { dayAndTime } from '../../texts/when';

/** Every count that was kept, the last first. */
export function RunsKept() {
  const { settled } = useWorkspace('settled');
  if (settled.primingRuns.length === 0) return <p className="soft">{t.noCountIsKeptYet}</p>;
  return (
    <>
      <WhatItTells />
      <Table aria-label={t.runsKept}>
        <TableHead>
          <TableRow>
            <TableCell>{t.when}</TableCell>
            <TableCell>{t.strokes4}</TableCell>
            <TableCell>{t.at}</TableCell>
            <TableCell>{t.howItEnded}</TableCell>
            <TableCell>{t.by}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {[...settled.primingRuns].reverse().map((run) => (
            <TableRow key={run.id}>
              <TableCell>{dayAndTime(run.at)}</TableCell>
              <TableCell className="mono">
                <strong>{formatFixed(run.strokes)}</strong>
                {run.fromEmpty ? '' : t.more}
              </TableCell>
              <TableCell className="mono">{t.frequencyhzHz({ frequencyHz: formatShort(run.frequencyHz) })}</TableCell>
              <TableCell>{primingOutcomes[run.outcome]}</TableCell>
              <TableCell>{run.by}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </>
  );
}
