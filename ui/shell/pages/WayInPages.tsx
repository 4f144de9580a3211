'use client';
import { LinearProgress } from '@mui/material';
import useSWR from 'swr';
import { SignInForm, type DemoPeople } from '../people/SignInForm';
import { FirstLeadForm } from '../people/FirstLeadForm';
import { JoinForm } from '../people/JoinForm';
import { getJson } from '../../sync/postJson';
import { pages as t } from '../../texts/en/pages';

interface WayIn {
  anybody: boolean;
  signedIn: boolean;
  demo: DemoPeople | null;
}
const useAnswer = <T,>(url: string) => useSWR(url, () => getJson<T>(url), { revalidateOnFocus: false }).data;
const leaveTo = (to: string) => {
  window.location.replace(to);
  return null;
};
/** Only a path of our own: never on to another site. */
const pathOf = (to: string | null): string => (to !== null && /^\/(?![/\\])/.test(to) ? to : '/');

function Unreachable({ errors }: { errors: readonly string[] }) {
  return (
    <p className="error-line" role="alert">
      {errors.join(' ')}
    </p>
  );
}

export function SignIn() {
  const to = pathOf(new URLSearchParams(window.location.search).get('to'));
  const answer = useAnswer<WayIn>('/api/sign-in');
  if (!answer) return <LinearProgress aria-label={t.opening} />;
  if (!answer.ok) return <Unreachable errors={answer.errors} />;
  if (!answer.value.anybody) return leaveTo('/set-up');
  if (answer.value.signedIn) return leaveTo(to);
  return (
    <>
      <h1>{t.signIn}</h1>
      <p className="soft lead-in">{t.fittingADieselHeaterFromTank}</p>
      <SignInForm to={to} demo={answer.value.demo} />
    </>
  );
}

export function SetUp() {
  const answer = useAnswer<WayIn>('/api/sign-in');
  if (!answer) return <LinearProgress aria-label={t.opening} />;
  if (!answer.ok) return <Unreachable errors={answer.errors} />;
  if (answer.value.anybody) return leaveTo('/');
  return (
    <>
      <h1>{t.begin}</h1>
      <p className="soft lead-in">{t.nobodyIsKnownHereYetThe}</p>
      <FirstLeadForm />
    </>
  );
}

export function Join() {
  const token = window.location.pathname.split('/')[2] ?? '';
  const answer = useAnswer<{ invited: { name: string; login: string } | null }>(`/api/join?token=${encodeURIComponent(token)}`);
  if (!answer) return <LinearProgress aria-label={t.opening} />;
  if (!answer.ok) return <Unreachable errors={answer.errors} />;
  const { invited } = answer.value;
  return (
    <>
      <h1>{t.chooseAPassword}</h1>
      {invited ? (
        <>
          <p className="lead-in">
            {t.youSignInAs({ name: invited.name })} <span className="mono">{invited.login}</span>.
          </p>
          <JoinForm token={token} login={invited.login} />
        </>
      ) : (
        <p className="error-line">{t.thisLinkWasUsedAlreadyOr}</p>
      )}
    </>
  );
}
