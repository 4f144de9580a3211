'use client';
import { Button, Dialog } from '@mui/material';
import { ArrowLeft } from 'lucide-react';
import { useId, type ReactNode } from 'react';
import { useWakeLock } from './useWakeLock';
import { parts as t } from '../texts/en/parts';

/**
 * What is live takes the whole screen of a phone: what it is about at the top, the key that matters under the thumb.
 * The screen stays awake; leaving it ends nothing.
 */
export function LiveScreen({
  title,
  onLeave,
  children,
  foot,
}: {
  title: string;
  onLeave: () => void;
  children: ReactNode;
  /** the key under the thumb */ foot: ReactNode;
}) {
  const awake = useWakeLock(true);
  const id = useId();
  return (
    <Dialog
      open
      fullScreen
      onClose={onLeave}
      aria-labelledby={id}
      slotProps={{ paper: { className: 'live' }, transition: { timeout: 0 } }}
    >
      <header className="live-head">
        <Button variant="text" onClick={onLeave} startIcon={<ArrowLeft size={22} />} aria-label={t.backToThePage}>
          <span id={id}>{title}</span>
        </Button>
        {awake && <span className="soft">{t.screenStaysOn}</span>}
      </header>
      <div className="live-body">{children}</div>
      <footer className="live-foot">{foot}</footer>
    </Dialog>
  );
}
