'use client';
import { Button } from '@mui/material';
import Link from 'next/link';
import { useState } from 'react';
import type { UnitCard } from '../../../core/build/unit/UnitCard';
import { classCards } from '../../../core/usual/classes';
import { readCardCsv, readCardJson } from '../../../formats/unitCardCsv';
import { FileButton } from '../../components/cells/FileButton';
import { Problems } from '../../components/cells/Problems';
import { postJson } from '../../sync/postJson';
import { cards as t } from '../../texts/en/cards';
import { dateAndTime } from '../../texts/when';
import { CardEditor } from './CardEditor';

export interface KeptCard {
  card: UnitCard;
  by: string;
  changedAt: string;
  takenBy: { buildId: string; name: string; edition: number }[];
}

/** The builds that took a card; those that took an older edition are told as such. */
function TakenBy({ card, takenBy }: Pick<KeptCard, 'card' | 'takenBy'>) {
  if (takenBy.length === 0) return null;
  return (
    <p className="soft">
      {t.takenBy({ n: takenBy.length })}{' '}
      {takenBy.map(({ buildId, name, edition }, i) => (
        <span key={buildId}>
          {i > 0 && ', '}
          <Link prefetch={false} href={`/builds/${buildId}/heater`}>
            {edition < card.edition ? t.older({ name, edition }) : name}
          </Link>
        </span>
      ))}
    </p>
  );
}

/** The workshop's cards and the classes that ship; each can be copied, corrected, and carried away as a file. */
export function UnitCards({ kept, mayChange }: { kept: KeptCard[]; mayChange: boolean }) {
  const [cards, setCards] = useState(kept);
  const [open, setOpen] = useState<UnitCard | null>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const keep = async (card: UnitCard): Promise<readonly string[]> => {
    const answer = await postJson<{ cards: KeptCard[] }>('/api/unit-cards', card);
    if (!answer.ok) return answer.errors;
    setCards(answer.value.cards);
    setOpen(answer.value.cards.find((one) => one.card.id === card.id)?.card ?? null);
    return [];
  };
  const copy = (card: UnitCard) => setOpen({ ...card, id: crypto.randomUUID(), edition: 1, name: t.copied({ name: card.name }) });
  const read = async (file: File) => {
    const text = await file.text();
    const card = /\.json$/i.test(file.name) ? readCardJson(text) : readCardCsv(text);
    setProblems(card.ok ? [] : card.errors.slice(0, 20));
    if (!card.ok) return;
    // A class can't be written over: what comes from its file is a card of one's own.
    if (classCards.some(({ id }) => id === card.value.id)) copy(card.value);
    else setOpen(card.value);
  };
  return (
    <div className="start cards">
      <section>
        <h1>{t.unitCards}</h1>
        <p className="soft">{t.intro}</p>
        <h2>{t.yours}</h2>
        {cards.length === 0 && <p className="soft">{t.noneYet}</p>}
        <ul className="plain">
          {cards.map(({ card, by, changedAt, takenBy }) => (
            <li key={card.id} className="card-row">
              <Button aria-label={t.open({ name: card.name })} aria-pressed={open?.id === card.id} onClick={() => setOpen(card)}>
                {card.name}
              </Button>
              <span className="soft">{t.edition({ edition: card.edition, by, when: dateAndTime(changedAt) })}</span>
              <TakenBy card={card} takenBy={takenBy} />
            </li>
          ))}
        </ul>
        {mayChange && (
          <FileButton name={t.file} accept=".csv,.json,text/csv,application/json" onFiles={([file]) => file && void read(file)}>
            {t.readCard}
          </FileButton>
        )}
        {problems.length > 0 && <p className="error-line">{t.notKept}</p>}
        <Problems all={problems} />
        <h2>{t.classes}</h2>
        <p className="soft">{t.classesHint}</p>
        <ul className="plain">
          {classCards.map((card) => (
            <li key={card.id} className="card-row">
              <Button aria-label={t.open({ name: card.name })} aria-pressed={open?.id === card.id} onClick={() => setOpen(card)}>
                {card.name}
              </Button>
            </li>
          ))}
        </ul>
      </section>
      {open && (
        <CardEditor
          key={`${open.id} ${open.edition}`}
          card={open}
          mayChange={mayChange && !classCards.some(({ id }) => id === open.id)}
          onKeep={keep}
          {...(mayChange ? { onCopy: () => copy(open) } : {})}
        />
      )}
    </div>
  );
}
