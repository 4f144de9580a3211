import type { FigureId } from '../reading/figureIds';
import type { Derived } from '../reading/Reader';
import { airFigures } from './air/airFigures';
import { controllerFigures } from './controller/controllerFigures';
import { fuelFigures } from './fuel/fuelFigures';
import { tankFigures } from './fuel/tankFigures';
import { primingFigures } from './priming/primingFigures';
import { sitingFigures } from './siting/sitingFigures';
import { ventFigures } from './proving/ventFigures';
import { startFigures } from './startup/startFigures';
import { heaterFigures } from './survey/heaterFigures';
import { surveyFigures } from './survey/surveyFigures';
import { warmthFigures } from './warmth/warmthFigures';
import { wiringFigures } from './wiring/wiringFigures';

/** A computed figure, with the file in which it is computed. */
export interface Figure extends Derived {
  code: string;
}
const inFile = <G extends Record<string, Derived>>(file: string, group: G) =>
  Object.fromEntries(Object.entries(group).map(([id, figure]) => [id, { ...figure, code: `core/figures/${file}.ts` }])) as Record<
    keyof G & string,
    Figure
  >;

/** Every computed figure, by id. Checks, screens and the certificate all read it here; `core/reading/figureIds.ts` is made from it. */
const defined = {
  ...inFile('survey/surveyFigures', surveyFigures),
  ...inFile('siting/sitingFigures', sitingFigures),
  ...inFile('survey/heaterFigures', heaterFigures),
  ...inFile('fuel/tankFigures', tankFigures),
  ...inFile('fuel/fuelFigures', fuelFigures),
  ...inFile('air/airFigures', airFigures),
  ...inFile('warmth/warmthFigures', warmthFigures),
  ...inFile('wiring/wiringFigures', wiringFigures),
  ...inFile('priming/primingFigures', primingFigures),
  ...inFile('controller/controllerFigures', controllerFigures),
  ...inFile('proving/ventFigures', ventFigures),
  ...inFile('startup/startFigures', startFigures),
};
export const figures: Readonly<Record<FigureId, Figure>> = defined;
export const figureIds = Object.keys(defined) as FigureId[];
export const isFigureId = (id: string): id is FigureId => Object.hasOwn(defined, id);
