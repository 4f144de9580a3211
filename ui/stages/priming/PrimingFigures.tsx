'use client';
import { useMemo } from 'react';
import { sections } from '../../../core/build/sections';
import { fillPicture } from '../../../core/drawing/line/fillPicture';
import { stageFigures } from '../../../core/figures/stageFigures';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { useWorkspace } from '../../sync/useWorkspace';
import { DoseTest } from '../fuel/DoseTest';
import { FillSpreadView } from '../fuel/FirstFillView';
import { PrimeWaysView } from './PrimeWaysView';
import { priming as t } from '../../texts/en/priming';

/** What the count rests on, and how surely it is known. */
export function PrimingFigures() {
  const { settled } = useWorkspace('settled');
  const fill = useMemo(() => fillPicture(settled), [settled]);
  return (
    <>
      <FigureTable paths={sections.priming.figures.figures['Priming sheet']} caption={t.primingSheet} />
      {'missing' in fill ? null : <FillSpreadView facts={fill} />}
      <DerivedFigures keys={stageFigures.priming ?? []} />
      <PrimeWaysView />
      <h3>{t.doseTest}</h3>
      <DoseTest />
    </>
  );
}
