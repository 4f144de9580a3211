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
import { distances, heaterPlaces, type Answers } from '../../../core/usual/Answers';
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

const outputOf = (card: UnitCard): number => Number(card.figures['heater.claimedOutputKw']?.value ?? 2);

/** A question whose answers stand in a table, each with its picture. */
const among = <K extends keyof Answers, A extends Answers[K] & string>(
  id: K,
  question: string,
  labels: Readonly<Record<A, string>>,
  pictures: Readonly<Record<A, readonly PictureMark[]>>,
): Asked => ({
  id,
  question,
  options: (Object.keys(labels) as A[]).map((one) => ({
    id: one,
    label: labels[one],
    marks: pictures[one],
    pick: { [id]: one },
  })),
});
const labelsOf = <K extends string>(table: Readonly<Record<K, { label: string }>>) =>
  Object.fromEntries(Object.entries<{ label: string }>(table).map(([id, { label }]) => [id, label])) as Record<K, string>;

/** The questions of a new build, in order; the last two stand on one page. */
export const questions = (cards: readonly UnitCard[]): readonly Asked[] => [
  among('shape', t.whatIsItFittedInto, labelsOf<BodyShapeId>(bodyShapes), bodyPictures),
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
  among('source', t.whereDoesItsFuelComeFrom, labelsOf<SourceId>(sources), sourcePictures),
  among('place', t.whereWillItSit, heaterPlaces, heaterPictures),
  among('tankAway', t.howFarOffIsTheTank, distances, tankPictures),
  among('batteryAway', t.andTheBattery, distances, batteryPictures),
];
