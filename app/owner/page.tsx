import type { Metadata } from 'next';
import { Gateway } from '../../ui/shell/Gateway';
import { OwnerPage } from '../../ui/shell/owner/OwnerPage';
import { owner as t } from '../../ui/texts/en/owner';

export const metadata: Metadata = { title: t.title };

export default function Page() {
  return (
    <Gateway>
      <OwnerPage />
    </Gateway>
  );
}
