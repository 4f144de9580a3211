import * as yup from 'yup';
import type { Build } from '../../build/Build';
import { isOpenFault, type Fault, type FaultCode } from '../../build/faults';
import { faultCodeSchema, faultRepairsMax, faultsMax, faultStepsMax } from '../../build/recordSchemas';
import { validate } from '../../build/readBuild';
import { identifier, strictObject, text } from '../../build/schemaParts';
import { symptoms } from '../../model/faults/causes';
import { isCause, isFaultCheck, isMended, isSymptom, needsCo, provesAir, provesRepair } from '../../model/faults/faultCase';
import { faultChecks } from '../../model/faults/faultNetwork';
import { partOfCause } from '../../model/faults/partOfCause';
import { askText, causeText, symptomText } from '../../wording/faultText';
import { defineCommand, refuse, shape, shown, type Author, type Refused, type Step } from '../define';

/** What is done with a fault. */
export type FaultAct =
  | { does: 'open'; symptom: string; start?: string }
  | { does: 'code'; code: FaultCode }
  | { does: 'answer'; check: string; found: string | null }
  | { does: 'repair'; cause: string; did: string; parts: string }
  | { does: 'prove'; start?: string; co?: string; told: string }
  | { does: 'withdraw'; reason: string }
  | { does: 'aside'; aside: boolean };
export interface FaultCommand {
  kind: 'fault';
  fault: string;
  act: FaultAct;
}

const invalid = (sentence: string): Refused => refuse('invalid', sentence);
const replaced = (build: Build, fault: Fault): Build => ({
  ...build,
  faults: (build.faults ?? []).map((one) => (one.id === fault.id ? fault : one)),
});

function opened(build: Build, id: string, act: FaultAct & { does: 'open' }, { at, name }: Author): Build | Refused {
  const faults = build.faults ?? [];
  if (faults.some((one) => one.id === id)) return invalid('fault is that of a fault already kept.');
  if (faults.length >= faultsMax) return invalid(`This build holds ${faults.length} faults; at most ${faultsMax} are allowed.`);
  if (!isSymptom(act.symptom))
    return invalid(`act.symptom is ${shown(act.symptom)}; allowed is one of ${Object.keys(symptoms).join(', ')}.`);
  if (act.start !== undefined && !build.starts.some((run) => run.id === act.start))
    return invalid('act.start is no start of this build.');
  const start = act.start === undefined ? {} : { start: act.start };
  return { ...build, faults: [...faults, { id, at, by: name, symptom: act.symptom, ...start, steps: [], repairs: [] }] };
}

function answered(build: Build, fault: Fault, act: FaultAct & { does: 'answer' }, { at, name }: Author): Build | Refused {
  const { check, found } = act;
  if (!isFaultCheck(check)) return invalid(`act.check is ${shown(check)}; it is nothing that is asked.`);
  const { answers } = faultChecks[check];
  if (found !== null && !answers.includes(found))
    return invalid(`act.found is ${shown(found)}; allowed is one of ${answers.join(', ')}, or nothing where it is not known.`);
  // Answered anew since the last repair, the new answer stands; what was found before a repair stays as it was.
  const from = fault.repairs.at(-1)?.afterSteps ?? 0;
  const steps = fault.steps.filter((step, i) => i < from || step.check !== check);
  if (steps.length >= faultStepsMax)
    return invalid(`This fault holds ${steps.length} steps; at most ${faultStepsMax} are allowed.`);
  return replaced(build, { ...fault, steps: [...steps, { at, by: name, check, found }] });
}

function repaired(build: Build, fault: Fault, act: FaultAct & { does: 'repair' }, { at, name }: Author): Build | Refused {
  const { cause, did, parts } = act;
  if (!isCause(cause)) return invalid(`act.cause is ${shown(cause)}; it is no cause that is known here.`);
  if (fault.repairs.length >= faultRepairsMax)
    return invalid(`This fault holds ${fault.repairs.length} repairs; at most ${faultRepairsMax} are allowed.`);
  const repair = { at, by: name, cause, did, parts, afterSteps: fault.steps.length };
  return replaced(build, { ...fault, repairs: [...fault.repairs, repair] });
}

function proven(build: Build, fault: Fault, act: FaultAct & { does: 'prove' }, { at, name }: Author): Build | Refused {
  const repair = fault.repairs.at(-1);
  if (!repair || !isMended(fault))
    return refuse(
      'standing',
      repair
        ? 'What was mended can’t smell: say first what smelled and what was done.'
        : 'Nothing is mended yet: say first what the cause was and what was done.',
    );
  const run = build.starts.find(({ id }) => id === act.start);
  if (!run || !provesRepair(run, repair))
    return refuse(
      'standing',
      'act.start is no start that proves it; allowed is one in its place, begun after the repair, that reached full output and kept its flame.',
    );
  const reading = build.coReadings.find(({ id }) => id === act.co);
  if (act.co !== undefined && !reading) return invalid('act.co is no reading of this build.');
  if (needsCo(fault) && !(reading && provesAir(reading, repair)))
    return refuse(
      'standing',
      'act.co is no reading that proves it; allowed is one of 0 ppm carbon monoxide, inside, at full output, after the repair.',
    );
  const co = act.co === undefined ? {} : { co: act.co };
  return replaced(build, { ...fault, proof: { at, by: name, start: run.id, ...co, told: act.told } });
}

function apply(build: Build, { fault: id, act }: FaultCommand, author: Author): Step {
  const done = change(build, id, act, author);
  return 'ok' in done ? done : { ok: true, build: done, body: { fault: id, act } };
}
function change(build: Build, id: string, act: FaultAct, author: Author): Build | Refused {
  if (act.does === 'open') return opened(build, id, act, author);
  const fault = (build.faults ?? []).find((one) => one.id === id);
  if (!fault) return invalid('fault is no fault of this build.');
  if (act.does === 'aside') {
    const { aside: _aside, ...rest } = fault;
    return replaced(build, act.aside ? { ...rest, aside: true } : rest);
  }
  if (!isOpenFault(fault)) return refuse('standing', 'This fault is closed; open a new one for what it does now.');
  switch (act.does) {
    case 'code':
      return replaced(build, { ...fault, code: act.code });
    case 'answer':
      return answered(build, fault, act, author);
    case 'repair':
      return repaired(build, fault, act, author);
    case 'prove':
      return proven(build, fault, act, author);
    case 'withdraw':
      if (fault.symptom === 'smells')
        return refuse(
          'standing',
          'What smells is not withdrawn: it is closed by a start and a reading of 0 ppm carbon monoxide.',
        );
      if (fault.repairs.length > 0)
        return refuse('standing', 'Something was mended already: it is closed by its proof, not withdrawn.');
      return replaced(build, { ...fault, withdrawn: { at: author.at, by: author.name, reason: act.reason } });
  }
}

const acts = {
  open: () => ({ symptom: text(40, 1), start: identifier().optional() }),
  code: () => ({ code: faultCodeSchema() }),
  answer: () => ({ check: text(40, 1), found: text(120).nullable().defined() }),
  repair: () => ({ cause: text(40, 1), did: text(500, 3), parts: text(300) }),
  prove: () => ({ start: identifier().optional(), co: identifier().optional(), told: text(500) }),
  withdraw: () => ({ reason: text(500, 3) }),
  aside: () => ({ aside: yup.boolean().defined() }),
} satisfies Record<FaultAct['does'], () => yup.ObjectShape>;
/** Which fields an act has depends on what it does. */
const actSchema = () =>
  yup
    .mixed((value): value is FaultAct => typeof value === 'object' && value !== null)
    .defined()
    .test('act', '', function (value) {
      const does = (value as { does?: unknown } | undefined)?.does;
      const fields: yup.ObjectShape =
        typeof does === 'string' && Object.hasOwn(acts, does) ? acts[does as keyof typeof acts]() : {};
      const own = strictObject({ does: yup.string().defined().oneOf(Object.keys(acts)), ...fields });
      const read = validate(strictObject({ act: own }), { act: value });
      return read.ok || this.createError({ message: (read.errors[0] ?? '').replace(/\.$/, '') });
    });

/** A fault, from what it does to the proof that it is right. */
export const faultCommand = defineCommand<FaultCommand>({
  kind: 'fault',
  permission: 'work',
  schema: shape(() => ({
    fault: identifier(),
    act: actSchema(),
  })),
  apply,
  describe(body) {
    const act = body.act as FaultAct;
    switch (act.does) {
      case 'open':
        return `FAULT: ${symptomText(act.symptom)}`;
      case 'code':
        return `fault: the controller shows ${act.code.shown}${act.code.meaning ? `, ${act.code.meaning}` : ''}`;
      case 'answer':
        return `fault: ${askText(act.check)} ${act.found ?? 'not known'}`;
      case 'repair':
        return `fault MENDED: ${causeText(act.cause)}; ${act.did}${act.parts ? ` (parts: ${act.parts})` : ''}`;
      case 'prove':
        return `fault PROVEN by a start${act.co ? ' and a reading of carbon monoxide' : ''}${act.told ? `: ${act.told}` : ''}`;
      case 'withdraw':
        return `fault withdrawn: ${act.reason}`;
      case 'aside':
        return act.aside ? 'fault set aside: it does not count in how often a cause is met' : 'fault counts again';
    }
  },
  worksOn: ({ act }) => (act.does === 'repair' && isCause(act.cause) ? [partOfCause(act.cause)] : []),
});
