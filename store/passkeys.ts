import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { refuseField, type ReadResult } from '../core/build/readBuild';
import { log } from './log';
import type { Person } from './people';
import { ofPerson } from './secondSteps';
import { recordSignIn, type Caller } from './signIns';

/** Where a browser stands: passkeys hold for one name, over HTTPS. */
export interface Site {
  origin: string;
  rpId: string;
}
export interface Passkey {
  id: string;
  label: string;
  madeAt: string;
}
const challengeMs = 5 * 60 * 1000;
const passkeysMax = 10;

interface PasskeyRow {
  id: string;
  publicKey: Buffer;
  counter: string;
  label: string;
  madeAt: Date;
}
const rowsOf = (personId: string): Promise<PasskeyRow[]> =>
  ofPerson<PasskeyRow>(
    'SELECT id, public_key AS "publicKey", counter, label, made_at AS "madeAt" FROM passkeys WHERE person_id = :personId ORDER BY made_at',
    { personId },
  );

export const passkeysOf = async (personId: string): Promise<Passkey[]> =>
  (await rowsOf(personId)).map(({ id, label, madeAt }) => ({ id, label, madeAt: madeAt.toISOString() }));

const keepChallenge = (personId: string, challenge: string, now: Date) =>
  ofPerson(
    'UPDATE second_steps SET challenge = :challenge, challenge_at = :now WHERE person_id = :personId RETURNING 1 AS done',
    {
      personId,
      challenge,
      now,
    },
  );
/** Takes the challenge that was given last, once; null where there is none, or it is older than five minutes. */
async function takeChallenge(personId: string, now: Date): Promise<string | null> {
  const [taken] = await ofPerson<{ challenge: string; at: Date }>(
    `WITH was AS (SELECT challenge, challenge_at AS at FROM second_steps WHERE person_id = :personId FOR UPDATE)
     UPDATE second_steps s SET challenge = NULL FROM was WHERE s.person_id = :personId AND was.challenge IS NOT NULL
     RETURNING was.challenge, was.at`,
    { personId },
  );
  return taken && now.getTime() - taken.at.getTime() <= challengeMs ? taken.challenge : null;
}
/** What is sent may be anything: whatever the package can't read is no passkey. */
async function verified<T>(check: () => Promise<T>): Promise<T | null> {
  try {
    return await check();
  } catch (error) {
    log().info({ why: error instanceof Error ? error.name : 'unknown' }, 'a passkey was refused');
    return null;
  }
}

/** What the browser asks the device for; null where the person keeps no passkey. */
export async function askPasskey(
  personId: string,
  { rpId }: Site,
  now = new Date(),
): Promise<PublicKeyCredentialRequestOptionsJSON | null> {
  const rows = await rowsOf(personId);
  if (rows.length === 0) return null;
  const options = await generateAuthenticationOptions({
    rpID: rpId,
    allowCredentials: rows.map(({ id }) => ({ id })),
    userVerification: 'preferred',
  });
  await keepChallenge(personId, options.challenge, now);
  return options;
}

/** Whether what the device answered is a passkey of the person, to what was asked last. */
export async function takePasskey(
  person: Pick<Person, 'id' | 'login' | 'workshopId'>,
  answer: object,
  { origin, rpId }: Site,
  caller: Caller,
  now = new Date(),
): Promise<boolean> {
  const challenge = await takeChallenge(person.id, now);
  const response = answer as AuthenticationResponseJSON;
  const row = (await rowsOf(person.id)).find(({ id }) => id === response.id);
  const checked =
    challenge && row
      ? await verified(() =>
          verifyAuthenticationResponse({
            response,
            expectedChallenge: challenge,
            expectedOrigin: origin,
            expectedRPID: rpId,
            credential: { id: row.id, publicKey: new Uint8Array(row.publicKey), counter: Number(row.counter) },
            requireUserVerification: false,
          }),
        )
      : null;
  if (!row || !checked?.verified) {
    await recordSignIn({ login: person.login, person, event: 'second step refused', caller, at: now });
    return false;
  }
  await ofPerson('UPDATE passkeys SET counter = :counter WHERE id = :id AND person_id = :personId RETURNING 1 AS done', {
    id: row.id,
    personId: person.id,
    counter: checked.authenticationInfo.newCounter,
  });
  return true;
}

/** What the browser needs to make a passkey on the device. */
export async function offerPasskey(
  person: Person,
  { rpId }: Site,
  now = new Date(),
): Promise<ReadResult<PublicKeyCredentialCreationOptionsJSON>> {
  const rows = await rowsOf(person.id);
  if (rows.length >= passkeysMax)
    return { ok: false, errors: [`${passkeysMax} passkeys are kept already; take one away first.`] };
  const options = await generateRegistrationOptions({
    rpName: 'Lorbet',
    rpID: rpId,
    userName: person.login,
    userDisplayName: person.name,
    attestationType: 'none',
    excludeCredentials: rows.map(({ id }) => ({ id })),
    authenticatorSelection: { residentKey: 'discouraged', userVerification: 'preferred' },
  });
  await keepChallenge(person.id, options.challenge, now);
  return { ok: true, value: options };
}

/** Keeps the passkey that the device has made. */
export async function keepPasskey(
  person: Person,
  { passkey, label }: { passkey: object; label: string },
  { origin, rpId }: Site,
  caller: Caller,
  now = new Date(),
): Promise<ReadResult<null>> {
  const challenge = await takeChallenge(person.id, now);
  const checked = challenge
    ? await verified(() =>
        verifyRegistrationResponse({
          response: passkey as RegistrationResponseJSON,
          expectedChallenge: challenge,
          expectedOrigin: origin,
          expectedRPID: rpId,
          requireUserVerification: false,
        }),
      )
    : null;
  if (!checked?.verified) return refuseField('passkey', 'Passkey could not be checked; begin once more.');
  const { id, publicKey, counter } = checked.registrationInfo.credential;
  const kept = await ofPerson(
    `INSERT INTO passkeys (id, person_id, public_key, counter, label, made_at) VALUES (:id, :personId, :publicKey, :counter, :label, :now)
     ON CONFLICT (id) DO NOTHING RETURNING 1 AS done`,
    { id, personId: person.id, publicKey: Buffer.from(publicKey), counter, label, now },
  );
  if (kept.length === 0) return refuseField('passkey', 'Passkey is kept already.');
  await recordSignIn({ login: person.login, person, event: 'passkey kept', by: person.name, caller, at: now });
  return { ok: true, value: null };
}

/** Takes one of the own passkeys away. */
export async function dropPasskey(person: Person, id: string, caller: Caller): Promise<ReadResult<null>> {
  const gone = await ofPerson('DELETE FROM passkeys WHERE id = :id AND person_id = :personId RETURNING 1 AS done', {
    id,
    personId: person.id,
  });
  if (gone.length === 0) return { ok: false, errors: ['id is none of your passkeys.'] };
  await recordSignIn({ login: person.login, person, event: 'passkey removed', by: person.name, caller });
  return { ok: true, value: null };
}
