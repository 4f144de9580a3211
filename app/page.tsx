import Link from 'next/link';
import { redirect } from 'next/navigation';
import { roleMay } from '../core/people/roles';
import { listBuilds } from '../store/builds';
import { anyPeople, workshopOf } from '../store/people';
import { BayView } from '../ui/bay/BayView';
import { SignOutButton } from '../ui/people/SignOutButton';
import { ThemeSwitch } from '../ui/theme/ThemeSwitch';
import { personOrSignIn } from './lib/session';

export const dynamic = 'force-dynamic';

export default async function Bay() {
  if (!(await anyPeople())) redirect('/set-up');
  const person = await personOrSignIn('/');
  const [workshop, builds] = await Promise.all([workshopOf(person), listBuilds(person)]);
  return (
    <div className="page">
      <header className="top-line">
        <span className="word-mark">
          <span className="dip-ring" aria-hidden /> {workshop.name}
        </span>
        {workshop.demo && <span className="invented">invented demo</span>}
        <span className="push soft">
          {person.name}, {person.role}
        </span>
        <SignOutButton />
        <ThemeSwitch />
      </header>
      <main>
        <div className="top-line">
          <h1>The bay</h1>
          {roleMay(person.role, 'work') && (
            <Link className="key push" href="/builds/new">
              Begin a build, or bring one in
            </Link>
          )}
        </div>
        <BayView builds={builds} />
      </main>
    </div>
  );
}
