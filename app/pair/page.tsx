import type { Metadata } from 'next';
import { Gateway } from '../../ui/shell/Gateway';
import { Pair } from '../../ui/shell/people/Pair';
import { devices as t } from '../../ui/texts/en/devices';

export const metadata: Metadata = { title: t.thisPhone };

export default function Page() {
  return (
    <Gateway>
      <Pair />
    </Gateway>
  );
}
