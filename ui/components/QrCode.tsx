'use client';
import QRCode from 'qrcode';
import { useMemo } from 'react';
import { day } from '../../core/drawing/tokens';

/** A text as a QR code, drawn as one path: in the colours of the day whatever the theme, or cameras don't read it. */
export function QrCode({ text, label }: { text: string; label: string }) {
  const { size, d } = useMemo(() => {
    const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
    const dark = Array.from(modules.data).flatMap((on, i) =>
      on ? [`M${(i % modules.size) + 2},${Math.floor(i / modules.size) + 2}h1v1h-1z`] : [],
    );
    return { size: modules.size + 4, d: dark.join('') };
  }, [text]);
  return (
    <svg className="qr" viewBox={`0 0 ${size} ${size}`} role="img" aria-label={label} data-qr={text} shapeRendering="crispEdges">
      <path fill={day.field} d={`M0,0h${size}v${size}h${-size}z`} />
      <path fill={day.ink} d={d} />
    </svg>
  );
}
