import { NextResponse } from 'next/server';
import * as yup from 'yup';
import { validate } from '../../../../core/build/readBuild';
import { stepActions, type StepAction } from '../../../../core/build/stepSchemas';
import { stepIsDue } from '../../../../core/people/secondStep';
import { holds } from '../../../../store/enter';
import { count, forget } from '../../../../store/limits';
import { askPasskey, dropPasskey, keepPasskey, offerPasskey, passkeysOf } from '../../../../store/passkeys';
import { withoutSecrets } from '../../../../store/people';
import {
  beginSecondStep,
  confirmSecondStep,
  endSecondStep,
  markProven,
  renewRecoveryCodes,
  secondStepOf,
  wrongStep,
} from '../../../../store/secondSteps';
import { readBody, refused, refusedFor, tooOften } from '../../../lib/answers';
import { route, unproven, type AskedBy } from '../../../lib/handle';
import { siteOf } from '../../../lib/origin';
import { session } from '../../../lib/session';

/** How the person's own second step stands. */
export const GET = route('look', async ({ request, person }) => {
  const [step, passkeys] = await Promise.all([secondStepOf(person.id), passkeysOf(person.id)]);
  return NextResponse.json({ step, passkeys, passkeysHold: siteOf(request) !== null });
});

interface Said {
  password: string;
  code: string;
  label: string;
  id: string;
  passkey: object;
}
type Act = (asked: AskedBy, said: Said) => Promise<Response>;
const answer = (done: { ok: true; value: unknown } | Parameters<typeof refusedFor>[0]) =>
  done.ok ? NextResponse.json(done.value ?? {}) : refusedFor(done);
const noSite = () =>
  refused(400, 'Passkeys hold only over HTTPS, and where this Lorbet is reached by a name, not by an address of numbers.');

/** Gives the second step, and has it noted in this session. */
const prove: Act = async ({ request, person, caller }, { code, passkey }) => {
  if (!person.secondStep) return refused(400, 'You have no second step; begin one under Settings.');
  const now = new Date();
  if (!(await holds(person, caller, now, { code, passkey, site: siteOf(request) }))) return refusedFor(wrongStep(passkey));
  await markProven((await session()).token, now);
  await forget('code', person.id);
  return NextResponse.json({ proven: true });
};
/** What changes by which ways somebody comes in: only shortly after the second step was given. */
const proven =
  (act: Act): Act =>
  (asked, said) =>
    !asked.person.secondStep || stepIsDue(asked.person.secondStep, Date.now()) ? Promise.resolve(unproven()) : act(asked, said);

const acts: Record<StepAction, Act> = {
  begin: async ({ person }, { password }) => answer(await beginSecondStep(person, password)),
  confirm: async ({ person, caller }, { code }) => answer(await confirmSecondStep(person, code, (await session()).token, caller)),
  prove,
  provePasskey: prove,
  codes: async ({ person, caller, request }, { code }) =>
    (await holds(person, caller, new Date(), { code, site: siteOf(request) }))
      ? NextResponse.json(await renewRecoveryCodes(person, caller))
      : refusedFor(wrongStep(undefined)),
  end: async ({ person, caller }, said) => answer(await endSecondStep(person, said, caller)),
  ask: async ({ request, person }) => {
    const site = siteOf(request);
    return NextResponse.json({ passkey: site && (await askPasskey(person.id, site)) });
  },
  offerPasskey: proven(async ({ request, person }) => {
    const site = siteOf(request);
    return site ? answer(await offerPasskey(person, site)) : noSite();
  }),
  keepPasskey: proven(async ({ request, person, caller }, said) => {
    const site = siteOf(request);
    return site ? answer(await keepPasskey(person, said, site, caller)) : noSite();
  }),
  dropPasskey: proven(async ({ person, caller }, { id }) => answer(await dropPasskey(person, id, caller))),
};

/** What a person does about the own second step; each try at a code, a passkey or the password is counted. */
export const POST = route('look', async (asked) => {
  const body = await readBody(asked.request, 20_000);
  if (!body.ok) return body.response;
  const { action, ...rest } = body.value;
  if (typeof action !== 'string' || !Object.hasOwn(stepActions, action))
    return refused(400, `action must be one of ${Object.keys(stepActions).join(', ')}.`);
  const name = action as StepAction;
  const read = validate<Said>(yup.object(stepActions[name]).defined().noUnknown().strict(), rest);
  if (!read.ok) return refusedFor(withoutSecrets(read));
  const tries = 'code' in stepActions[name] || name === 'provePasskey';
  const wait = 'password' in stepActions[name] ? await count('ownPassword', asked.person.id) : null;
  const waitCode = tries ? await count('code', asked.person.id) : null;
  if (wait !== null || waitCode !== null) return tooOften('That was tried too often', wait ?? waitCode ?? 1);
  return acts[name](asked, read.value);
});
