'use client';
import { Button, Dialog, Typography } from '@mui/material';
import { useEffect } from 'react';
import { formatFixed } from '../../../core/units/formatNumber';

/** Sounds and shakes until the pump is stopped. */
function useAlarm() {
  useEffect(() => {
    const audio = typeof AudioContext === 'undefined' ? null : new AudioContext();
    const shout = () => {
      navigator.vibrate?.([300, 120, 300]);
      if (!audio) return;
      const tone = audio.createOscillator();
      tone.type = 'square';
      tone.frequency.value = 880;
      tone.connect(audio.destination);
      tone.start();
      tone.stop(audio.currentTime + 0.3);
    };
    shout();
    const timer = setInterval(shout, 900);
    return () => {
      clearInterval(timer);
      void audio?.close();
    };
  }, []);
}

/**
 * The whole screen says stop: the line is full at the latest now, and fuel would go into the burner.
 * It is left by its one button and by nothing else; what lies behind can't be reached.
 */
export function Halt({ strokes, high, name, onStopped }: { strokes: number; high: number; name: string; onStopped: () => void }) {
  useAlarm();
  return (
    <Dialog
      open
      fullScreen
      aria-labelledby="halt-title"
      aria-describedby="halt-text"
      slotProps={{ paper: { role: 'alertdialog', className: 'halt' } }}
    >
      <strong id="halt-title">STOP THE PUMP</strong>
      <Typography id="halt-text" variant="h6" component="p">
        {formatFixed(strokes)} strokes{name ? ` on ${name}` : ''}. The line is full at {formatFixed(high)} at the latest: more
        fuel floods the burner, and the first fire comes with flames.
      </Typography>
      <Button autoFocus variant="contained" onClick={onStopped}>
        The pump is stopped
      </Button>
    </Dialog>
  );
}
