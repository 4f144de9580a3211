'use client';
import { penInk } from '../../../core/drawing/tokens';
import { Button } from '@mui/material';
import SignaturePad, { type PointGroup } from 'signature_pad';
import { useEffect, useRef } from 'react';
import { signatureBox } from '../../../core/signature/strokes';
import { signoff as t } from '../../texts/en/signoff';

/** A drawn signature as an SVG path in a box of 600 × 200. */
function pathOf(pad: SignaturePad, width: number, height: number): string {
  const scale = { x: signatureBox.width / width, y: signatureBox.height / height };
  const within = (n: number, max: number) => Math.min(max, Math.max(0, Math.round(n)));
  // A pen that slips over the edge goes on along it.
  const at = (p: { x: number; y: number }) =>
    `${within(p.x * scale.x, signatureBox.width)},${within(p.y * scale.y, signatureBox.height)}`;
  const strokes = pad.toData().map(({ points }) => points.map((p, i) => `${i === 0 ? 'M' : 'L'}${at(p)}`).join(''));
  return strokes
    .join('')
    .slice(0, 20000)
    .replace(/[ML][^ML]*$/, (tail) => (/^[ML]-?\d+,-?\d+$/.test(tail) ? tail : ''));
}

const cross = (width: number, height: number): PointGroup[] =>
  [
    [
      [0.43, 0.3],
      [0.57, 0.7],
    ],
    [
      [0.57, 0.3],
      [0.43, 0.7],
    ],
  ].map((stroke) => ({
    penColor: penInk,
    dotSize: 2,
    minWidth: 1.6,
    maxWidth: 2.8,
    velocityFilterWeight: 0.7,
    compositeOperation: 'source-over',
    points: stroke.map(([x = 0, y = 0], i) => ({ x: x * width, y: y * height, pressure: 0.5, time: i * 100 })),
  }));

export function SignPad({ onDrawn }: { onDrawn: (path: string) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad | null>(null);
  const told = useRef(onDrawn);
  useEffect(() => {
    told.current = onDrawn;
  });
  useEffect(() => {
    const element = canvas.current;
    if (!element) return undefined;
    const ratio = Math.max(window.devicePixelRatio, 1);
    element.width = element.offsetWidth * ratio;
    element.height = element.offsetHeight * ratio;
    element.getContext('2d')?.scale(ratio, ratio);
    const made = new SignaturePad(element, { penColor: penInk, minWidth: 1.2, maxWidth: 2.8 });
    made.addEventListener('endStroke', () => told.current(pathOf(made, element.offsetWidth, element.offsetHeight)));
    pad.current = made;
    return () => made.off();
  }, []);
  return (
    <div>
      <canvas ref={canvas} className="sign-pad" aria-label={t.drawYourSignatureHere} role="img" />
      <Button
        variant="text"
        onClick={() => {
          pad.current?.clear();
          onDrawn('');
        }}
      >
        {t.clear}
      </Button>
      <Button
        variant="text"
        onClick={() => {
          const element = canvas.current;
          pad.current?.clear();
          // A cross, as those have always set who can't write; for whoever signs by keyboard.
          pad.current?.fromData(cross(element?.offsetWidth ?? 600, element?.offsetHeight ?? 200));
          onDrawn('M260,60L340,140M340,60L260,140');
        }}
      >
        {t.setACrossInsteadOfDrawing}
      </Button>
    </div>
  );
}
