'use client';
import { Box, Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import { format } from 'date-fns';
import { coText } from '../../../core/wording/coText';
import { sections } from '../../../core/build/sections';
import { formatShort } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { RepairList } from '../../components/findings/RepairList';
import { FigureTable } from '../../components/cells/FigureTable';
import { CoEntry } from './CoEntry';

/** Alarm and carbon monoxide readings. */
export function CoSection() {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  return (
    <>
      <p className="soft">That nobody is poisoned: the alarm, and readings with the heater running and the doors closed.</p>
      <Box component="p" className="cautions" sx={{ mt: 1.25 }}>
        <strong>Carbon monoxide kills in sleep and has no smell.</strong> Headache or sickness: everybody out, doors open, heater
        off by its button, call for help. Don’t sleep beside a heater that isn’t signed off.
      </Box>
      <FigureTable paths={sections.proving.co.figures['Proving sheet']} caption="Proving sheet" />
      <Box component="h3" sx={{ mt: 2.5 }}>
        Carbon monoxide readings
      </Box>
      {mayWork && <CoEntry />}
      {settled.coReadings.length > 0 && (
        <Table sx={{ mt: 1.5 }}>
          <TableHead>
            <TableRow>
              <TableCell>When</TableCell>
              <TableCell>Where, and how</TableCell>
              <TableCell>Read</TableCell>
              <TableCell>By</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {[...settled.coReadings].reverse().map((r) => (
              <TableRow key={r.id}>
                <TableCell>{format(new Date(r.at), 'd MMM HH:mm')}</TableCell>
                <TableCell>{coText(r)}</TableCell>
                <TableCell className="mono">
                  <strong>{formatShort(r.ppm)}</strong> ppm
                </TableCell>
                <TableCell>{r.by}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
      <RepairList />
    </>
  );
}
