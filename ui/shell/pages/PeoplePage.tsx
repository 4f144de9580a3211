'use client';
import type { Signed } from '../../../core/people/Who';
import type { SignInRecord } from '../../../core/people/SignInRecord';
import { CrewView, type Member } from '../people/CrewView';
import { Page } from '../Page';
import { pages as t } from '../../texts/en/pages';

interface Crew extends Signed {
  crew: Member[];
  signIns: SignInRecord[];
  self: string;
}

export function PeoplePage() {
  return (
    <Page<Crew> url="/api/crew" back>
      {({ crew, signIns, self }, refresh) => (
        <>
          <h1>{t.people}</h1>
          <CrewView crew={crew} signIns={signIns} self={self} refresh={refresh} />
        </>
      )}
    </Page>
  );
}
