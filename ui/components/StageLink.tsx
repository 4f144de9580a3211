'use client';
import type { AnchorHTMLAttributes, ReactNode, Ref } from 'react';

/** A link to another sheet of the same build. It asks the server for nothing, so it works under the floor without coverage. */
export function StageLink({
  href,
  ref,
  children,
  ...more
}: AnchorHTMLAttributes<HTMLAnchorElement> & { href: string; ref?: Ref<HTMLAnchorElement> | undefined; children: ReactNode }) {
  return (
    <a
      {...more}
      ref={ref}
      href={href}
      onClick={(event) => {
        if (event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey || event.altKey) return;
        event.preventDefault();
        goToStage(href);
      }}
    >
      {children}
    </a>
  );
}

/** Told when a place was asked for by a link. */
export const figureAsked = 'lorbet:figure';

/** Next follows the browser's history, so the address and the sheet stay together. */
export function goToStage(href: string): void {
  const to = new URL(href, window.location.href);
  const here = window.location.pathname + window.location.hash;
  if (to.pathname + to.hash !== here) {
    window.history.pushState(null, '', href);
    document.querySelector('.workspace-sheet')?.scrollTo({ top: 0 });
  }
  // The address of a figure may be asked for again: whoever draws it listens.
  window.dispatchEvent(new CustomEvent(figureAsked));
}
