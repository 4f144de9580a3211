'use client';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useState } from 'react';
import { symptoms } from '../../../core/model/faults/causes';
import { trainerView, type TrainerAsk, type TrainerView } from '../../../core/drawing/faults/trainerView';
import { play, type TrainerAct } from '../../../core/model/trainer/play';
import type { TrainerCase } from '../../../core/model/trainer/TrainerCase';
import type { UnitPreferences } from '../../../core/units/inUnits';
import { formatFixed } from '../../../core/units/formatNumber';
import { useStandingWorker } from '../../components/useStandingWorker';
import { trainer as t } from '../../texts/en/trainer';
import { BenchTrace } from './BenchTrace';
import { CaseActs } from './CaseActs';
import { Debrief } from './Debrief';
import { PlayedList } from './PlayedList';
import { keepEnded } from './waitingRecords';

const makeWorker = () => new Worker(new URL('../../../workers/trainer.ts', import.meta.url), { type: 'module' });
const onPage = (input: TrainerAsk): TrainerView => trainerView(input);

interface Props {
  of: TrainerCase;
  /** how often it was ended before: each try has a seed of its own */ tries: number;
  units: UnitPreferences;
  onBack: () => void;
  onEnded: () => void;
}

/** One case: what its owner says, what can be done, what came of it, and at its end the two ways side by side. */
export function CaseView({ of, tries, units, onBack, onEnded }: Props) {
  const [seed, setSeed] = useState(tries + 1);
  const [acts, setActs] = useState<readonly TrainerAct[]>([]);
  const [gaveUp, setGaveUp] = useState(false);
  const [kept, setKept] = useState<boolean | null>(null);
  const view = useStandingWorker(makeWorker, onPage, { of, seed, acts, ended: gaveUp });
  const end = (all: readonly TrainerAct[]) =>
    void keepEnded({ id: crypto.randomUUID(), caseId: of.id, seed, acts: all }).then((sent) => {
      setKept(sent);
      if (sent) onEnded();
    });
  const act = (one: TrainerAct) => {
    const all = [...acts, one];
    setActs(all);
    if (one.does === 'mend' && play(of, seed, all, false).over) end(all);
  };
  const anew = () => {
    setSeed(seed + 1);
    setActs([]);
    setGaveUp(false);
    setKept(null);
  };
  const last = view?.played.acts.at(-1);
  const over = view !== null && view.shortest !== null && (gaveUp || view.played.over);
  return (
    <div className="trainer-case">
      <p className="inline fault-head">
        <Button variant="text" onClick={onBack}>
          {t.allCases}
        </Button>
        {view && (
          <span className="mono" role="status">
            {t.clock({ minutes: formatFixed(view.played.minutes), parts: formatFixed(view.played.parts) })}
          </span>
        )}
        {view && view.played.dangers > 0 && <strong className="fault-odd">{t.dangers({ n: view.played.dangers })}</strong>}
      </p>
      <h1>{of.title}</h1>
      <p className="case-told">{t.owner({ told: of.told })}</p>
      {of.level < 3 && <p className="soft">{symptoms[of.symptom]}</p>}
      {!view && <LinearProgress aria-label={t.working} />}
      {view && over && view.shortest && (
        <Debrief of={of} played={view.played} shortest={view.shortest} kept={kept} onAgain={anew} />
      )}
      {view && !over && last && (
        <div className="case-last" role="status">
          {last.danger ? (
            <Alert severity="error" variant="outlined">
              <strong>{t.stop}</strong> {last.danger}
            </Alert>
          ) : (
            <PlayedList acts={[last]} />
          )}
        </div>
      )}
      {view && (
        <div className="fault-board">
          <div className="fault-next">
            {!over && (
              <CaseActs
                of={of}
                acts={acts}
                onAct={act}
                onGiveUp={() => {
                  setGaveUp(true);
                  end(acts);
                }}
              />
            )}
            {view.start && <BenchTrace start={view.start} units={units} />}
          </div>
          {!over && (
            <section aria-labelledby="what-came">
              <h2 id="what-came">{t.whatCame}</h2>
              {view.played.acts.length === 0 ? (
                <p className="soft">{t.nothingYet}</p>
              ) : (
                <PlayedList acts={view.played.acts} newestFirst />
              )}
            </section>
          )}
        </div>
      )}
    </div>
  );
}
