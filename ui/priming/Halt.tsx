'use client';
import { useEffect, useRef } from 'react';
import { show } from '../../core/units/show';

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

/** The whole screen says stop: the line is full at the latest now, and fuel would go into the burner. */
export function Halt({ strokes, high, onStopped }: { strokes: number; high: number; onStopped: () => void }) {
  useAlarm();
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    button.current?.focus();
  }, []);
  return (
    <div className="halt" role="alertdialog" aria-modal="true" aria-labelledby="halt-title">
      <strong id="halt-title">STOP THE PUMP</strong>
      <p style={{ fontSize: '1.4rem', maxWidth: 640 }}>
        {show(strokes)} strokes. The line is full at {show(high)} at the latest: more fuel floods the burner, and the first fire
        comes with flames.
      </p>
      <button ref={button} type="button" className="key" onClick={onStopped}>
        The pump is stopped
      </button>
    </div>
  );
}
