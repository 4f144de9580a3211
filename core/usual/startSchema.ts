import { assumedSchema } from '../build/assumptionSchema';
import { once } from '../build/once';
import { bounded, strictObject, valueSchema } from '../build/schemaParts';
import { fieldAt, figurePaths } from '../build/sheets';
import { cardSchema } from '../build/unit/cardSchema';
import { makerBounds, makerKeys } from '../practices/limits';

/** What a new build begins with, as it comes over the wire. */
export const startSchema = once(() =>
  strictObject({
    said: strictObject(Object.fromEntries(figurePaths.map((path) => [path, valueSchema(fieldAt(path)).optional()]))),
    maker: strictObject(
      Object.fromEntries(
        makerKeys.map((key) => {
          const { min, max } = makerBounds(key) ?? { min: 0, max: 0 };
          return [key, bounded(min, max).optional()];
        }),
      ),
    ),
    assumed: assumedSchema(),
    unitCard: cardSchema().nullable().defined(),
  }),
);
