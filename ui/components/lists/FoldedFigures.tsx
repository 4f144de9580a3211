'use client';
import { valueAt, type FigurePath } from '../../../core/build/sheets';
import { useWorkspace } from '../../sync/useWorkspace';
import { FigureTable } from '../cells/FigureTable';
import { Fold } from './Fold';

/** Figures that fold away. @param untilSaid whether it stands open while one of them is not said */
export function FoldedFigures({
  title,
  note,
  paths,
  untilSaid = false,
}: {
  title: string;
  note: string;
  paths: readonly FigurePath[];
  untilSaid?: boolean;
}) {
  const { settled } = useWorkspace('settled');
  const lacking = paths.some((path) => valueAt(settled.sheets, path) === null);
  return (
    <Fold title={title} note={note} startOpen={untilSaid && lacking} holds={paths}>
      <FigureTable paths={paths} caption={title} />
    </Fold>
  );
}
