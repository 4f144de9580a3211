import { signOut } from '../../../store/sessions';
import { signedOut } from '../../lib/answers';
import { openRoute } from '../../lib/handle';
import { session } from '../../lib/session';

export const POST = openRoute(async () => {
  const sealed = await session();
  await signOut(sealed.token);
  sealed.destroy();
  return signedOut();
});
