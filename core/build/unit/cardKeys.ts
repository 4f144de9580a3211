import { limits, makerBounds, makerKeys, type LimitKey } from '../../practices/limits';
import { fieldAt, isFigurePath, type FigurePath } from '../sheets';
import type { Field } from '../field';
import { cardOwn, type CardKey } from './UnitCard';

/** Figures of a build that belong to the kind of unit, and so stand on its card. */
export const cardPaths = [
  'heater.claimedOutputKw',
  'heater.supplyV',
  'heater.strokeVolumeMl',
  'heater.pumpMinHz',
  'heater.pumpMaxHz',
  'heater.startCurrentA',
  'heater.startMinutes',
  'heater.runCurrentA',
  'heater.thermostat',
  'survey.accessoriesV',
  'kit.plateOutputKw',
  'kit.plateAltitudeM',
  'siting.heaterLengthMm',
  'siting.heaterWidthMm',
  'siting.heaterHeightMm',
  'siting.mayLie',
  'siting.ductMm',
  'siting.studThread',
  'siting.studLengthMm',
  'siting.spigotLengthMm',
  'siting.clampWidthMm',
  'siting.tapThread',
  'line.strokeMs',
  'pipes.exhaustBoreMm',
  'pipes.intakeBoreMm',
  'warmth.blowerM3H',
  'warmth.blowerPa',
  'warmth.pumpKPa',
  'warmth.pumpLMin',
  'wiring.fuseA',
  'wiring.cableAreaMm2',
  'priming.filterVolumeMl',
  'priming.primingHz',
] as const satisfies readonly FigurePath[];

/** Every figure that a card may hold, in the order in which it is shown. */
export const cardKeys: readonly CardKey[] = [
  ...cardPaths,
  ...makerKeys.map((key) => `maker.${key}` as const),
  ...(Object.keys(cardOwn) as (keyof typeof cardOwn)[]),
];
export const makerKeyOf = (key: CardKey): LimitKey | null => (key.startsWith('maker.') ? (key.slice(6) as LimitKey) : null);
/** Where a build keeps what a card tells; null where it has no place for it. */
export const pathOfKey = (key: CardKey): FigurePath | null => {
  if (isFigurePath(key)) return key;
  const own = isOwn(key) ? cardOwn[key] : null;
  return own && 'as' in own ? own.as : null;
};
const isOwn = (key: CardKey): key is keyof typeof cardOwn => Object.hasOwn(cardOwn, key);

type Bounds =
  | (Pick<Extract<Field, { kind: 'number' }>, 'kind' | 'label' | 'min' | 'max' | 'decimals'> & { unit: string })
  | Pick<Extract<Field, { kind: 'choice' }>, 'kind' | 'label' | 'options'>;
/** What may stand in a figure of a card: its label, its unit and bounds, or its answers. */
export function cardBounds(key: CardKey): Bounds {
  if (isOwn(key)) {
    const { label, unit, min, max, decimals } = cardOwn[key];
    return { kind: 'number', label, unit, min, max, decimals };
  }
  if (isFigurePath(key)) return fieldAt(key);
  const limit = key.slice(6) as LimitKey;
  const { min, max } = makerBounds(limit) ?? { min: 0, max: 0 };
  return { kind: 'number', label: limits[limit].label, unit: limits[limit].unit, min, max, decimals: 2 };
}
