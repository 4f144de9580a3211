'use client';
import { Box, Button, Dialog, Table, TableBody, TableCell, TableRow } from '@mui/material';
import { stageIds, stages } from '../../core/build/stages';
import { keyOfStage } from './stageKeys';
import { workspace as t } from '../texts/en/workspace';

/** The keys of the bench PC. */
export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="keys-title">
      <Box sx={{ padding: 2.5, minWidth: 280 }}>
        <h2 id="keys-title">{t.keys}</h2>
        <Table sx={{ mt: 1 }}>
          <TableBody>
            <TableRow>
              <TableCell className="mono">/</TableCell>
              <TableCell>{t.quickEntry}</TableCell>
            </TableRow>
            {stageIds.map((id, i) => (
              <TableRow key={id}>
                <TableCell className="mono">{keyOfStage(i)}</TableCell>
                <TableCell>{stages[id]}</TableCell>
              </TableRow>
            ))}
            <TableRow>
              <TableCell className="mono">h</TableCell>
              <TableCell>{t.heaterAndConditions2}</TableCell>
            </TableRow>
            <TableRow>
              <TableCell className="mono">n, p</TableCell>
              <TableCell>{t.nextStageStageBefore}</TableCell>
            </TableRow>
            <TableRow>
              <TableCell className="mono">{t.arrows}</TableCell>
              <TableCell>{t.onThePumpOrTankIn}</TableCell>
            </TableRow>
            <TableRow>
              <TableCell className="mono">[ ]</TableCell>
              <TableCell>{t.onThePumpTiltItBy}</TableCell>
            </TableRow>
            <TableRow>
              <TableCell className="mono">{t.esc}</TableCell>
              <TableCell>{t.inAFigurePutBackWhat}</TableCell>
            </TableRow>
          </TableBody>
        </Table>
        <Box component="h3" sx={{ mt: 1.75 }}>
          {t.quickEntryUnderstands}
        </Box>
        <Box component="p" className="mono" sx={{ maxWidth: 420 }}>
          {t.pump24DegSuction06}
        </Box>
        <Button sx={{ marginTop: '14px' }} onClick={onClose}>
          {t.close}
        </Button>
      </Box>
    </Dialog>
  );
}
