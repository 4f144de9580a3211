'use client';
import { sections } from '../../../core/build/sections';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { controller as t } from '../../texts/en/controller';
import { PlaceSheet } from './PlaceSheet';

const { figures } = sections.controller.place;

/** Where panel and sensor hang, and whether the lead reaches. */
export function PlaceSection() {
  return (
    <>
      <PlaceSheet />
      <FigureTable paths={figures['Panel and its lead']} caption={t.panelAndLead} />
      <FigureTable paths={figures['Room’s sensor']} caption={t.roomSensor} />
      <DerivedFigures keys={['controller.leadRunM']} />
    </>
  );
}
