'use client';
import type { Signed } from '../../../core/people/Who';
import { roleMay } from '../../../core/people/roles';
import { ImportForm, NewBuildForm } from '../NewBuildForms';
import { Page } from '../Page';
import { pages as t } from '../../texts/en/pages';

export function NewBuildPage() {
  return (
    <Page<Signed> url="/api/me" back className="columns">
      {({ who }) =>
        roleMay(who.role, 'work') ? (
          <>
            <section>
              <h1>{t.newBuild}</h1>
              <NewBuildForm />
            </section>
            <section>
              <h2>{t.import}</h2>
              <p className="soft lead-in">{t.aBuildFileThatLorbetWrote}</p>
              <ImportForm />
            </section>
          </>
        ) : (
          <p>{t.signsInAsAFitterOr({ name: who.name, role: who.role })}</p>
        )
      }
    </Page>
  );
}
