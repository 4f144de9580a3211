import type { Metadata } from 'next';
import { Gateway } from '../../ui/shell/Gateway';
import { SetUp } from '../../ui/shell/pages/WayInPages';

export const metadata: Metadata = { title: 'Begin' };

export default function Page() {
  return (
    <Gateway>
      <SetUp />
    </Gateway>
  );
}
