'use client';
import { stageIds, stages } from '../../core/build/stages';
import { Button, Dialog, IconButton } from '@mui/material';
import { Keyboard } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useWorkspace } from '../sync/useWorkspace';
import { goToStage } from '../components/StageLink';

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName);

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
        <div style={{ padding: 20, minWidth: 280 }}>
          <h2 id="keys-title">Keys</h2>
          <table className="runs-table" style={{ marginTop: 8 }}>
            <tbody>
              <tr>
                <td className="mono">/</td>
                <td>quick entry</td>
              </tr>
              {stageIds.map((id, i) => (
                <tr key={id}>
                  <td className="mono">{(i + 1) % 10}</td>
                  <td>{stages[id]}</td>
                </tr>
              ))}
              <tr>
                <td className="mono">h</td>
                <td>heater and conditions</td>
              </tr>
              <tr>
                <td className="mono">n, p</td>
                <td>next stage, stage before</td>
              </tr>
              <tr>
                <td className="mono">arrows</td>
                <td>on the pump or tank in the drawing: move it by 10 mm (with Shift: 100 mm)</td>
              </tr>
              <tr>
                <td className="mono">[ ]</td>
                <td>on the pump: tilt it by 1°</td>
              </tr>
              <tr>
                <td className="mono">Esc</td>
                <td>in a figure: put back what was there</td>
              </tr>
            </tbody>
          </table>
          <h3 style={{ marginTop: 14 }}>Quick entry understands</h3>
          <p className="mono" style={{ maxWidth: 420 }}>
            pump 24 deg · suction 0.6 m · planned line 2.8 m · 12.4 V under glow · flame · prime 140 strokes · CO 0 ppm pillow ·
            note …
          </p>
          <Button sx={{ marginTop: '14px' }} onClick={() => setOpen(false)}>
            Close
          </Button>
        </div>
      </Dialog>
    </>
  );
}
