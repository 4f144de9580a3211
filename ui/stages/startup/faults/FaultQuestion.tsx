'use client';
import { Button } from '@mui/material';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { AskedCheck, FaultView } from '../../../../core/drawing/faults/lookFor';
import type { FaultCheckId } from '../../../../core/model/faults/faultNetwork';
import { formatFixed } from '../../../../core/units/formatNumber';
import { Caution } from '../../../components/Caution';
import { CellPick } from '../../../components/cells/CellInput';
import { Opened } from '../../../components/Opened';
import { speak } from '../../../components/speak';
import { faults as t } from '../../../texts/en/faults';

interface Props {
  next: AskedCheck;
  others: FaultView['others'];
  /** a person chose it */ chosen: boolean;
  onAnswer: (check: FaultCheckId, found: string | null) => void;
  onChoose: (check: FaultCheckId | null) => void;
}
/** A second touch on the key of the question before is none on this one, ms. */
const settlesMs = 350;
const percentOf = (chance: number) => formatFixed(chance * 100);

/** One thing to look at, and the keys for what may be found. */
export function FaultQuestion({ next, others, chosen, onAnswer, onChoose }: Props) {
  const [spoken, setSpoken] = useState(true);
  const asksFrom = useRef(Infinity);
  useEffect(() => {
    asksFrom.current = performance.now() + settlesMs;
  }, []);
  const tell = (found: string | null, atMs: number) => {
    if (atMs >= asksFrom.current) onAnswer(next.id, found);
  };
  const press = (event: KeyboardEvent) => {
    if (event.altKey || event.ctrlKey || event.metaKey || (event.target as HTMLElement).tagName === 'SELECT') return;
    const n = Number(event.key);
    const answer = next.answers[n - 1];
    if (event.key === '0') tell(null, event.timeStamp);
    else if (answer) tell(answer.found, event.timeStamp);
    else return;
    event.preventDefault();
    // Elsewhere digits lead to stages.
    event.stopPropagation();
  };
  const about = [
    t.minutes({ n: formatFixed(next.minutes) }),
    ...(next.lights ? [t.lights] : []),
    ...(next.danger === 2 ? [t.lastWay] : next.danger === 1 ? [t.care] : []),
  ];
  const aloud = () =>
    setSpoken(speak([next.ask, next.caution ?? '', ...next.answers.map(({ found }, i) => `${i + 1}: ${found}.`)].join(' ')));
  return (
    <section className="fault-question" aria-labelledby="fault-ask" onKeyDown={press} data-check={next.id}>
      <p className="soft">
        {chosen ? t.lookChosen : t.lookNext} · {about.join(' · ')}
      </p>
      <h3 id="fault-ask">{next.ask}</h3>
      {next.caution && <Caution>{next.caution}</Caution>}
      <div className="fault-answers" role="group" aria-labelledby="fault-ask">
        {next.answers.map(({ found }, i) => (
          <Button key={found} variant="outlined" onClick={({ timeStamp }) => tell(found, timeStamp)}>
            <span className="fault-digit" aria-hidden>
              {i + 1}
            </span>
            {found}
          </Button>
        ))}
      </div>
      <div className="inline fault-aside">
        <Button variant="text" onClick={({ timeStamp }) => tell(null, timeStamp)}>
          {t.dontKnow}
        </Button>
        {others[0] && (
          <Button variant="text" onClick={() => onChoose(others[0]?.id ?? null)}>
            {t.skip}
          </Button>
        )}
        <Button variant="text" onClick={aloud}>
          {t.aloud}
        </Button>
        {others.length > 0 && (
          <CellPick
            name={t.another}
            disabled={false}
            value=""
            onChoose={(id) => onChoose(id === '' ? null : (id as FaultCheckId))}
          >
            <option value="">{t.another}</option>
            {others.map(({ id, ask, minutes }) => (
              <option key={id} value={id}>
                {ask} ({t.minutes({ n: formatFixed(minutes) })})
              </option>
            ))}
          </CellPick>
        )}
      </div>
      {!spoken && <p role="status">{t.noVoice}</p>}
      <Opened line={t.whyThis}>
        <p className="soft">{t.whyTells}</p>
        <ul className="plain">
          {next.answers.map(({ found, chance, then }) => (
            <li key={found}>
              {t.ifFound({ found, percent: percentOf(chance) })}:{' '}
              {then.map((one) => t.thenLikely({ cause: one.label, percent: percentOf(one.chance) })).join(', ')}
            </li>
          ))}
        </ul>
        <p className="soft">{t.keysHint}</p>
      </Opened>
    </section>
  );
}
