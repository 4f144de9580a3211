'use client';
import { Button } from '@mui/material';
import { device } from '../../sync/device';
import { postJson } from '../../sync/postJson';
import { frame as t } from '../../texts/en/frame';

/** Signs out here, or on every device. What was kept for work without a connection goes; what waits to be sent stays. */
export function SignOutButton({ everywhere = false }: { everywhere?: boolean }) {
  const leave = async () => {
    await postJson(everywhere ? '/api/sign-out-everywhere' : '/api/sign-out', {});
    await device.forget();
    window.location.assign('/sign-in');
  };
  return (
    <Button variant={everywhere ? 'outlined' : 'text'} onClick={() => void leave()}>
      {everywhere ? t.signOutOnEveryDevice : t.signOut}
    </Button>
  );
}
