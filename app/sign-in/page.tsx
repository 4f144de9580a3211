import type { Metadata } from 'next';
import { Gateway } from '../../ui/shell/Gateway';
import { SignIn } from '../../ui/shell/pages/WayInPages';

export const metadata: Metadata = { title: 'Sign in' };

export default function Page() {
  return (
    <Gateway>
      <SignIn />
    </Gateway>
  );
}
