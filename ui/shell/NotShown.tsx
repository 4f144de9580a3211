import type { ReactNode } from 'react';

/** A page that can't be shown: why, and the ways on. */
export function NotShown({ title, children, again }: { title: string; children: ReactNode; again?: (() => void) | undefined }) {
  return (
    <main className="page">
      <h1>{title}</h1>
      <p>{children}</p>
      <p className="inline">
        {again && (
          <button type="button" className="button" onClick={again}>
            Try again
          </button>
        )}
        <a className="button" href="/">
          To the bay
        </a>
      </p>
    </main>
  );
}
