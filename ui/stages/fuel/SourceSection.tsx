'use client';
import { sections } from '../../../core/build/sections';
import { FigureTable } from '../../components/cells/FigureTable';
import { FuelCaution } from './FuelCaution';
import { SourceGuide } from './SourceGuide';
import { fuel as t } from '../../texts/en/fuel';

/** Where the fuel comes from, and how that is done. */
export function SourceSection() {
  return (
    <>
      <FigureTable paths={sections.fuel.source.figures.Source} caption={t.source} />
      <SourceGuide />
      <FuelCaution />
    </>
  );
}
