import type { AssumedFigure } from './Assumption';
import type { Field } from './field';
import { once } from './once';
import { bounded, list, listSchema, oneOf, strictObject, text, valueSchema } from './schemaParts';
import { fieldAt, figurePaths } from './sheets';

/** Lists that may be assumed: what is planned, never what was done or seen. */
export const assumable = ['parts', 'holes', 'stack', 'segments', 'surfaces', 'ducts', 'returns', 'loop'] as const;

const figureSchema = (field: Field) =>
  field.kind === 'number'
    ? strictObject({
        value: valueSchema(field),
        low: bounded(field.min, field.max),
        high: bounded(field.min, field.max),
        why: text(240, 1),
      }).test('range', '', function (figure) {
        if (figure === undefined) return true;
        const { value, low, high } = figure as Required<AssumedFigure>;
        if (low <= Number(value) && Number(value) <= high) return true;
        return this.createError({
          message: `${this.path} is assumed ${String(value)} in a range from ${low} to ${high}; the range must run from low to high and hold the value`,
        });
      })
    : strictObject({
        value: oneOf(field.options),
        among: list(oneOf(field.options), Object.keys(field.options).length),
        why: text(240, 1),
      }).test('among', '${path} must be assumed as one of the answers that are met', (figure) => {
        if (figure === undefined) return true;
        const { value, among } = figure as AssumedFigure;
        return among?.includes(String(value)) === true;
      });

/** All that is assumed of a build. */
export const assumedSchema = once(() =>
  strictObject({
    basis: text(240, 1),
    figures: strictObject(
      Object.fromEntries(figurePaths.map((path) => [path, figureSchema(fieldAt(path)).optional().default(undefined)])),
    ),
    lists: strictObject(Object.fromEntries(assumable.map((id) => [id, listSchema(id)])))
      .optional()
      .default(undefined),
  }),
);
