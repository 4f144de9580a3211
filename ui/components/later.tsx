'use client';
import { lazy, Suspense, type ComponentType } from 'react';

function NotHere() {
  return (
    <p role="alert">
      There is no way through to the server, and this part is not on this device yet. Open the page again once there is.
    </p>
  );
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
