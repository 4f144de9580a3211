import { once } from './once';
import * as yup from 'yup';
import { valuesProblem } from '../record/valuesProblem';
import { strokesProblem } from '../signature/strokes';
import {
  coPlaces,
  coStates,
  doorStates,
  heatTakers,
  hotPlaces,
  noisePlaces,
  noiseStates,
  primingOutcomes,
  quantities,
  releasableHoldPoints,
  sights,
  soots,
  soundMeters,
  startEvents,
  visitStates,
  visitWorks,
  winds,
  type CoLogged,
} from './Build';
import { parts } from './field';
import { codeKinds } from './unit/UnitCard';
import { licenceSchema } from './pack/packSchema';
import { bounded, identifier, instant, list, oneOf, strictObject, text } from './schemaParts';

/** So many things looked at, and so many repairs, one fault holds. */
export const [faultStepsMax, faultRepairsMax] = [300, 20];
/** So many faults a build holds. */
export const faultsMax = 100;
/** Readings of one start that stand in the document itself; a longer log is kept beside it. */
export const inlineReadings = 600;

export const primingRunSchema = once(() =>
  strictObject({
    id: identifier(),
    at: instant(),
    by: text(80, 1),
    strokes: bounded(0, 100000).integer(),
    frequencyHz: bounded(0.2, 15),
    fromEmpty: yup.boolean().defined(),
    outcome: oneOf(primingOutcomes),
    longestS: bounded(0, 86400).optional(),
  }),
);
export const eventSchema = once(() => strictObject({ atS: bounded(0, 86400), event: oneOf(startEvents) }));
export const readingSchema = once(() =>
  strictObject({
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
  }),
);
const fingerprint = () =>
  yup
    .string()
    .defined()
    .matches(/^[0-9a-f]{64}$/);
const measured = () => bounded(-1000, 1000).nullable() as yup.AnySchema;
const factsSchema = once(() =>
  strictObject({
    readings: bounded(0, 1_000_000).integer(),
    lastS: bounded(0, 86400),
    unordered: yup.boolean().defined(),
    restV: measured(),
    lowestStartV: measured(),
    maxV: measured(),
    glowA: measured().optional(),
    glowV: measured().optional(),
    offA: measured().optional(),
    runningA: measured(),
    maxHz: measured(),
    maxOutletC: measured(),
    fullOutletC: measured(),
    fullReturnC: measured(),
  }),
);
export const startSchema = once(() =>
  strictObject({
    id: identifier(),
    at: instant(),
    by: text(80, 1),
    events: list(eventSchema(), 200),
    readings: list(readingSchema(), inlineReadings),
    dryRun: yup.boolean().oneOf([true]).optional(),
    log: strictObject({ sha256: fingerprint(), facts: factsSchema() }).optional().default(undefined),
  }),
);
export const coReadingSchema = once(() =>
  strictObject({
    id: identifier(),
    at: instant(),
    by: text(80, 1),
    ppm: bounded(0, 2000),
    place: oneOf(coPlaces),
    state: oneOf(coStates).optional(),
    doors: oneOf(doorStates).optional(),
    wind: oneOf(winds).optional(),
    resolutionPpm: bounded(0.1, 20).optional(),
  }),
);
/** A log of carbon monoxide holds so many readings; a build so many logs. */
export const [coLogReadings, coLogsMax] = [1500, 40];
export const coLogSchema = once(() =>
  strictObject({
    id: identifier(),
    at: instant(),
    by: text(80, 1),
    place: oneOf(coPlaces),
    state: oneOf(coStates).optional(),
    doors: oneOf(doorStates).optional(),
    meter: text(60, 1),
    zeroBeforePpm: bounded(-20, 50).optional(),
    zeroAfterPpm: bounded(-20, 50).optional(),
    readings: list(strictObject({ min: bounded(0, 2880), ppm: bounded(0, 2000) }), coLogReadings).test({
      name: 'order',
      test(value) {
        const readings = value as CoLogged[];
        if (readings.length < 2)
          return this.createError({ message: `${this.path} holds ${readings.length} readings; allowed is 2 and more.` });
        const i = readings.findIndex(({ min }, n) => n > 0 && min <= (readings[n - 1]?.min ?? 0));
        if (i < 0) return true;
        const [before, own] = [readings[i - 1]?.min ?? 0, readings[i]?.min ?? 0];
        return this.createError({
          message: `${this.path}[${i}] is at ${own} min, after one at ${before} min; readings must be in order of time.`,
        });
      },
    }),
  }),
);
export const hotLookSchema = once(() =>
  strictObject({
    id: identifier(),
    at: instant(),
    by: text(80, 1),
    place: oneOf(hotPlaces),
    touches: oneOf(heatTakers),
    surfaceC: bounded(-40, 600),
    on: strictObject({ photo: fingerprint(), xShare: bounded(0, 1), yShare: bounded(0, 1) })
      .optional()
      .default(undefined),
  }),
);
export const sightSchema = once(() => strictObject({ id: identifier(), at: instant(), by: text(80, 1), sees: oneOf(sights) }));
export const noiseSchema = once(() =>
  strictObject({
    id: identifier(),
    at: instant(),
    by: text(80, 1),
    place: oneOf(noisePlaces),
    state: oneOf(noiseStates),
    levelDb: bounded(10, 130),
    awayM: bounded(0.05, 200).optional(),
    with: oneOf(soundMeters),
  }),
);
const faultStepSchema = once(() =>
  strictObject({ at: instant(), by: text(80, 1), check: text(40, 1), found: text(120).nullable().defined() }),
);
const faultRepairSchema = once(() =>
  strictObject({
    at: instant(),
    by: text(80, 1),
    cause: text(40, 1),
    did: text(500, 3),
    parts: text(300),
    afterSteps: bounded(0, faultStepsMax).integer(),
  }),
);
export const faultCodeSchema = once(() =>
  strictObject({ shown: text(20, 1), meaning: text(200, 1).optional(), tells: oneOf(codeKinds).optional() }),
);
export const faultSchema = once(() =>
  strictObject({
    id: identifier(),
    at: instant(),
    by: text(80, 1),
    symptom: text(40, 1),
    start: identifier().optional(),
    code: faultCodeSchema().optional().default(undefined),
    steps: list(faultStepSchema(), faultStepsMax),
    repairs: list(faultRepairSchema(), faultRepairsMax),
    proof: strictObject({
      at: instant(),
      by: text(80, 1),
      start: identifier().optional(),
      co: identifier().optional(),
      told: text(500),
    })
      .optional()
      .default(undefined),
    withdrawn: strictObject({ at: instant(), by: text(80, 1), reason: text(500, 3) })
      .optional()
      .default(undefined),
    aside: yup.boolean().oneOf([true]).optional(),
  }),
);
/** So many visits a build keeps. */
export const visitsMax = 200;
const visitFields = () => ({
  did: list(oneOf(visitWorks), 4),
  found: oneOf(visitStates),
  note: text(500, 3),
  hours: bounded(0, 100000).optional(),
  soot: oneOf(soots).optional(),
  glowV: bounded(4, 35).optional(),
  runA: bounded(0, 60).optional(),
  outletC: bounded(-40, 250).optional(),
  changed: yup.array().of(yup.string().defined().oneOf(parts)).max(parts.length).optional(),
});
export const visitSchema = once(() => strictObject({ id: identifier(), at: instant(), by: text(80, 1), ...visitFields() }));
/** A visit as it is told: when and by whom are not its teller's to say. */
export const toldVisitSchema = once(() => strictObject({ id: identifier(), ...visitFields() }));
export const repairSchema = once(() =>
  strictObject({
    id: identifier(),
    at: instant(),
    by: text(80, 1),
    checkId: text(60, 3),
    subject: text(60, 1).optional(),
    found: text(500, 1),
    cause: text(500, 3),
    repair: text(500, 3),
  }),
);
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
export const waiverSchema = once(() =>
  strictObject({
    checkId: text(60, 3),
    code: text(60, 1),
    values: valuesSchema(),
    reason: text(500, 10),
    by: text(80, 1),
    at: instant(),
  }),
);
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
export const withdrawalSchema = once(() =>
  strictObject({ at: instant(), by: text(80, 1), signedAt: instant(), why: text(500, 10) }),
);
export const signatureSchema = once(() =>
  strictObject({
    by: text(80, 1),
    role: oneOf({ fitter: 1, lead: 1 }),
    typedName: text(80, 2),
    at: instant(),
    drawn: drawn(),
    buildHash: fingerprint(),
    of: yup.number().oneOf([2]).optional(),
    licences: yup.array().of(licenceSchema()).max(20).optional(),
    reset: strictObject({ by: text(80, 1), at: instant() })
      .optional()
      .default(undefined),
    formerHash: fingerprint().optional(),
  }),
);

export const releaseSchema = once(() =>
  strictObject({
    holdPoint: oneOf(releasableHoldPoints),
    by: text(80, 1),
    at: instant(),
    open: list(text(60, 3), 200),
  }),
);
