'use client';
import { rowsOf, type ListId } from '../../core/build/lists';
import { useWorkspace } from '../sync/useWorkspace';
import { parts as t } from '../texts/en/parts';

/** How many rows a list has, in words: "none yet", "1 hole", "4 holes". */
export function useRowCount(): (list: ListId, one: string, many?: string) => string {
  const { settled } = useWorkspace('settled');
  return (list, one, many = `${one}s`) => {
    const n = rowsOf(settled.lists, list).length;
    return n === 0 ? t.noneYet : `${n} ${n === 1 ? one : many}`;
  };
}
