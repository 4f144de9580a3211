'use client';
import { Box, Button, Dialog, Table, TableBody, TableCell, TableRow } from '@mui/material';
import { stageIds, stages } from '../../core/build/stages';

/** The keys of the bench PC. */
export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="keys-title">
      <Box sx={{ padding: 2.5, minWidth: 280 }}>
        <h2 id="keys-title">Keys</h2>
        <Table sx={{ mt: 1 }}>
          <TableBody>
            <TableRow>
              <TableCell className="mono">/</TableCell>
              <TableCell>quick entry</TableCell>
            </TableRow>
            {stageIds.map((id, i) => (
              <TableRow key={id}>
                <TableCell className="mono">{(i + 1) % 10}</TableCell>
                <TableCell>{stages[id]}</TableCell>
              </TableRow>
            ))}
            <TableRow>
              <TableCell className="mono">h</TableCell>
              <TableCell>heater and conditions</TableCell>
            </TableRow>
            <TableRow>
              <TableCell className="mono">n, p</TableCell>
              <TableCell>next stage, stage before</TableCell>
            </TableRow>
            <TableRow>
              <TableCell className="mono">arrows</TableCell>
              <TableCell>on the pump or tank in the drawing: move it by 10 mm (with Shift: 100 mm)</TableCell>
            </TableRow>
            <TableRow>
              <TableCell className="mono">[ ]</TableCell>
              <TableCell>on the pump: tilt it by 1°</TableCell>
            </TableRow>
            <TableRow>
              <TableCell className="mono">Esc</TableCell>
              <TableCell>in a figure: put back what was there</TableCell>
            </TableRow>
          </TableBody>
        </Table>
        <Box component="h3" sx={{ mt: 1.75 }}>
          Quick entry understands
        </Box>
        <Box component="p" className="mono" sx={{ maxWidth: 420 }}>
          pump 24 deg · suction 0.6 m · planned line 2.8 m · 12.4 V under glow · flame · prime 140 strokes · CO 0 ppm pillow ·
          note …
        </Box>
        <Button sx={{ marginTop: '14px' }} onClick={onClose}>
          Close
        </Button>
      </Box>
    </Dialog>
  );
}
