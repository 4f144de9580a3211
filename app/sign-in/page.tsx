import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import cast from '../../demo/people.json';
import { anyPeople, demoIsLoaded } from '../../store/people';
import { SignInForm } from '../../ui/people/SignInForm';
import { currentPerson } from '../lib/session';

export const metadata: Metadata = { title: 'Sign in' };
export const dynamic = 'force-dynamic';

export default async function SignIn({ searchParams }: { searchParams: Promise<{ to?: string | string[] }> }) {
  if (!(await anyPeople())) redirect('/set-up');
  const { to } = await searchParams;
  // Only a path of our own: never on to another site.
  const back = typeof to === 'string' && /^\/(?![/\\])/.test(to) ? to : '/';
  if (await currentPerson()) redirect(back);
  const demo = (await demoIsLoaded()) ? { password: cast.password, people: cast.people } : null;
  return (
    <div className="page">
      <header className="top-line">
        <span className="word-mark">
          <span className="dip-ring" aria-hidden /> Lorbet
        </span>
      </header>
      <main>
        <h1>Sign in</h1>
        <p className="soft" style={{ marginBottom: 18 }}>
          Fitting a diesel heater, from tank to signed certificate.
        </p>
        <SignInForm to={back} demo={demo} />
      </main>
    </div>
  );
}
