'use client';
import type { Signed } from '../../../core/people/Who';
import { roleMay } from '../../../core/people/roles';
import { ImportForm, NewBuildForm } from '../NewBuildForms';
import { Page } from '../Page';

export function NewBuildPage() {
  return (
    <Page<Signed> url="/api/me" back className="columns">
      {({ who }) =>
        roleMay(who.role, 'work') ? (
          <>
            <section>
              <h1>New build</h1>
              <NewBuildForm />
            </section>
            <section>
              <h2>Import</h2>
              <p className="soft lead-in">A build file that Lorbet wrote, here or elsewhere.</p>
              <ImportForm />
            </section>
          </>
        ) : (
          <p>
            {who.name} signs in as {who.role}; a fitter or a lead makes a new build.
          </p>
        )
      }
    </Page>
  );
}
