'use client';
import { Button, TextField } from '@mui/material';
import { useState } from 'react';
import { askKey, coPlan } from '../../../core/model/proving/coPlan';
import { formatShort } from '../../../core/units/formatNumber';
import { parseQuantity } from '../../../core/units/parseQuantity';
import { coText } from '../../../core/wording/coText';
import { Problems } from '../../components/cells/Problems';
import { Opened } from '../../components/Opened';
import { useWorkspace } from '../../sync/useWorkspace';
import { CoMeter } from './CoMeter';
import { StateClock } from './StateClock';
import { proving as t } from '../../texts/en/proving';

const mostPpm = 2000;

/** The readings that are wanted, one after the other in the order of the least walking: what is read next, and a key that keeps it. */
export function CoPlanView() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const [typed, setTyped] = useState('');
  const [problems, setProblems] = useState<string[]>([]);
  const [later, setLater] = useState<ReadonlySet<string>>(new Set());
  const { asks, next, done } = coPlan(settled, later);
  const keepTyped = () => {
    const read = parseQuantity(typed, 'ppm');
    if (!read.ok) setProblems([t.planTyped({ typed: typed.slice(0, 20), max: mostPpm })]);
    else keep(read.value);
  };
  const keep = (ppm: number) => {
    if (!next) return;
    if (ppm < 0 || ppm > mostPpm) {
      setProblems([t.planTyped({ typed: formatShort(ppm), max: mostPpm })]);
      return;
    }
    const { place, state, doors, wind } = next;
    const errors = send({
      kind: 'co',
      reading: { id: crypto.randomUUID(), ppm, place, state, doors, ...(wind ? { wind } : {}) },
    });
    setProblems(errors);
    if (errors.length === 0) setTyped('');
  };
  return (
    <section className="co-plan" aria-labelledby="co-plan">
      <h3 id="co-plan">
        {t.plan} <span className="soft">{t.planDone({ done, all: asks.length })}</span>
      </h3>
      {next ? (
        mayWork && (
          <form
            className="co-next"
            data-next={askKey(next)}
            onSubmit={(event) => {
              event.preventDefault();
              keepTyped();
            }}
          >
            <p className="co-where">{t.readNext({ where: coText(next) })}</p>
            {next.afterMin > 0 && <StateClock key={next.state} ask={next} />}
            <p className="inline">
              <TextField
                label={t.meterShowsThere}
                value={typed}
                onChange={(event) => setTyped(event.target.value)}
                slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 10 } }}
              />
              <Button type="submit" variant="contained">
                {t.keepReading}
              </Button>
              <Button variant="text" onClick={() => setLater(new Set([...later, askKey(next)]))}>
                {t.laterReading}
              </Button>
            </p>
            <CoMeter onKeep={keep} />
            <Problems all={problems} />
          </form>
        )
      ) : (
        <p className="banner">{t.planWhole}</p>
      )}
      <Opened line={t.planList}>
        <ol className="plain">
          {asks.map((ask, i) => (
            <li key={i}>
              {coText(ask)} <strong>{ask.read ? t.ppmOf({ n: formatShort(ask.read.ppm, 1) }) : t.notReadYet}</strong>
            </li>
          ))}
        </ol>
      </Opened>
    </section>
  );
}
