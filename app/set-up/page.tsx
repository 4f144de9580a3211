import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { anyPeople } from '../../store/people';
import { FirstLeadForm } from '../../ui/people/FirstLeadForm';

export const metadata: Metadata = { title: 'Begin' };
export const dynamic = 'force-dynamic';

export default async function SetUp() {
  if (await anyPeople()) redirect('/');
  return (
    <div className="page">
      <header className="top-line">
        <span className="word-mark">
          <span className="dip-ring" aria-hidden /> Lorbet
        </span>
      </header>
      <main>
        <h1>Begin</h1>
        <p className="soft" style={{ marginBottom: 18 }}>
          Nobody is known here yet. The first lead can waive and sign.
        </p>
        <FirstLeadForm />
      </main>
    </div>
  );
}
