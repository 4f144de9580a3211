'use client';
import type { ReactNode } from 'react';
import { partText, type PartTaken } from '../../../core/model/kit/partsTaken';
import { useSay } from '../../sync/useWorkspace';
import { Fold } from './Fold';

/** Parts as they are bought or cut; nothing where none is known. */
export function TakenParts({
  parts,
  title,
  note,
  children,
}: {
  parts: readonly PartTaken[];
  title: string;
  note: string;
  children?: ReactNode;
}) {
  const say = useSay();
  if (parts.length === 0) return null;
  return (
    <Fold title={title} note={note}>
      <ul className="plain">
        {parts.map((part) => {
          const text = partText(part);
          return <li key={text}>{say(text)}</li>;
        })}
      </ul>
      {children}
    </Fold>
  );
}
