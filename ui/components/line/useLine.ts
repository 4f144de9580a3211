'use client';
import { useContext } from 'react';
import { rowsOf } from '../../../core/build/lists';
import { addSegment, splitSegment } from '../../../core/drawing/line/editLine';
import { useWorkspace } from '../../sync/useWorkspace';
import { LineContext } from './LineContext';

/** The segment in hand, and ways to cut the line in two or to make it longer; on the drawing and in the table alike. */
export function useLine() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const { picked, pick } = useContext(LineContext);
  const rows = rowsOf(settled.lists, 'segments');
  const put = (changes: ReturnType<typeof splitSegment>): string[] =>
    mayWork && changes.length > 0 ? send({ kind: 'rows', changes }) : [];
  return {
    picked,
    pick,
    splitAt: (id: string, share: number) => put(splitSegment(rows, id, share, crypto.randomUUID())),
    addAfter: (id: string | null) => put(addSegment(rows, id, crypto.randomUUID())),
  };
}
