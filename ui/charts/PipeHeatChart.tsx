'use client';
import { useMemo } from 'react';
import { heatPicture } from '../../core/drawing/outside/heatPicture';
import { bearsC } from '../../core/model/proving/hotProof';
import { formatFixed } from '../../core/units/formatNumber';
import { inUnit } from '../../core/units/inUnits';
import { needsText } from '../../core/wording/needsText';
import { useSay, useWorkspace } from '../sync/useWorkspace';
import { air as t } from '../texts/en/air';
import { CurveChart } from './CurveChart';

/** Gas and the outside of the exhaust along its way, at full on a warm day. */
export function PipeHeatChart() {
  const { build, who } = useWorkspace('build', 'who');
  const say = useSay();
  const picture = useMemo(() => heatPicture(build), [build]);
  if ('missing' in picture) return <p className="soft">{t.beforeTheHeat({ missing: needsText(picture.missing) })}</p>;
  const { spots } = picture;
  const [first, last] = [spots[0], spots[spots.length - 1]];
  if (!first || !last) return null;
  const celsius = (c: number) => formatFixed(inUnit(c, '°C', who.unitPreferences).value);
  const metre = (m: number) => formatFixed(inUnit(m, 'm', who.unitPreferences).value, 1);
  const units = { c: inUnit(1, '°C', who.unitPreferences).unit, m: inUnit(1, 'm', who.unitPreferences).unit };
  const inWords = { from: first.gasC, to: last.gasC, outside: first.surfaceC, end: last.surfaceC };
  return (
    <CurveChart
      height={240}
      xs={spots.map(({ atM }) => atM)}
      curves={[
        { ys: spots.map(({ gasC }) => gasC), ink: 'heat' },
        { ys: spots.map(({ surfaceC }) => surfaceC), ink: 'ink', broken: true },
      ]}
      yDomain={[0, first.gasC + 20]}
      x={{ figure: metre, title: units.m }}
      y={{ figure: (c) => `${celsius(c)} ${units.c}` }}
      label={t.heatAlong}
      tell={(at) => {
        const spot = spots[at] ?? last;
        const [gas, outside] = [celsius(spot.gasC), celsius(spot.surfaceC)];
        return [`${metre(spot.atM)} ${units.m}`, t.gasAt({ c: gas, unit: units.c }), t.outsideAt({ c: outside, unit: units.c })];
      }}
      words={say(
        t.heatInWords({
          from: formatFixed(inWords.from),
          to: formatFixed(inWords.to),
          outside: formatFixed(inWords.outside),
          end: formatFixed(inWords.end),
        }),
      )}
    >
      {({ plot, x, y }) => (
        <>
          <text className="halo" x={x(0) + 8} y={y(first.gasC) + 16}>
            {t.gas}
          </text>
          <text className="halo" x={x(0) + 8} y={y(first.surfaceC) - 6}>
            {t.outsideOfPipe}
          </text>
          <path d={`M${plot.left},${y(bearsC.bare)}H${plot.right}`} stroke="var(--soft)" strokeDasharray="2 5" />
          <text className="halo" x={plot.right} y={y(bearsC.bare) - 5} textAnchor="end">
            {t.burnsAHand}
          </text>
        </>
      )}
    </CurveChart>
  );
}
