import { Button } from '@mui/material';
import type { ReactNode } from 'react';
import { frame as t } from '../texts/en/frame';

/** A page that can't be shown: why, and the ways on. */
export function NotShown({ title, children, again }: { title: string; children: ReactNode; again?: (() => void) | undefined }) {
  return (
    <main className="page">
      <h1>{title}</h1>
      <p>{children}</p>
      <p className="inline">
        {again && <Button onClick={again}>{t.tryAgain}</Button>}
        <Button href="/">{t.toTheBay}</Button>
      </p>
    </main>
  );
}
