'use client';
import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import type { BuildKind } from '../../../core/build/Build';
import { newBuildSchema } from '../../../core/build/buildSchema';
import type { UnitCard } from '../../../core/build/unit/UnitCard';
import type { UnitPreferences } from '../../../core/units/inUnits';
import type { Answers } from '../../../core/usual/Answers';
import { classCards } from '../../../core/usual/classes';
import { startFrom, type Start } from '../../../core/usual/startFrom';
import { Problems } from '../../components/cells/Problems';
import { AwakeForm } from '../../components/AwakeForm';
import { bySchema } from '../../components/forms/bySchema';
import { Field } from '../../components/forms/Field';
import { useSentForm } from '../../components/forms/useSentForm';
import { Opened } from '../../components/Opened';
import { postJson } from '../../sync/postJson';
import { start as t } from '../../texts/en/start';
import { LikeEarlier } from './LikeEarlier';
import { questions, type Asked } from './questions';
import { StartPicture } from './StartPicture';
import { StartPreview } from './StartPreview';

/** What stands in for an answer that has not been given yet, so that something is drawn from the first on. */
const usualAnswers = (cards: readonly UnitCard[]): Answers => ({
  shape: 'van',
  card: cards[0] as UnitCard,
  source: 'kitTank',
  place: 'floor',
  tankAway: 'middle',
  batteryAway: 'middle',
});
/** Pages of the form: a question each, tank and battery together. */
const pages: readonly (readonly (keyof Answers)[])[] = [['shape'], ['card'], ['source'], ['place'], ['tankAway', 'batteryAway']];

function Question({
  asked,
  answers,
  onPick,
}: {
  asked: Asked;
  answers: Partial<Answers>;
  onPick: (pick: Partial<Answers>) => void;
}) {
  const chosen = (pick: Partial<Answers>) => {
    const value = pick[asked.id];
    const now = answers[asked.id];
    return typeof value === 'object' && typeof now === 'object' ? value.id === now.id : value === now;
  };
  return (
    <fieldset className="start-question">
      <legend>{asked.question}</legend>
      <div className="start-options">
        {asked.options.map(({ id, label, marks, pick }) => (
          <Button key={id} className="start-option" aria-pressed={chosen(pick)} onClick={() => onPick(pick)}>
            <StartPicture marks={marks} />
            <span>{label}</span>
          </Button>
        ))}
      </div>
    </fieldset>
  );
}

const blank = { name: '', what: '', place: '', heaterSerial: '' };

/** The last page: what it is called; then it is made. */
function NameForm({ start }: { start: Start }) {
  const kind: BuildKind = start.kind;
  const { field, send, problems } = useSentForm<typeof blank & { kind: string }>({ ...blank, kind }, bySchema(newBuildSchema()));
  const make = async (values: object) => {
    const { kind: _kind, ...begun } = start;
    const answer = await postJson<{ id: string }>('/api/builds', { ...values, kind, start: begun });
    if (answer.ok) window.location.assign(`/builds/${answer.value.id}/measure`);
    return answer;
  };
  return (
    <AwakeForm onSubmit={send(make)}>
      <Field label={t.name} maxLength={80} autoFocus {...field('name')} />
      <Opened line={t.more}>
        <Field label={t.whatItIsInAFew} maxLength={80} {...field('what')} />
        <Field label={t.place} maxLength={120} {...field('place')} />
        <Field label={t.heatersSerialNumber} maxLength={60} {...field('heaterSerial')} />
      </Opened>
      <Problems all={problems} />
      <Button type="submit" variant="contained" className="start-make">
        {t.makeTheBuild}
      </Button>
    </AwakeForm>
  );
}

/** Five questions with pictures; after each the whole build stands as it is usually done, and what will go wrong is told. */
export function StartForm({ cards, units }: { cards: readonly UnitCard[]; units: UnitPreferences }) {
  const all = useMemo(() => [...cards, ...classCards], [cards]);
  const [page, setPage] = useState(0);
  const [answers, setAnswers] = useState<Partial<Answers>>({});
  const [like, setLike] = useState<Start | null>(null);
  const [liking, setLiking] = useState(false);
  const begun = Object.keys(answers).length > 0;
  const start = useMemo(
    () => like ?? (begun ? startFrom({ ...usualAnswers(all), ...answers }) : null),
    [like, begun, all, answers],
  );
  const asked = questions(all);
  const here = pages[page];
  const pick = (given: Partial<Answers>) => {
    const next = { ...answers, ...given };
    setAnswers(next);
    if (here?.every((id) => next[id] !== undefined)) setPage(page + 1);
  };
  const back = () => {
    if (liking) setLiking(false);
    else if (like) setLike(null);
    else setPage(page - 1);
  };
  return (
    <div className="start">
      <section className="start-asked">
        <div className="top-line">
          <h1>{t.newBuild}</h1>
          <span className="soft push">{here && !like && t.of({ n: page + 1, all: pages.length })}</span>
        </div>
        {liking ? (
          <>
            <h2>{t.likeWhich}</h2>
            <LikeEarlier
              onPick={(taken) => {
                setLike(taken);
                setLiking(false);
              }}
            />
          </>
        ) : like || !here ? (
          <>
            <h2>{t.whatIsItCalled}</h2>
            {start && <NameForm start={start} />}
          </>
        ) : (
          here.map((id) => {
            const one = asked.find((question) => question.id === id);
            return one && <Question key={id} asked={one} answers={answers} onPick={pick} />;
          })
        )}
        <p className="inline">
          {(page > 0 || like || liking) && <Button onClick={back}>{t.back}</Button>}
          {page === 0 && !like && !liking && (
            <Button variant="text" onClick={() => setLiking(true)}>
              {t.orLikeOneThatYouHaveDone}
            </Button>
          )}
        </p>
      </section>
      <StartPreview start={start} units={units} />
    </div>
  );
}
