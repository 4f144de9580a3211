import type { Metadata } from 'next';
import { invitedBy } from '../../../store/crew';
import { JoinForm } from '../../../ui/people/JoinForm';

export const metadata: Metadata = { title: 'Choose a password' };
export const dynamic = 'force-dynamic';

export default async function Join({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  const invited = await invitedBy(token);
  return (
    <div className="page">
      <header className="top-line">
        <span className="word-mark">
          <span className="dip-ring" aria-hidden /> Lorbet
        </span>
      </header>
      <main>
        <h1>Choose a password</h1>
        {invited ? (
          <>
            <p style={{ marginBottom: 18 }}>
              {invited.name}, you sign in as <span className="mono">{invited.login}</span>.
            </p>
            <JoinForm token={token} login={invited.login} />
          </>
        ) : (
          <p className="error-line">This link was used already, or is older than three days; ask a lead for a new one.</p>
        )}
      </main>
    </div>
  );
}
