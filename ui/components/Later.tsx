import { startTransition, useEffect, useState, type ReactNode } from 'react';

/** What lies far down a sheet: drawn once what stands above it is on the screen, so that this comes sooner. */
export function Later({ children }: { children: ReactNode }) {
  const [due, setDue] = useState(false);
  useEffect(() => startTransition(() => setDue(true)), []);
  return due ? children : null;
}
