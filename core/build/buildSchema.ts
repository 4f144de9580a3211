import * as yup from 'yup';
import { makerBounds, makerKeys } from '../practices/limits';
import { laterPractices, practiceIds, practices } from '../practices/practices';
import {
  buildKinds,
  coPlaces,
  coStates,
  doorStates,
  formatName,
  formatVersion,
  releasableHoldPoints,
  heatTakers,
  hotPlaces,
  primingOutcomes,
  quantities,
  startEvents,
  winds,
} from './Build';
import { materials } from '../physics/heat/materials';
import { strokesProblem } from '../signature/strokes';
import { valuesProblem } from '../record/valuesProblem';
import { parts, type Column, type Field, type FieldTable } from './field';
import { columnsOf, listIds, lists, type ListId } from './lists';
import { laterSheets, sheetIds, sheets } from './sheets';

const keys = <T extends object>(table: T): string[] => Object.keys(table);

export const text = (max: number, min = 0) =>
  yup
    .string()
    .defined()
    .min(min)
    .max(max)
    .matches(/^(?:[^\p{Cc}]|[\n\r\t])*$/u, {
      message: '${path} holds control characters; plain text is allowed',
      excludeEmptyString: true,
    });
export const oneOf = (table: object) => yup.string().defined().oneOf(keys(table));
export const bounded = (min: number, max: number) =>
  yup
    .number()
    .defined()
    .min(min)
    .max(max)
    .test(
      'finite',
      '${path} must be a finite number',
      (value) => value === null || value === undefined || Number.isFinite(value),
    );
export const instant = () =>
  yup
    .string()
    .defined()
    .matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/, '${path} must be a time such as 2026-11-24T08:30:00Z');
export const identifier = () =>
  yup
    .string()
    .defined()
    .matches(/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/, '${path} must be a UUID in small letters');
const strictObject = <T extends yup.ObjectShape>(shape: T) =>
  yup.object(shape).defined().noUnknown('${path} holds a field that this version does not know: ${unknown}').strict();
const list = <T extends yup.ISchema<unknown>>(of: T, max: number) => yup.array().of(of).defined().max(max);

/** Readings of one start that stand in the document itself; a longer log is kept beside it. */
export const inlineReadings = 600;

const layerSchema = strictObject({ material: oneOf(materials), thicknessMm: bounded(0.1, 1000) });
/** What a cell of a list may hold. */
export function cellSchema(column: Column): yup.AnySchema {
  switch (column.kind) {
    case 'number':
      return column.unit === 'pieces' || column.unit === 'px'
        ? bounded(column.min, column.max).integer()
        : bounded(column.min, column.max);
    case 'choice':
      return oneOf(column.options);
    case 'text':
      return text(column.max, 1);
    case 'instant':
      return instant();
    case 'layers':
      return list(layerSchema, column.max);
  }
}
export const valueSchema = (field: Field) => cellSchema(field);
/** A row of a list: its id, and whatever is known of its columns. */
export const rowSchema = (id: ListId) =>
  strictObject({
    id: identifier(),
    ...Object.fromEntries(Object.entries(columnsOf(id)).map(([name, column]) => [name, cellSchema(column).optional()])),
  });
const listSchema = (id: ListId) =>
  yup
    .array()
    .of(rowSchema(id))
    .max(lists[id].max)
    .optional()
    .default(undefined)
    .test('once', '${path} holds two rows with the same id; each row has an id of its own', (rows: unknown) => {
      const ids = ((rows ?? []) as ({ id?: string } | null)[]).map((row) => row?.id);
      return new Set(ids).size === ids.length;
    });

function figureSchema(field: Field) {
  const value = (): yup.AnySchema => valueSchema(field).nullable() as yup.AnySchema;
  const fitted = field.given
    ? yup.mixed().nullable().defined().oneOf([null], '${path} must be empty: this figure is given, not fitted')
    : value();
  return strictObject({ planned: value(), fitted });
}

const sheetSchema = (table: FieldTable) =>
  strictObject(
    Object.fromEntries(
      Object.entries(table).map(([name, field]) => {
        const figure = figureSchema(field);
        return [name, field.later ? figure.optional().default(undefined) : figure];
      }),
    ),
  );

export const identitySchema = strictObject({
  name: text(80, 1),
  what: text(80),
  kind: oneOf(buildKinds),
  place: text(120),
  heaterSerial: text(60),
  invented: yup.boolean().defined(),
});

export const primingRunSchema = strictObject({
  id: identifier(),
  at: instant(),
  by: text(80, 1),
  strokes: bounded(0, 100000).integer(),
  frequencyHz: bounded(0.2, 15),
  fromEmpty: yup.boolean().defined(),
  outcome: oneOf(primingOutcomes),
});
export const eventSchema = strictObject({ atS: bounded(0, 86400), event: oneOf(startEvents) });
export const readingSchema = strictObject({
  atS: bounded(0, 86400),
  quantity: oneOf(quantities),
  value: bounded(-100, 1000),
}).test('in range', '', function (reading) {
  const range = Object.hasOwn(quantities, reading?.quantity ?? '')
    ? quantities[reading.quantity as keyof typeof quantities]
    : null;
  if (!range || (reading.value >= range.min && reading.value <= range.max)) return true;
  return this.createError({
    message: `${this.path}.value is ${reading.value} ${range.unit}; ${range.label} may be ${range.min} to ${range.max} ${range.unit}`,
  });
});
const fingerprint = () =>
  yup
    .string()
    .defined()
    .matches(/^[0-9a-f]{64}$/);
const measured = () => bounded(-1000, 1000).nullable() as yup.AnySchema;
const factsSchema = strictObject({
  readings: bounded(0, 1_000_000).integer(),
  lastS: bounded(0, 86400),
  unordered: yup.boolean().defined(),
  restV: measured(),
  lowestStartV: measured(),
  maxV: measured(),
  runningA: measured(),
  maxHz: measured(),
  maxOutletC: measured(),
  fullOutletC: measured(),
  fullReturnC: measured(),
});
export const startSchema = strictObject({
  id: identifier(),
  at: instant(),
  by: text(80, 1),
  events: list(eventSchema, 200),
  readings: list(readingSchema, inlineReadings),
  dryRun: yup.boolean().oneOf([true]).optional(),
  log: strictObject({ sha256: fingerprint(), facts: factsSchema }).optional().default(undefined),
});
export const coReadingSchema = strictObject({
  id: identifier(),
  at: instant(),
  by: text(80, 1),
  ppm: bounded(0, 2000),
  place: oneOf(coPlaces),
  state: oneOf(coStates).optional(),
  doors: oneOf(doorStates).optional(),
  wind: oneOf(winds).optional(),
  resolutionPpm: bounded(0.1, 20).optional(),
});
export const hotLookSchema = strictObject({
  id: identifier(),
  at: instant(),
  by: text(80, 1),
  place: oneOf(hotPlaces),
  touches: oneOf(heatTakers),
  surfaceC: bounded(-40, 600),
});
export const repairSchema = strictObject({
  id: identifier(),
  at: instant(),
  by: text(80, 1),
  checkId: text(60, 3),
  subject: text(60, 1).optional(),
  found: text(500, 1),
  cause: text(500, 3),
  repair: text(500, 3),
});
/** Values of a finding as they are kept; what they mean is the check's affair. */
export const valuesSchema = () =>
  yup
    .object()
    .defined()
    .strict()
    .test('values', '', function (values) {
      const problem = valuesProblem(values);
      return problem === null || this.createError({ message: `${this.path} ${problem}` });
    });
export const waiverSchema = strictObject({
  checkId: text(60, 3),
  code: text(60, 1),
  values: valuesSchema(),
  reason: text(500, 10),
  by: text(80, 1),
  at: instant(),
});
const drawn = () =>
  yup
    .string()
    .defined()
    .min(20)
    .max(20000)
    .matches(/^[MLCQ0-9., -]+$/, '${path} must be an SVG path of M, L, C and Q');
/** A signature as it may be given today; one that was kept before keeps its strokes, which are clipped to their box where they are drawn. */
export const drawnSchema = () =>
  drawn().test('strokes', '', function (strokes) {
    const problem = typeof strokes === 'string' ? strokesProblem(strokes) : null;
    return problem === null || this.createError({ message: `${this.path} ${problem}` });
  });
const signatureSchema = strictObject({
  by: text(80, 1),
  role: oneOf({ fitter: 1, lead: 1 }),
  typedName: text(80, 2),
  at: instant(),
  drawn: drawn(),
  buildHash: fingerprint(),
  formerHash: fingerprint().optional(),
});

const releaseSchema = strictObject({
  holdPoint: oneOf(releasableHoldPoints),
  by: text(80, 1),
  at: instant(),
  open: list(text(60, 3), 200),
});

const makerShape = Object.fromEntries(
  makerKeys.map((key) => {
    const bounds = makerBounds(key) ?? { min: 0, max: 0 };
    return [key, bounded(bounds.min, bounds.max).optional()];
  }),
);

const releasesMax = Object.keys(releasableHoldPoints).length;
const claimSchema = strictObject({
  by: text(80, 1),
  at: instant(),
  signatures: list(signatureSchema, 20),
  waivers: list(waiverSchema, 100),
  releases: list(releaseSchema, releasesMax),
  primingRuns: list(primingRunSchema, 200),
  starts: list(startSchema, 50),
  coReadings: list(coReadingSchema, 1000),
  hotLooks: yup.array().of(hotLookSchema).max(500).optional(),
  repairs: list(repairSchema, 200),
  leaks: list(rowSchema('leaks'), lists.leaks.max),
});
const workedSchema = strictObject(Object.fromEntries(parts.map((part) => [part, instant().optional()])));

/**
 * The build document, version 2. Strict: nothing is cast, nothing unknown passes.
 * `docs/build.schema.json` is made from this.
 */
export const buildSchema = strictObject({
  format: yup.string().defined().oneOf([formatName]),
  version: yup.number().defined().oneOf([formatVersion]),
  id: identifier(),
  identity: identitySchema,
  practices: strictObject(
    Object.fromEntries(
      practiceIds.map((id) => {
        const practice = oneOf(practices[id].options);
        return [id, laterPractices.includes(id) ? practice.optional() : practice];
      }),
    ),
  ),
  maker: strictObject(makerShape),
  sheets: strictObject(
    Object.fromEntries(
      sheetIds.map((id) => {
        const sheet = sheetSchema(sheets[id]);
        return [id, laterSheets.includes(id) ? sheet.optional().default(undefined) : sheet];
      }),
    ),
  ),
  primingRuns: list(primingRunSchema, 200),
  starts: list(startSchema, 50),
  coReadings: list(coReadingSchema, 1000),
  waivers: list(waiverSchema, 100),
  signatures: list(signatureSchema, 20),
  releases: yup.array().of(releaseSchema).max(releasesMax).optional(),
  hotLooks: yup.array().of(hotLookSchema).max(500).optional(),
  repairs: yup.array().of(repairSchema).max(200).optional(),
  worked: workedSchema.optional().default(undefined),
  claims: yup.array().of(claimSchema).max(8).optional(),
  lists: strictObject(Object.fromEntries(listIds.map((id) => [id, listSchema(id)])))
    .optional()
    .default(undefined),
});
