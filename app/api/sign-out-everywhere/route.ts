import { signOutEverywhere } from '../../../store/sessions';
import { recordSignIn } from '../../../store/signIns';
import { signedOut } from '../../lib/answers';
import { route } from '../../lib/handle';
import { session } from '../../lib/session';

/** Ends every session of whoever asks, this one too. */
export const POST = route('look', async ({ person, caller }) => {
  const devices = await signOutEverywhere(person.id);
  await recordSignIn({ login: person.login, person, event: 'out everywhere', by: person.name, caller });
  (await session()).destroy();
  return signedOut({ devices });
});
