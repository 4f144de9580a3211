'use client';
import { useState, type ReactNode } from 'react';

/** A part of a long sheet that can be folded away; its heading says how much is in it. */
export function Fold({
  title,
  note,
  startOpen = false,
  children,
}: {
  title: string;
  note?: string;
  startOpen?: boolean;
  children: ReactNode;
}) {
  // Held here, or the first row put in would fold it shut under the hand.
  const [open, setOpen] = useState(startOpen);
  return (
    <details className="fold" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>
        <h3>{title}</h3>
        {note && <span className="soft">{note}</span>}
      </summary>
      {open && children}
    </details>
  );
}
