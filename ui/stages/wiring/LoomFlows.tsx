'use client';
import { useMemo } from 'react';
import { readerOf } from '../../../core/figures/readerOf';
import { plugWarms } from '../../../core/model/wiring/plugWarms';
import { wiresNow } from '../../../core/model/wiring/wiresNow';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { formatFixed } from '../../../core/units/formatNumber';
import { CurveChart } from '../../charts/CurveChart';
import { SumsTable } from '../../components/cells/SumsTable';
import { Fold } from '../../components/lists/Fold';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { wiring as t } from '../../texts/en/wiring';

/** Every wire under glow: what flows, what it loses, how warm it gets if that goes on. */
export function LoomFlows() {
  const { build } = useWorkspace('build');
  const found = useMemo(() => computeOrMissing(() => wiresNow(readerOf(build), 'start')), [build]);
  if ('missing' in found || found.value.length === 0) return null;
  return (
    <Fold title={t.flows} note={t.flowsNote}>
      <SumsTable
        columns={[
          { label: t.amps, unit: 'A', decimals: 1 },
          { label: t.lost, unit: 'V', decimals: 2 },
          { label: t.comesTo, unit: '°C', decimals: 0 },
          { label: t.bearsC, unit: '°C', decimals: 0 },
        ]}
        rows={found.value.map(({ id, name, amps, lostV, atC, bearsC }) => ({ id, name, cells: [amps, lostV, atC, bearsC] }))}
      />
    </Fold>
  );
}

const heightPx = 210;
/** The plug as it warms: amps fall and volts come up. */
export function PlugWarms() {
  const { build } = useWorkspace('build');
  const say = useSay();
  const found = useMemo(() => computeOrMissing(() => plugWarms(readerOf(build))), [build]);
  if ('missing' in found) return null;
  const moments = found.value;
  const [first, last] = [moments[0], moments[moments.length - 1]];
  if (!first || !last) return null;
  const volts = moments.map((one) => one.volts);
  const words = say(
    t.warmingInWords({
      cold: formatFixed(first.amps, 1),
      coldV: formatFixed(first.volts, 2),
      hot: formatFixed(last.amps, 1),
      hotV: formatFixed(last.volts, 2),
    }),
  );
  return (
    <Fold title={t.warming} note={t.warmingNote}>
      <CurveChart
        height={heightPx}
        xs={moments.map(({ s }) => s)}
        curves={[{ ys: volts, ink: 'ink' }]}
        yDomain={[Math.min(...volts) - 0.2, Math.max(...volts) + 0.2]}
        x={{ figure: (at) => formatFixed(at), title: t.secondsOfGlow }}
        y={{ figure: (at) => formatFixed(at, 1) }}
        label={t.warmingCourse}
        tell={(at) => {
          const one = moments[at];
          return one ? [`${formatFixed(one.s)} s`, `${formatFixed(one.volts, 2)} V`, `${formatFixed(one.amps, 1)} A`] : [];
        }}
        words={words}
      />
      <p className="soft">{words}</p>
    </Fold>
  );
}
