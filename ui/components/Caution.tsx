import type { ReactNode } from 'react';

/** What can hurt here, where it can. */
export function Caution({ title = 'Caution.', children }: { title?: string; children: ReactNode }) {
  return (
    <p className="cautions">
      <strong>{title}</strong> {children}
    </p>
  );
}
/** What comes before anything that Lorbet says. */
export const manualFirst = 'The maker’s manual, the local code and licensed practice come before anything said here.';
