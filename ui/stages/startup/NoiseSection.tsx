'use client';
import { TextField } from '@mui/material';
import { useState } from 'react';
import { noisePlaces, noiseStates, soundMeters, type NoiseReading } from '../../../core/build/Build';
import { atNeighbour, laggingDb } from '../../../core/model/startup/noiseOf';
import { formatFixed, upperFirst } from '../../../core/units/formatNumber';
import { parseQuantity } from '../../../core/units/parseQuantity';
import { noiseText } from '../../../core/wording/noiseText';
import { useWorkspace } from '../../sync/useWorkspace';
import { ReadingEntry } from '../proving/ReadingEntry';
import { startup as t } from '../../texts/en/startup';
import { dayAndTime } from '../../texts/when';

const settings = {
  state: {
    get label() {
      return t.heaterIs;
    },
    options: noiseStates,
  },
  with: {
    get label() {
      return t.readWith;
    },
    options: soundMeters,
  },
} as const;
const farthestM = 200;

/** What the sources outside make together where the neighbour is, and what lagging the loudest would leave. */
function Sum({ state }: { state: 'low' | 'full' }) {
  const { settled } = useWorkspace('settled');
  const sum = atNeighbour(settled, state);
  if (!sum) return null;
  const loudest = sum.sources[0];
  return (
    <div data-noise-sum={sum.sumDb.toFixed(1)}>
      <p>
        <strong>
          {t.sumAt({ state: upperFirst(noiseStates[state]), awayM: formatFixed(sum.awayM, 1), sum: formatFixed(sum.sumDb, 1) })}
        </strong>{' '}
        {sum.assumedM && <span className="soft">{t.distanceAssumed}</span>}
        {sum.readDb !== null && t.readThere({ read: formatFixed(sum.readDb, 1) })}
      </p>
      <ul className="plain noise-levels">
        {sum.sources.map(({ place, thereDb, reading }) => (
          <li key={place}>
            {t.sourceThere({
              place: noisePlaces[place],
              there: formatFixed(thereDb, 1),
              level: formatFixed(reading.levelDb, 1),
              at: formatFixed(reading.awayM ?? 0, 1),
            })}
          </li>
        ))}
      </ul>
      {loudest && (
        <p>
          {t.lagged({ place: noisePlaces[loudest.place], by: formatFixed(laggingDb, 1), left: formatFixed(sum.laggedDb, 1) })}
        </p>
      )}
    </div>
  );
}

/** Levels of sound where people rest and at what makes it. */
export function NoiseSection() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const [away, setAway] = useState('');
  const read = settled.noises ?? [];
  const onRead = (levelDb: number, place: NoiseReading['place'], setting: Record<string, string>) => {
    const far = away.trim() === '' ? null : parseQuantity(away, 'm');
    if (far && (!far.ok || far.value < 0.05 || far.value > farthestM))
      return [t.farIs({ away: away.slice(0, 20), why: far.ok ? t.isOutOfRange : far.reason, max: farthestM })];
    return send({
      kind: 'noise',
      look: {
        id: crypto.randomUUID(),
        place,
        levelDb,
        ...(setting as Pick<NoiseReading, 'state' | 'with'>),
        ...(far?.ok ? { awayM: far.value } : {}),
      },
    });
  };
  return (
    <>
      <p className="soft">{t.noiseIntro}</p>
      {mayWork && (
        <ReadingEntry
          name={t.aLevelOfSound}
          figure={{ label: t.meterShows, name: t.sound, unit: 'dB', min: 10, max: 130 }}
          settings={settings}
          unchosen={t.sayFirstHowItRuns}
          places={noisePlaces}
          keyText={(_id, label) => t.atThe({ label })}
          onRead={onRead}
          more={
            <TextField
              label={t.awayFromIt}
              value={away}
              onChange={(event) => setAway(event.target.value)}
              slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 20 } }}
            />
          }
          hint={t.noiseHint}
        />
      )}
      <Sum state="low" />
      <Sum state="full" />
      {read.length > 0 && <p className="soft">{t.sumRests}</p>}
      {read.length > 0 && (
        <ul className="plain noise-levels" aria-label={t.levelsRead}>
          {[...read]
            .sort((a, b) => Date.parse(b.at) - Date.parse(a.at))
            .map((one) => (
              <li key={one.id}>
                {noiseText(one)} <span className="soft">{t.byAt({ by: one.by, at: dayAndTime(one.at) })}</span>
              </li>
            ))}
        </ul>
      )}
    </>
  );
}
