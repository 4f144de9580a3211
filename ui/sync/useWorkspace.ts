'use client';
import { createContext, useContext } from 'react';
import { useStore, type StoreApi } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import type { Told } from '../../core/checks/Finding';
import { messageOf, remedyOf, whyOf } from '../../core/checks/findingText';
import { inUnits } from '../../core/units/inUnits';
import type { Workspace } from './workspace';

export const WorkspaceContext = createContext<StoreApi<Workspace> | null>(null);

/** Fields of the workspace; the component is drawn anew when one of those that it names has changed, and for no other. */
export function useWorkspace<K extends keyof Workspace>(...fields: readonly K[]): Pick<Workspace, K> {
  const store = useContext(WorkspaceContext);
  if (!store) throw new Error('useWorkspace stands outside a BuildProvider.');
  return useStore(
    store,
    useShallow((workspace) => Object.fromEntries(fields.map((field) => [field, workspace[field]])) as Pick<Workspace, K>),
  );
}

/** What a finding says and what to do about it, in the units that this person likes. */
export function useFindingText(): {
  message: (told: Told) => string;
  remedy: (told: Told) => string;
  why: (told: Told) => string;
} {
  const { unitPreferences } = useWorkspace('who').who;
  return {
    message: (told) => messageOf(told, unitPreferences),
    remedy: (told) => remedyOf(told, unitPreferences),
    why: (told) => whyOf(told, unitPreferences),
  };
}

/** Sentences in the units that this person likes. */
export function useSay(): (sentence: string) => string {
  const { unitPreferences } = useWorkspace('who').who;
  return (sentence) => inUnits(sentence, unitPreferences);
}
