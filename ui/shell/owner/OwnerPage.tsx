'use client';
import { useEffect, useState } from 'react';
import type { OwnerFacts } from '../../../core/drawing/handover/ownerFacts';
import { leavesOf } from '../../../formats/owner/leavesOf';
import { isLanguage, languages, type Language } from '../../../formats/owner/texts/languages';
import { RadioChoice } from '../../components/forms/RadioChoice';
import { owner as t } from '../../texts/en/owner';
import { usePage } from '../usePage';
import { useShell } from '../useShell';

interface Told {
  facts: OwnerFacts;
  workshop: string;
}
const ownLanguage = (): Language => {
  const [first = 'en'] = navigator.language.split('-');
  return isLanguage(first) ? first : 'en';
};

/** All that the owner's sheet says, in the owner's language. */
function Leaves({ facts, workshop }: Told) {
  const [language, setLanguage] = useState<Language>(ownLanguage);
  const words = languages[language];
  const { front, left, right, back } = leavesOf(words, facts, workshop);
  return (
    <article className="owner" lang={language}>
      <h1>{words.title}</h1>
      <p>
        <strong>{[facts.name, facts.serial && words.serial(facts.serial)].filter(Boolean).join(' · ')}</strong>
      </p>
      {facts.invented && <p className="banner">{words.invented}</p>}
      <RadioChoice
        name={t.language}
        nameIsShown={false}
        options={Object.entries(languages).map(([id, one]) => [id, one.language])}
        chosen={language}
        onChoose={(id) => setLanguage(id as Language)}
      />
      {[...front, ...left, ...right, ...back].map(({ title, lines }) => (
        <section key={title}>
          <h2>{title}</h2>
          <ul>
            {lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </section>
      ))}
      <p className="soft">{words.notice}</p>
    </article>
  );
}

function ByLink({ token }: { token: string }) {
  const { page } = usePage<Told>(`/api/owner/${token}`, { keep: true });
  switch (page.kind) {
    case 'opening':
      return <p className="soft">{t.opening}</p>;
    case 'refused':
      return <p role="alert">{page.errors.join(' ')}</p>;
    case 'unreachable':
      return <p role="alert">{t.unreachable}</p>;
    case 'ready':
      return (
        <>
          {page.old && <p className="banner">{t.old}</p>}
          <Leaves {...page.value} />
        </>
      );
  }
}

/** What the owner of a heater reads by a link: it stands behind the # of the address, so that no server’s log has it. */
export function OwnerPage() {
  useShell();
  const [token, setToken] = useState<string | null>(null);
  useEffect(() => {
    const read = () => setToken(window.location.hash.slice(1));
    read();
    window.addEventListener('hashchange', read);
    return () => window.removeEventListener('hashchange', read);
  }, []);
  if (token === null) return <p className="soft">{t.opening}</p>;
  return /^[0-9a-f]{64}$/.test(token) ? <ByLink key={token} token={token} /> : <p role="alert">{t.noLink}</p>;
}
