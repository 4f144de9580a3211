'use client';
import SignaturePad from 'signature_pad';
import { useEffect, useRef } from 'react';

/** A drawn signature as an SVG path in a box of 600 × 200. */
function pathOf(pad: SignaturePad, width: number, height: number): string {
  const scale = { x: 600 / width, y: 200 / height };
  const at = (p: { x: number; y: number }) => `${Math.round(p.x * scale.x)},${Math.round(p.y * scale.y)}`;
  const strokes = pad.toData().map(({ points }) => points.map((p, i) => `${i === 0 ? 'M' : 'L'}${at(p)}`).join(''));
  return strokes
    .join('')
    .slice(0, 20000)
    .replace(/[ML][^ML]*$/, (tail) => (/^[ML]-?\d+,-?\d+$/.test(tail) ? tail : ''));
}

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
    const made = new SignaturePad(element, { penColor: '#14272c', minWidth: 1.2, maxWidth: 2.8 });
    made.addEventListener('endStroke', () => told.current(pathOf(made, element.offsetWidth, element.offsetHeight)));
    pad.current = made;
    return () => made.off();
  }, []);
  return (
    <div>
      <canvas ref={canvas} className="sign-pad" aria-label="Draw your signature here" role="img" />
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          pad.current?.clear();
          onDrawn('');
        }}
      >
        Clear
      </button>
    </div>
  );
}
