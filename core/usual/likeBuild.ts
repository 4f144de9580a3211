import type { AssumedFigure } from '../build/Assumption';
import { assumable } from '../build/assumptionSchema';
import type { Build } from '../build/Build';
import { settingKeys } from '../build/sheetTables/controller';
import type { ListValues } from '../build/lists';
import { fieldAt, figurePaths, valueAt, type FigurePath } from '../build/sheets';
import type { Start } from './startFrom';

/** What was found or done once says nothing of the next build. */
const ofThatBuild: readonly FigurePath[] = [
  'fuel.fuelLevelMm',
  'priming.preFilledMl',
  'proving.coAlarmTested',
  'proving.coAlarmSited',
  'proving.ownerTold',
  'proving.noticesThere',
  'tank.cutMm',
  'siting.lookedBelow',
  // Settings are read off the panel in hand.
  ...settingKeys.flatMap((key) => [`found.${key}`, `controller.${key}`] as const),
];
/** A number of a like build may differ by so much, either way. Lorbet's own choice, no source. */
const share = 0.25;

function likely(path: FigurePath, value: number | string, why: string): AssumedFigure {
  const field = fieldAt(path);
  if (field.kind === 'choice') return { value, among: Object.keys(field.options), why };
  const by = Math.max(Math.abs(Number(value)) * share, (field.max - field.min) / 200);
  const fit = (n: number) => Number(Math.min(Math.max(n, field.min), field.max).toFixed(field.decimals));
  return {
    value,
    low: Math.min(fit(Number(value) - by), Number(value)),
    high: Math.max(fit(Number(value) + by), Number(value)),
    why,
  };
}

/** A new build that is to be like one that the workshop has done: its figures are assumed, every one to be measured anew. */
export function likeBuild(earlier: Build): Start {
  const why = `as in “${earlier.identity.name}”`;
  const figures = Object.fromEntries(
    figurePaths.flatMap((path) => {
      const value = valueAt(earlier.sheets, path);
      return value === null || ofThatBuild.includes(path) ? [] : [[path, likely(path, value, why)]];
    }),
  );
  // Segments stand for the rough lengths: these are assumed, and the line is walked anew.
  const taken = assumable.filter((list) => list !== 'segments' && (earlier.lists?.[list]?.length ?? 0) > 0);
  const lists = Object.fromEntries(
    taken.map((list) => [
      list,
      list === 'parts'
        ? earlier.lists?.parts?.map(({ serial: _serial, ...part }) => ({ ...part, state: 'present' as const }))
        : earlier.lists?.[list],
    ]),
  ) as ListValues;
  return {
    kind: earlier.identity.kind,
    said: {},
    maker: { ...earlier.maker },
    assumed: { basis: `like “${earlier.identity.name}”`, figures, lists },
    unitCard: earlier.unitCard ?? null,
  };
}
