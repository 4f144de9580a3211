'use client';
import { stageIds } from '../../core/build/stages';
import { IconButton } from '@mui/material';
import { Keyboard } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useWorkspace } from '../sync/useWorkspace';
import { later } from '../components/later';
import { goToStage } from '../components/StageLink';
import { stageOfKey } from './stageKeys';
import { workspace as t } from '../texts/en/workspace';

const KeysDialog = later(() => import('./KeysDialog').then((m) => m.KeysDialog));

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
      else go(stageOfKey(event.key));
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [build.id]);
  return (
    <>
      <IconButton className="keys-help" aria-label={t.keys} onClick={() => setOpen(true)}>
        <Keyboard size={20} />
      </IconButton>
      {open && <KeysDialog onClose={() => setOpen(false)} />}
    </>
  );
}
