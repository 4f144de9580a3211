import type { Metadata } from 'next';
import { Gateway } from '../../ui/shell/Gateway';
import { Join } from '../../ui/shell/pages/WayInPages';

export const metadata: Metadata = { title: 'Choose a password' };

export default function Page() {
  return (
    <Gateway>
      <Join />
    </Gateway>
  );
}
