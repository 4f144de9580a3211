'use client';
import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { format } from 'date-fns';
import { primingOutcomes } from '../../../core/build/Build';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';

/** Every count that was kept, the last first. */
export function RunsKept() {
  const { settled } = useWorkspace('settled');
  if (settled.primingRuns.length === 0) return <p className="soft">No count is kept yet.</p>;
  return (
    <Table aria-label="Runs kept">
      <TableHead>
        <TableRow>
          <TableCell>When</TableCell>
          <TableCell>Strokes</TableCell>
          <TableCell>At</TableCell>
          <TableCell>How it ended</TableCell>
          <TableCell>By</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {[...settled.primingRuns].reverse().map((run) => (
          <TableRow key={run.id}>
            <TableCell>{format(new Date(run.at), 'd MMM HH:mm')}</TableCell>
            <TableCell className="mono">
              <strong>{formatFixed(run.strokes)}</strong>
              {run.fromEmpty ? '' : ' more'}
            </TableCell>
            <TableCell className="mono">{formatShort(run.frequencyHz)} Hz</TableCell>
            <TableCell>{primingOutcomes[run.outcome]}</TableCell>
            <TableCell>{run.by}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
