'use client';
import { useEffect, useRef } from 'react';
import { formatFixed } from '../../../core/units/formatNumber';
import { speak } from '../../components/speak';
import { priming as t } from '../../texts/en/priming';

/** A count is said aloud so often, strokes. */
const saidEvery = 50;

/** The count spoken while hands and eyes are at the line; and once, when fuel can be there any moment. */
export function useSpokenCount(strokes: number, low: number | null, running: boolean): void {
  const said = useRef(-1);
  const warned = useRef(false);
  useEffect(() => {
    if (!running) return;
    const step = Math.floor(strokes / saidEvery);
    if (said.current === -1) said.current = step;
    if (low !== null && strokes >= low && !warned.current) {
      warned.current = true;
      speak(t.eyesOnTheLineFuelCan);
    } else if (step > said.current) speak(formatFixed(step * saidEvery));
    said.current = step;
  }, [strokes, low, running]);
}
