'use client';
import { createContext, useContext } from 'react';
import type { Build } from '../../core/build/Build';
import type { FigurePath } from '../../core/build/sheets';
import type { Call } from '../../core/calls/Call';
import type { Clash } from '../../core/commands/applyCommand';
import type { Command, Slot } from '../../core/commands/Command';
import type { LedgerRow } from '../../core/ledger/chain';
import type { Role } from '../../core/people/roles';
import type { Waiting } from './send';

export interface Who {
  name: string;
  role: Role;
}
export type Link = 'kept' | 'sending' | 'unreachable' | 'signed-out';
export interface DraftFigure {
  path: FigurePath;
  slot: Slot;
  value: number | string | null;
}

export interface BuildBench {
  /** As kept, with what is still on its way and what is being typed or dragged. */
  build: Build;
  /** As kept, with what is still on its way. */
  settled: Build;
  calls: Call[];
  rows: LedgerRow[];
  waiting: readonly Waiting[];
  who: Who;
  link: Link;
  /** Sends a command. @returns why not, or an empty list */
  send: (command: Command) => string[];
  /** Figures being typed or dragged: calls follow, nothing is kept yet. */
  setDraft: (key: string, figures: readonly DraftFigure[]) => void;
  clashes: readonly Clash[];
  settleClash: (take: 'theirs' | 'yours') => void;
  problems: readonly string[];
  clearProblems: () => void;
  /** Reason under which a signed build is being corrected; null while it is locked. */
  correcting: string | null;
  setCorrecting: (reason: string | null) => void;
  mayWork: boolean;
  /** Strokes pumped into the line while it is being primed; the drawing shows how far the fuel has come. */
  primedStrokes: number | null;
  setPrimedStrokes: (strokes: number | null) => void;
}

export const BuildContext = createContext<BuildBench | null>(null);

export function useBench(): BuildBench {
  const bench = useContext(BuildContext);
  if (!bench) throw new Error('useBench stands outside a BuildProvider.');
  return bench;
}
