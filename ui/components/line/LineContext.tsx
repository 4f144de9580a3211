'use client';
import { createContext, useMemo, useState, type ReactNode } from 'react';

export interface LinePick {
  picked: string | null;
  pick: (id: string | null) => void;
}
export const LineContext = createContext<LinePick>({ picked: null, pick: () => undefined });

/** Which segment of the line is in hand: chosen on the drawing or in the table, lit in both. */
export function LineProvider({ children }: { children: ReactNode }) {
  const [picked, pick] = useState<string | null>(null);
  const value = useMemo(() => ({ picked, pick }), [picked]);
  return <LineContext value={value}>{children}</LineContext>;
}
