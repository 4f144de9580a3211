'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { coPlaces, coStates, doorStates, type CoLog } from '../../../core/build/Build';
import { parseQuantity } from '../../../core/units/parseQuantity';
import { formatFixed } from '../../../core/units/formatNumber';
import { readCoLog } from '../../../formats/coLogCsv';
import { CellPick, Options } from '../../components/cells/CellInput';
import { Field } from '../../components/forms/Field';
import { FileButton } from '../../components/cells/FileButton';
import { InstantField } from '../../components/cells/InstantField';
import { Problems } from '../../components/cells/Problems';
import { useWorkspace } from '../../sync/useWorkspace';
import { proving as t } from '../../texts/en/proving';

type Zero = { ok: true; ppm: number | undefined } | { ok: false; error: string };
function zeroOf(typed: string, name: string): Zero {
  if (typed.trim() === '') return { ok: true, ppm: undefined };
  const read = parseQuantity(typed, 'ppm');
  if (read.ok && read.value >= -20 && read.value <= 50) return { ok: true, ppm: read.value };
  return { ok: false, error: t.zeroIs({ name, typed: typed.slice(0, 20) }) };
}

/** Takes in the log of a meter that was left there for a night. */
export function CoNightEntry() {
  const { send } = useWorkspace('send');
  const [read, setRead] = useState<{ readings: CoLog['readings']; of: number } | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const [place, setPlace] = useState<CoLog['place']>('pillow');
  const [state, setState] = useState('');
  const [doors, setDoors] = useState('');
  const [meter, setMeter] = useState('');
  const [before, setBefore] = useState('');
  const [after, setAfter] = useState('');
  const [began, setBegan] = useState<string | null>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    const found = readCoLog(await file.text());
    setProblems(found.ok ? [] : found.errors);
    setRead(found.ok ? found : null);
    const minutes = found.ok ? (found.readings.at(-1)?.min ?? 0) : 0;
    if (found.ok) setBegan(new Date(Date.now() - minutes * 60_000).toISOString());
  };
  const keep = () => {
    const [zeroBefore, zeroAfter] = [zeroOf(before, t.zeroBefore), zeroOf(after, t.zeroAfter)];
    const wrong = [zeroBefore, zeroAfter].flatMap((one) => (one.ok ? [] : [one.error]));
    if (meter.trim() === '') wrong.push(t.sayWhichMeter);
    if (state === '' || doors === '') wrong.push(t.sayHowItStood);
    if (!read || !began || wrong.length > 0 || !zeroBefore.ok || !zeroAfter.ok) {
      setProblems(wrong);
      return;
    }
    const errors = send({
      kind: 'coLog',
      log: {
        id: crypto.randomUUID(),
        place,
        state: state as NonNullable<CoLog['state']>,
        doors: doors as NonNullable<CoLog['doors']>,
        meter: meter.trim(),
        ...(zeroBefore.ppm === undefined ? {} : { zeroBeforePpm: zeroBefore.ppm }),
        ...(zeroAfter.ppm === undefined ? {} : { zeroAfterPpm: zeroAfter.ppm }),
        readings: read.readings,
      },
      readAt: began,
    });
    setProblems(errors);
    if (errors.length === 0) setRead(null);
  };
  return (
    <div className="co-entry">
      <FileButton name={t.logFile} accept=".csv,.txt,text/csv,text/plain" onFiles={([first]) => void take(first)}>
        {t.takeLog}
      </FileButton>
      <Problems all={problems} />
      {read && (
        <form
          className="stack"
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
        >
          <p>
            {t.logHolds({ n: formatFixed(read.of), hours: formatFixed((read.readings.at(-1)?.min ?? 0) / 60, 1) })}{' '}
            {read.of > read.readings.length && t.logThinned({ n: formatFixed(read.readings.length) })}
          </p>
          <InstantField label={t.logBegan} value={began} onChange={setBegan} />
          <label>
            {t.logPlace}{' '}
            <CellPick name={t.logPlace} disabled={false} value={place} onChoose={(value) => setPlace(value as CoLog['place'])}>
              <Options of={coPlaces} />
            </CellPick>
          </label>
          <label>
            {t.heaterIs}{' '}
            <CellPick name={t.heaterIs} disabled={false} value={state} onChoose={setState}>
              <Options of={coStates} empty={t.choose} />
            </CellPick>
          </label>
          <label>
            {t.doors}{' '}
            <CellPick name={t.doors} disabled={false} value={doors} onChoose={setDoors}>
              <Options of={doorStates} empty={t.choose} />
            </CellPick>
          </label>
          <Field label={t.whichMeter} value={meter} maxLength={60} onChange={(event) => setMeter(event.target.value)} />
          <Field label={t.zeroBefore} value={before} maxLength={10} onChange={(event) => setBefore(event.target.value)} />
          <Field label={t.zeroAfter} value={after} maxLength={10} onChange={(event) => setAfter(event.target.value)} />
          <Button type="submit" variant="contained">
            {t.keepLog}
          </Button>
        </form>
      )}
    </div>
  );
}
