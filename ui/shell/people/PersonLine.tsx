import Link from 'next/link';
import { lazy, Suspense } from 'react';
import type { Role } from '../../../core/people/roles';
import { ThemeSwitch } from '../ThemeSwitch';
import { useWide } from '../../components/useSmall';
import { SignOutButton } from './SignOutButton';
import { frame as t } from '../../texts/en/frame';

// A menu is for phones alone; elsewhere nobody waits for its script.
const PersonMenu = lazy(() => import('./PersonMenu').then((m) => ({ default: m.PersonMenu })));

/** The line at the head of every page that is not a build: whose workshop, who is signed in, the way out. */
export function PersonLine({
  title,
  demo,
  person,
  back = false,
}: {
  title: string;
  demo: boolean;
  person: { name: string; role: Role };
  /** whether the mark leads back to the bay */ back?: boolean;
}) {
  // Narrower than that the line would wrap.
  const inMenu = !useWide();
  return (
    <header className="top-line">
      {back ? (
        <Link className="word-mark" prefetch={false} href="/">
          <span className="dip-ring" aria-hidden /> {t.bay}
        </Link>
      ) : (
        <span className="word-mark">
          <span className="dip-ring" aria-hidden /> {title}
        </span>
      )}
      {demo && <span className="invented">{t.inventedDemo}</span>}
      {inMenu ? (
        <Suspense fallback={null}>
          <PersonMenu person={person} />
        </Suspense>
      ) : (
        <>
          <span className="push soft">
            {person.name}, {person.role}
          </span>
          {person.role === 'lead' && (
            <Link className="plain-link" prefetch={false} href="/people">
              {t.people}
            </Link>
          )}
          <Link className="plain-link" prefetch={false} href="/trainer">
            {t.trainer}
          </Link>
          <Link className="plain-link" prefetch={false} href="/settings">
            {t.settings}
          </Link>
          <SignOutButton />
          <ThemeSwitch />
        </>
      )}
    </header>
  );
}
