import type { Metadata } from 'next';
import Link from 'next/link';
import { redirect } from 'next/navigation';
import { roleMay } from '../../../core/people/roles';
import { ImportForm, NewBuildForm } from '../../../ui/build/NewBuildForms';
import { personOrSignIn } from '../../lib/session';

export const metadata: Metadata = { title: 'New build' };
export const dynamic = 'force-dynamic';

export default async function NewBuild() {
  const person = await personOrSignIn('/builds/new');
  if (!roleMay(person.role, 'work')) redirect('/');
  return (
    <div className="page">
      <header className="top-line">
        <Link className="word-mark" href="/">
          <span className="dip-ring" aria-hidden /> Bay
        </Link>
      </header>
      <main className="columns">
        <section>
          <h1>New build</h1>
          <NewBuildForm />
        </section>
        <section>
          <h2>Import</h2>
          <p className="soft" style={{ marginBottom: 14 }}>
            A build file that Lorbet wrote, here or elsewhere.
          </p>
          <ImportForm />
        </section>
      </main>
    </div>
  );
}
