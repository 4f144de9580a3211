'use client';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useBench } from './BuildContext';

const shown = (value: number | string | null) => (value === null ? 'empty' : String(value));

/** What stands between a person's work and its being kept: no way through, a clash, a refusal. */
export function Banners() {
  const { link, waiting, clashes, settleClash, problems, clearProblems } = useBench();
  const path = usePathname();
  const count = `${waiting.length} ${waiting.length === 1 ? 'entry waits' : 'entries wait'}`;
  return (
    <div aria-live="polite">
      {link === 'signed-out' && (
        <div className="banner bad">
          <strong>You are signed out.</strong> {count} on this device and {waiting.length === 1 ? 'goes' : 'go'} in once you sign
          in again. <Link href={`/sign-in?to=${encodeURIComponent(path)}`}>Sign in</Link>
        </div>
      )}
      {link === 'unreachable' && (
        <div className="banner">
          <strong>No way through to the server.</strong> {count} on this device and {waiting.length === 1 ? 'goes' : 'go'} in by
          itself.
        </div>
      )}
      {clashes.length > 0 && (
        <div className="banner bad" role="alertdialog" aria-label="Changed by somebody else">
          <strong>Changed by somebody else meanwhile.</strong>
          <ul>
            {clashes.map((clash) => (
              <li key={clash.path}>
                {clash.label}: theirs is <b className="mono">{shown(clash.theirs)}</b>, yours is{' '}
                <b className="mono">{shown(clash.yours)}</b>
              </li>
            ))}
          </ul>
          <div className="inline">
            <button type="button" className="key" onClick={() => settleClash('theirs')}>
              Keep theirs
            </button>
            <button type="button" className="key" onClick={() => settleClash('yours')}>
              Put in yours
            </button>
          </div>
        </div>
      )}
      {problems.length > 0 && (
        <div className="banner bad" role="alert">
          <ul>
            {problems.map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
          <button type="button" className="plain-button" onClick={clearProblems}>
            Seen
          </button>
        </div>
      )}
    </div>
  );
}
