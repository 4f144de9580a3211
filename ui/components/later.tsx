'use client';
import { lazy, Suspense, type ComponentType } from 'react';
import { frame as t } from '../texts/en/frame';

function NotHere() {
  return <p role="alert">{t.thereIsNoWayThroughTo}</p>;
}

/**
 * A part whose script is fetched when it is first shown: nobody waits for what they may never open.
 * The service worker keeps all of them, so that they open without coverage too.
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const Part = lazy(() =>
    load().then(
      (found) => ({ default: found }),
      () => ({ default: NotHere as ComponentType<P> }),
    ),
  );
  return function Later(props: P) {
    return (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    );
  };
}
