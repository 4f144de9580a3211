import type { Metadata } from 'next';
import { Gateway } from '../../ui/shell/Gateway';
import { VerifyPage } from '../../ui/shell/verify/VerifyPage';
import { verify as t } from '../../ui/texts/en/verify';

export const metadata: Metadata = { title: t.title };

export default function Page() {
  return (
    <Gateway>
      <VerifyPage />
    </Gateway>
  );
}
