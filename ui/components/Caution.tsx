import type { ReactNode } from 'react';
import { parts as t } from '../texts/en/parts';

/** What can hurt here, where it can. */
export function Caution({ title = t.caution, children }: { title?: string; children: ReactNode }) {
  return (
    <p className="cautions">
      <strong>{title}</strong> {children}
    </p>
  );
}
/** What comes before anything that Lorbet says. */
export const manualFirst = (): string => t.theMakersManualTheLocalCode;
