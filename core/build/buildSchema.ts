import * as yup from 'yup';
import { makerBounds, makerKeys } from '../practices/limits';
import { laterPractices, practiceIds, practices } from '../practices/practices';
import { buildKinds, formatName, formatVersion, releasableHoldPoints } from './Build';
import { assumedSchema } from './assumptionSchema';
import { once } from './once';
import { buildPacksMax, packSchema, ruleAnswerSchema, ruleAnswersMax } from './pack/packSchema';
import { cardSchema } from './unit/cardSchema';
import { parts, type Field, type FieldTable } from './field';
import { listIds, lists } from './lists';
import {
  coReadingSchema,
  faultsMax,
  faultSchema,
  hotLookSchema,
  coLogSchema,
  coLogsMax,
  noiseSchema,
  sightSchema,
  primingRunSchema,
  releaseSchema,
  repairSchema,
  signatureSchema,
  startSchema,
  visitSchema,
  visitsMax,
  waiverSchema,
  withdrawalSchema,
} from './recordSchemas';
import { bounded, identifier, instant, list, listSchema, oneOf, rowSchema, strictObject, text, valueSchema } from './schemaParts';
import { laterSheets, sheetIds, sheets } from './sheets';

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

export const identitySchema = once(() =>
  strictObject({
    name: text(80, 1).label('Name'),
    what: text(80).label('What it is'),
    kind: oneOf(buildKinds),
    place: text(120).label('Place'),
    heaterSerial: text(60).label('Heater’s serial number'),
    invented: yup.boolean().defined(),
  }),
);

/** What is said of a build when it is begun. */
export const newBuildSchema = once(() => identitySchema().omit(['invented']).noUnknown().strict());

const makerShape = Object.fromEntries(
  makerKeys.map((key) => {
    const bounds = makerBounds(key) ?? { min: 0, max: 0 };
    return [key, bounded(bounds.min, bounds.max).optional()];
  }),
);

const releasesMax = Object.keys(releasableHoldPoints).length;
const claimSchema = once(() =>
  strictObject({
    by: text(80, 1),
    at: instant(),
    signatures: list(signatureSchema(), 20),
    waivers: list(waiverSchema(), 100),
    releases: list(releaseSchema(), releasesMax),
    primingRuns: list(primingRunSchema(), 200),
    starts: list(startSchema(), 50),
    coReadings: list(coReadingSchema(), 1000),
    hotLooks: yup.array().of(hotLookSchema()).max(500).optional(),
    sights: yup.array().of(sightSchema()).max(500).optional(),
    noises: yup.array().of(noiseSchema()).max(500).optional(),
    coLogs: yup.array().of(coLogSchema()).max(coLogsMax).optional(),
    withdrawals: yup.array().of(withdrawalSchema()).max(20).optional(),
    ruleAnswers: yup.array().of(ruleAnswerSchema()).max(ruleAnswersMax).optional(),
    visits: yup.array().of(visitSchema()).max(visitsMax).optional(),
    repairs: list(repairSchema(), 200),
    leaks: list(rowSchema('leaks'), lists.leaks.max),
    faults: yup.array().of(faultSchema()).max(faultsMax).optional(),
  }),
);
const workedSchema = once(() => strictObject(Object.fromEntries(parts.map((part) => [part, instant().optional()]))));

/**
 * The build document, version 2. Strict: nothing is cast, nothing unknown passes.
 * `docs/build.schema.json` is made from this.
 */
export const buildSchema = once(() =>
  strictObject({
    format: yup.string().defined().oneOf([formatName]),
    version: yup.number().defined().oneOf([formatVersion]),
    id: identifier(),
    identity: identitySchema(),
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
    primingRuns: list(primingRunSchema(), 200),
    starts: list(startSchema(), 50),
    coReadings: list(coReadingSchema(), 1000),
    waivers: list(waiverSchema(), 100),
    signatures: list(signatureSchema(), 20),
    withdrawals: yup.array().of(withdrawalSchema()).max(20).optional(),
    releases: yup.array().of(releaseSchema()).max(releasesMax).optional(),
    hotLooks: yup.array().of(hotLookSchema()).max(500).optional(),
    sights: yup.array().of(sightSchema()).max(500).optional(),
    noises: yup.array().of(noiseSchema()).max(500).optional(),
    coLogs: yup.array().of(coLogSchema()).max(coLogsMax).optional(),
    repairs: yup.array().of(repairSchema()).max(200).optional(),
    faults: yup.array().of(faultSchema()).max(faultsMax).optional(),
    worked: workedSchema().optional().default(undefined),
    claims: yup.array().of(claimSchema()).max(8).optional(),
    packs: yup.array().of(packSchema()).max(buildPacksMax).optional(),
    ruleAnswers: yup.array().of(ruleAnswerSchema()).max(ruleAnswersMax).optional(),
    visits: yup.array().of(visitSchema()).max(visitsMax).optional(),
    assumed: assumedSchema().optional().default(undefined),
    unitCard: cardSchema().optional().default(undefined),
    lists: strictObject(Object.fromEntries(listIds.map((id) => [id, listSchema(id)])))
      .optional()
      .default(undefined),
  }),
);
