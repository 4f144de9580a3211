'use client';
import type { Signed } from '../../../core/people/Who';
import { CrewView, type Member, type SignInLine } from '../people/CrewView';
import { Page } from '../Page';

interface Crew extends Signed {
  crew: Member[];
  signIns: SignInLine[];
  self: string;
}

export function PeoplePage() {
  return (
    <Page<Crew> url="/api/crew" back>
      {({ crew, signIns, self }, refresh) => (
        <>
          <h1>People</h1>
          <CrewView crew={crew} signIns={signIns} self={self} refresh={refresh} />
        </>
      )}
    </Page>
  );
}
