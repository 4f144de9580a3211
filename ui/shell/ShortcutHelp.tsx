'use client';
import { stageIds, stages } from '../../core/build/stages';
import { Box, Button, Dialog, IconButton, Table, TableBody, TableCell, TableRow } from '@mui/material';
import { Keyboard } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useWorkspace } from '../sync/useWorkspace';
import { goToStage } from '../components/StageLink';

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Keys for the bench PC, listed under "?". */
export function ShortcutHelp() {
  const { build } = useWorkspace('build');
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      // Nothing behind an open dialog is to be moved by a key.
      if (document.querySelector('[aria-modal="true"], .MuiModal-root:not([aria-hidden="true"])')) return;
      if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
      // From the address, which is right at once; a sheet is drawn a moment later.
      const now = stageIds.findIndex((id) => id === window.location.pathname.split('/')[3]);
      const go = (to: string | undefined) => {
        if (to) {
          event.preventDefault();
          goToStage(`/builds/${build.id}/${to}`);
        }
      };
      if (event.key === '?') setOpen(true);
      else if (event.key === '/') {
        event.preventDefault();
        document.getElementById('quick-entry')?.focus();
      } else if (event.key === 'n') go(stageIds[now + 1]);
      else if (event.key === 'p') go(stageIds[now - 1]);
      else if (event.key === 'h') go('heater');
      else if (/^\d$/.test(event.key)) go(stageIds[(Number(event.key) + 9) % 10]);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [build.id]);
  return (
    <>
      <IconButton className="keys-help" aria-label="Keys" onClick={() => setOpen(true)}>
        <Keyboard size={20} />
      </IconButton>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="keys-title">
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
          <Button sx={{ marginTop: '14px' }} onClick={() => setOpen(false)}>
            Close
          </Button>
        </Box>
      </Dialog>
    </>
  );
}
