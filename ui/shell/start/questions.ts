import { sources, type SourceId } from '../../../core/build/fuelSources';
import type { UnitCard } from '../../../core/build/unit/UnitCard';
import {
  batteryPictures,
  bodyPictures,
  cardPicture,
  heaterPictures,
  sourcePictures,
  tankPictures,
  type PictureMark,
} from '../../../core/drawing/start/pictures';
import { bodyShapes, type BodyShapeId } from '../../../core/model/heat/bodyShapes';
import { distances, heaterPlaces, type Answers, type Distance, type HeaterPlace } from '../../../core/usual/Answers';
import { start as t } from '../../texts/en/start';

export interface Option {
  id: string;
  label: string;
  marks: readonly PictureMark[];
  pick: Partial<Answers>;
}
export interface Asked {
  id: keyof Answers;
  question: string;
  options: readonly Option[];
}

const keys = <K extends string>(table: Readonly<Record<K, unknown>>) => Object.keys(table) as K[];
const outputOf = (card: UnitCard): number => Number(card.figures['heater.claimedOutputKw']?.value ?? 2);

/** The questions of a new build, in order; the last two stand on one page. */
export const questions = (cards: readonly UnitCard[]): readonly Asked[] => [
  {
    id: 'shape',
    question: t.whatIsItFittedInto,
    options: keys<BodyShapeId>(bodyShapes).map((id) => ({
      id,
      label: bodyShapes[id].label,
      marks: bodyPictures[id],
      pick: { shape: id },
    })),
  },
  {
    id: 'card',
    question: t.whichHeater,
    options: cards.map((card) => ({
      id: card.id,
      label: card.name,
      marks: cardPicture(Math.min(3, Math.max(1, outputOf(card) / 2.5)), card.family === 'coolant'),
      pick: { card },
    })),
  },
  {
    id: 'source',
    question: t.whereDoesItsFuelComeFrom,
    options: keys<SourceId>(sources).map((id) => ({
      id,
      label: sources[id].label,
      marks: sourcePictures[id],
      pick: { source: id },
    })),
  },
  {
    id: 'place',
    question: t.whereWillItSit,
    options: keys<HeaterPlace>(heaterPlaces).map((id) => ({
      id,
      label: heaterPlaces[id],
      marks: heaterPictures[id],
      pick: { place: id },
    })),
  },
  {
    id: 'tankAway',
    question: t.howFarOffIsTheTank,
    options: keys<Distance>(distances).map((id) => ({
      id,
      label: distances[id],
      marks: tankPictures[id],
      pick: { tankAway: id },
    })),
  },
  {
    id: 'batteryAway',
    question: t.andTheBattery,
    options: keys<Distance>(distances).map((id) => ({
      id,
      label: distances[id],
      marks: batteryPictures[id],
      pick: { batteryAway: id },
    })),
  },
];
