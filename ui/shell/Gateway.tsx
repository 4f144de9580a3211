'use client';
import type { ReactNode } from 'react';
import { OnDevice } from '../components/OnDevice';
import { workspace as t } from '../texts/en/workspace';

/** The frame of the pages on the way in: nobody is known yet. */
export function Gateway({ children }: { children: ReactNode }) {
  return (
    <div className="page">
      <header className="top-line">
        <span className="word-mark">
          <span className="dip-ring" aria-hidden /> {t.lorbet}
        </span>
      </header>
      <main>
        <OnDevice>{children}</OnDevice>
      </main>
    </div>
  );
}
