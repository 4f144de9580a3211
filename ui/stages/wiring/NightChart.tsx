'use client';
import { useMemo } from 'react';
import { readerOf } from '../../../core/figures/readerOf';
import { nightOf } from '../../../core/model/wiring/night';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { formatFixed } from '../../../core/units/formatNumber';
import { CurveChart } from '../../charts/CurveChart';
import { Fold } from '../../components/lists/Fold';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { wiring as t } from '../../texts/en/wiring';

const clock = (min: number): string => `${Math.floor(min / 60)}:${String(min % 60).padStart(2, '0')}`;
const heightPx = 230;

/** The coldest night on battery: volts at the heater as it draws, and the charge that is left. */
export function NightChart() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const found = useMemo(
    () =>
      computeOrMissing(() => {
        const read = readerOf(build);
        const is24 = read.derived('wiring.supplyV') === 24;
        return { night: nightOf(read), faultV: read.limit(is24 ? 'lowVoltage24V' : 'lowVoltage12V').value };
      }),
    [build],
  );
  if ('missing' in found) return null;
  const { night, faultV } = found.value;
  const volts = night.map((one) => one.volts);
  const last = night[night.length - 1];
  if (!last) return null;
  const low = Math.min(faultV, ...volts);
  return (
    <Fold title={t.night} note={t.nightNote}>
      <CurveChart
        height={heightPx}
        xs={night.map(({ min }) => min / 60)}
        curves={[
          { ys: volts, ink: 'ink' },
          { ys: night.map(() => faultV), ink: 'heat', broken: true },
        ]}
        yDomain={[low - 0.2, Math.max(...volts) + 0.2]}
        x={{ figure: (at) => formatFixed(at), title: t.hoursOfNight }}
        y={{ figure: (at) => formatFixed(at, 1) }}
        label={t.nightMinuteByMinute}
        tell={(at) => {
          const one = night[at];
          return one
            ? [
                clock(one.min),
                `${formatFixed(one.volts, 2)} V${one.glow ? `, ${t.glows}` : ''}`,
                t.charge({ percent: formatFixed(one.share * 100) }),
              ]
            : [];
        }}
        words={say(
          t.nightInWords({
            v: formatFixed(last.volts, 2),
            percent: formatFixed(last.share * 100),
            fault: formatFixed(faultV, 1),
          }),
        )}
      />
      <p className="soft">
        {say(
          t.nightInWords({
            v: formatFixed(last.volts, 2),
            percent: formatFixed(last.share * 100),
            fault: formatFixed(faultV, 1),
          }),
        )}
      </p>
    </Fold>
  );
}
