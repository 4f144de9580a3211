'use client';
import { roleMay } from '../../../core/people/roles';
import type { Signed } from '../../../core/people/Who';
import { RulePacks, type KeptPack } from '../packs/RulePacks';
import { Page } from '../Page';
import { askEarly } from '../usePage';

interface Packs extends Signed {
  packs: KeptPack[];
}
const url = '/api/packs';
askEarly('/packs', () => url);

/** What inspectors ask for, kind by kind. */
export function RulePacksPage() {
  return (
    <Page<Packs> url={url} back>
      {({ who, packs }) => <RulePacks kept={packs} mayChange={roleMay(who.role, 'manage')} />}
    </Page>
  );
}
