import type { BuildKind } from '../build/Build';
import { bodyShapes, roughSurvey, type BodyShapeId } from '../model/heat/bodyShapes';
import { sources } from '../build/fuelSources';
import type { FigurePath } from '../build/sheets';
import type { Answers } from './Answers';
import { about, mostly, type Usual } from './usual';

/** What a body of that shape is, in law and in use. */
export const kindOfShape: Readonly<Record<BodyShapeId, BuildKind>> = {
  smallVan: 'road',
  van: 'road',
  longVan: 'road',
  bus: 'road',
  trailer: 'trailer',
  narrowBoat: 'boat',
  cabin: 'building',
};

/** Space, nights and people as they usually are in a body of that shape. */
export function usualSurvey({ shape, source, place }: Answers): Usual {
  const { label } = bodyShapes[shape];
  const kind = kindOfShape[shape];
  const moves = kind === 'road' || kind === 'trailer';
  const { vehicle } = sources[source];
  const rough = roughSurvey(shape, shape === 'cabin' ? 'timber' : 'thin', shape === 'trailer' ? 'acrylic' : 'single');
  const sized = (path: FigurePath, less = 0.6, more = 1.5) => {
    const value = Number(rough[path]);
    return about(path, value, value * less, value * more, `a ${label} is about this large`);
  };
  const built = (path: 'survey.wallBuildUp' | 'survey.roofBuildUp' | 'survey.floorBuildUp') =>
    mostly(path, rough[path] ?? 'thin', ['bare', 'thin', 'good', 'timber'], `usual for a ${label}`);
  return {
    ...about('survey.insideC', 20, 15, 24, 'what people ask for'),
    ...about('survey.coldestC', -10, -25, 0, 'a cold night of a mild winter; ask where it will stand'),
    ...about('survey.usualNightC', 2, -8, 10, 'a night like most of a mild winter'),
    ...sized('survey.volumeM3'),
    ...sized('survey.airChangesH', 0.5, 2),
    ...sized('survey.wallAreaM2'),
    ...built('survey.wallBuildUp'),
    ...sized('survey.roofAreaM2'),
    ...built('survey.roofBuildUp'),
    ...sized('survey.floorAreaM2'),
    ...built('survey.floorBuildUp'),
    ...sized('survey.glassAreaM2', 0.3, 2.5),
    ...mostly('survey.glazing', rough['survey.glazing'] ?? 'single', ['single', 'acrylic', 'double'], `usual for a ${label}`),
    ...mostly(
      'survey.engineFuel',
      moves || kind === 'boat' ? 'diesel' : 'none',
      moves || kind === 'boat' ? ['petrol', 'none'] : ['diesel'],
      'what most of them burn',
    ),
    ...mostly(
      'survey.fuelSystem',
      vehicle ? (source === 'feedTee' ? 'low' : 'high') : 'none',
      vehicle ? ['low', 'high', 'unknown'] : ['none'],
      vehicle ? 'most engines of today feed at high pressure; a tee asks for a low one' : 'a tank of its own',
    ),
    ...mostly(
      'survey.waterAndSalt',
      moves ? 'salted' : 'neither',
      moves ? ['neither', 'salted', 'wades'] : ['neither', 'salted'],
      'most roads are salted in winter',
    ),
    ...about('people.asleep', 2, 0, 6, 'two sleep in most of them'),
    ...mostly(
      'people.inspectedAs',
      kind === 'boat' || kind === 'building' ? kind : 'leisure',
      ['road', 'leisure', kind === 'boat' || kind === 'building' ? kind : 'nobody', 'nobody'],
      'ask the inspector',
    ),
    ...mostly('people.markWanted', 'no', ['yes', 'no', 'unknown'], 'many inspectors ask for none; ask yours now'),
    ...about('people.wadingDepthMm', 0, 0, moves ? 600 : 0, 'most never wade'),
    ...about('heater.altitudeM', 500, 0, kind === 'boat' ? 600 : 2500, 'most of the year is spent in the lowlands'),
    ...about('heater.coldestFuelC', -10, -25, 5, 'as the coldest night'),
    ...mostly('heater.fuelGrade', 'roadF', ['roadB', 'roadD', 'roadF', 'arctic2'], 'winter diesel of a filling station'),
    ...about('heater.nightHours', 8, 4, 12, 'a night'),
    ...mostly('kit.replaces', 'nothing', ['nothing', 'old'], 'most are fitted for the first time'),
    ...about(
      'siting.aboveGroundMm',
      place === 'under' ? 220 : 420,
      place === 'under' ? 120 : 150,
      place === 'under' ? 500 : 900,
      'usual ground clearance',
    ),
  };
}
