import { NextResponse } from 'next/server';
import { count, forget, giveBack, type LimitName } from '../../../store/limits';
import { signIn } from '../../../store/enter';
import { wrongStep } from '../../../store/secondSteps';
import { recordSignIn } from '../../../store/signIns';
import { readBody, refused, refusedFor, tooOften } from '../../lib/answers';
import { deviceFor, rememberDevice } from '../../lib/device';
import { openRoute } from '../../lib/handle';
import cast from '../../../demo/people.json';
import { anyPeople, demoIsLoaded } from '../../../store/people';
import { siteOf } from '../../lib/origin';
import { currentPersonAt, keepToken } from '../../lib/session';

/** What the way in has to know: whether anybody is known here, whether this device is signed in, and the demo's people where there is a demo. */
export const GET = openRoute(async () => {
  const [anybody, person, demo] = await Promise.all([anyPeople(), currentPersonAt(null), demoIsLoaded()]);
  return NextResponse.json({
    anybody,
    signedIn: person !== null,
    demo: demo ? { password: cast.password, people: cast.people.map(({ login, name, role }) => ({ login, name, role })) } : null,
  });
});

/**
 * Each try is counted before its password is looked at, so that many at once are no more than many in a row.
 * On a device that knows the person only its own tries count: nobody else's wrong ones keep the owner out.
 */
export const POST = openRoute(async ({ request, caller }) => {
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const { login, password, code, passkey } = body.value;
  if (typeof login !== 'string' || typeof password !== 'string' || login.trim() === '' || password === '')
    return refused(400, 'Sign-in name and password are both needed.');
  const name = login.trim().toLowerCase().slice(0, 60);
  const device = await deviceFor(name);
  const counted: readonly [LimitName, string][] = device
    ? [['device', device]]
    : [
        ['address', caller.address],
        ['login', `${name} ${caller.address}`],
        ['name', name],
      ];
  for (const [limit, key] of counted) {
    const wait = await count(limit, key);
    if (wait === null) continue;
    await recordSignIn({ login: name, person: null, event: 'refused, too often', caller });
    return tooOften('Too many wrong passwords', wait);
  }
  const step = { code, passkey, site: siteOf(request), count: (personId: string) => count('code', personId) };
  const entered = await signIn(name, password, caller, new Date(), step);
  if (entered.kind === 'refused') return refused(401, 'Sign-in name and password don’t belong together.');
  if (entered.kind === 'wait') return tooOften('Too many wrong codes', entered.minutes);
  if (entered.kind === 'step') {
    // The password was right: what was counted for it is given back, and what is tried at the second step is counted by itself.
    for (const [limit, key] of counted) await giveBack(limit, key);
    return entered.wrong
      ? refusedFor(wrongStep(passkey))
      : NextResponse.json({ signedIn: false, step: { passkey: entered.passkey } });
  }
  for (const [limit, key] of counted) await (limit === 'login' || limit === 'device' ? forget(limit, key) : giveBack(limit, key));
  if (entered.provenBy) await forget('code', entered.provenBy);
  await rememberDevice(name);
  await keepToken(entered.token);
  return NextResponse.json({ signedIn: true });
});
