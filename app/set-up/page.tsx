import type { Metadata } from 'next';
import { Gateway } from '../../ui/shell/Gateway';
import { SetUp } from '../../ui/shell/pages/WayInPages';
import { pages as t } from '../../ui/texts/en/pages';

export const metadata: Metadata = { title: t.begin };

export default function Page() {
  return (
    <Gateway>
      <SetUp />
    </Gateway>
  );
}
