import * as yup from 'yup';
import type { Column, Field } from '../field';
import { harnessEnds, loomWires } from '../listKinds';
import { once } from '../once';
import { bounded, cellSchema, identifier, list, oneOf, strictObject, text } from '../schemaParts';
import { columnsOf, lists } from '../lists';
import { settings } from '../sheetTables/controller';
import { cardBounds, cardKeys } from './cardKeys';
import { cardFormat, cardSources, cardVersion, codeKinds, families, type CardFault, type CardFigure } from './UnitCard';

const figureSchema = (bounds: ReturnType<typeof cardBounds>) => {
  const value = cellSchema(bounds as Field);
  const from = { source: oneOf(cardSources), where: text(80).optional() };
  if (bounds.kind === 'choice')
    return strictObject({
      value,
      ...from,
      among: list(value as never, 20)
        .optional()
        .default(undefined),
    });
  const end = () => bounded(bounds.min, bounds.max).optional();
  return strictObject({ value, ...from, low: end(), high: end() }).test('range', '', function (figure) {
    if (figure === undefined) return true;
    const { value: at, low, high } = figure as CardFigure & { value: number };
    if ((low ?? at) <= at && at <= (high ?? at)) return true;
    return this.createError({
      message: `${this.path} is ${at} in a range from ${low ?? at} to ${high ?? at}; the range must run from low to high and hold the value`,
    });
  });
};
const holeSchema = once(() =>
  strictObject(
    Object.fromEntries(Object.entries(columnsOf('holes')).map(([name, column]) => [name, cellSchema(column).optional()])),
  ),
);

/** A unit card, version 1. Strict, as a build is: nothing is cast, nothing unknown passes. */
export const cardSchema = once(() =>
  strictObject({
    format: yup.string().defined().oneOf([cardFormat]),
    version: yup.number().defined().oneOf([cardVersion]),
    id: identifier(),
    name: text(80, 1),
    family: oneOf(families),
    edition: bounded(1, 1_000_000).integer(),
    note: text(500),
    figures: strictObject(
      Object.fromEntries(cardKeys.map((key) => [key, figureSchema(cardBounds(key)).optional().default(undefined)])),
    ),
    holes: list(holeSchema(), lists.holes.max),
    faults: list(
      strictObject({
        code: text(20, 1),
        meaning: text(200, 1),
        tells: oneOf(codeKinds).optional(),
        controller: text(40).optional(),
      }),
      200,
    ).test('doubles', '', function (faults) {
      const seen = new Set<string>();
      for (const { code, controller = '' } of (faults ?? []) as CardFault[]) {
        const key = `${code.trim().toLowerCase()}/${controller.trim().toLowerCase()}`;
        if (seen.has(key))
          return this.createError({
            message: `${this.path} holds the code ${code} twice${controller ? ` for ${controller}` : ''}; allowed is once for each controller`,
          });
        seen.add(key);
      }
      return true;
    }),
    wayOut: text(500).optional(),
    harness: list(
      strictObject({
        name: text(40, 1),
        colour: text(20),
        wire: oneOf(loomWires),
        to: oneOf(harnessEnds),
        areaMm2: cellSchema(columnsOf('cables').areaMm2 as Column).optional(),
        lengthM: cellSchema(columnsOf('cables').lengthM as Column).optional(),
      }),
      40,
    )
      .optional()
      .default(undefined),
    settings: list(strictObject({ setting: oneOf(settings), code: text(20) }), 40)
      .optional()
      .default(undefined),
    course: list(
      strictObject({ event: text(60, 1), fromS: bounded(0, 3600), toS: bounded(0, 3600) }).test(
        'order',
        '${path} must end no earlier than it begins',
        (step) => step.fromS <= step.toS,
      ),
      40,
    ),
  }),
);
