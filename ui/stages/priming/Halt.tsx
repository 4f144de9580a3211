'use client';
import { Button, Dialog, Typography } from '@mui/material';
import { useEffect } from 'react';
import { formatFixed } from '../../../core/units/formatNumber';
import { speak } from '../../components/speak';
import { priming as t } from '../../texts/en/priming';

/** Sounds and shakes until the pump is stopped. */
function useAlarm() {
  useEffect(() => {
    const audio = typeof AudioContext === 'undefined' ? null : new AudioContext();
    let shouts = 0;
    const shout = () => {
      navigator.vibrate?.([300, 120, 300]);
      // Once in a while, or it would never get to the end of it.
      if (shouts % 4 === 0) speak(t.stopThePumpNow);
      shouts += 1;
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
      <strong id="halt-title">{t.stopThePump}</strong>
      <Typography id="halt-text" variant="h6" component="p">
        {t.strokes2({ strokes: formatFixed(strokes) })}
        {name ? t.onName({ name }) : ''}
        {t.theLineIsFullAtAt({ high: formatFixed(high) })}
      </Typography>
      <Button autoFocus variant="contained" onClick={onStopped}>
        {t.thePumpIsStopped}
      </Button>
    </Dialog>
  );
}
