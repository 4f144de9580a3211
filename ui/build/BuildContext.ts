'use client';
import type { Command } from '../../core/commands/allCommands';
import type { Slot } from '../../core/commands/kinds/figures';
import type { Choice } from '../../core/commands/define';
import type { Origins } from '../../core/record/Origin';
import { createContext, useContext } from 'react';
import type { Build } from '../../core/build/Build';
import type { CellValue, ListId } from '../../core/build/lists';
import type { FigurePath } from '../../core/build/sheets';
import type { Finding, Told } from '../../core/checks/Finding';
import { messageOf, remedyOf, whyOf } from '../../core/checks/findingText';
import type { LedgerRow } from '../../core/ledger/chain';
import type { Role } from '../../core/people/roles';
import { inUnits, type UnitPreferences } from '../../core/units/inUnits';
import type { Held, Kept, Waiting } from './outbox';

export interface Who {
  name: string;
  login: string;
  role: Role;
  unitPreferences: UnitPreferences;
}
export type Link = 'kept' | 'sending' | 'unreachable' | 'signed-out';
export type Draft =
  | { path: FigurePath; slot: Slot; value: number | string | null }
  | { list: ListId; row: string; column: string; value: CellValue };

export interface BuildWorkspace {
  /** As kept, with what is still on its way and what is being typed or dragged. */
  build: Build;
  /** As kept, with what is still on its way. */
  settled: Build;
  findings: Finding[];
  rows: LedgerRow[];
  /** Who put each value in, and when. */
  origins: Origins;
  waiting: readonly Waiting[];
  /** Names of others whose entries wait on this device until they sign in here. */
  others: readonly string[];
  /** This device can't keep entries: they live as long as the page. */
  storeFull: boolean;
  who: Who;
  link: Link;
  /** Sends a command. @returns why not, or an empty list */
  send: (command: Command) => string[];
  /** Figures and cells being typed or dragged: findings follow, nothing is kept yet. */
  setDraft: (key: string, drafts: readonly Draft[]) => void;
  /** Entries that the server did not take, each waiting for a decision. */
  held: readonly Kept<Held>[];
  settleHeld: (held: Kept<Held>, choices: Readonly<Record<string, Choice>>) => void;
  /** Reason under which a signed build is being corrected; null while it is locked. */
  correcting: string | null;
  setCorrecting: (reason: string | null) => void;
  mayWork: boolean;
  /** Strokes pumped into the line while it is being primed; the drawing shows how far the fuel has come. */
  primedStrokes: number | null;
  setPrimedStrokes: (strokes: number | null) => void;
  /** Fetches older ledger rows. @returns whether there was a way through */
  loadEarlier: () => Promise<boolean>;
}

export const BuildContext = createContext<BuildWorkspace | null>(null);

export function useWorkspace(): BuildWorkspace {
  const workspace = useContext(BuildContext);
  if (!workspace) throw new Error('useWorkspace stands outside a BuildProvider.');
  return workspace;
}

/** What a finding says and what to do about it, in the units that this person likes. */
export function useFindingText(): {
  message: (told: Told) => string;
  remedy: (told: Told) => string;
  why: (told: Told) => string;
} {
  const { unitPreferences } = useWorkspace().who;
  return {
    message: (told) => messageOf(told, unitPreferences),
    remedy: (told) => remedyOf(told, unitPreferences),
    why: (told) => whyOf(told, unitPreferences),
  };
}

/** Sentences in the units that this person likes. */
export function useSay(): (sentence: string) => string {
  const { unitPreferences } = useWorkspace().who;
  return (sentence) => inUnits(sentence, unitPreferences);
}
