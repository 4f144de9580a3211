'use client';
import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { fieldAt, figureAt, type FigurePath } from '../../../core/build/sheets';
import { knownOrAssumed } from '../../../core/figures/knownOrAssumed';
import { showFigure } from '../../../core/figures/showFigure';
import { betterSetting } from '../../../core/model/controller/betterSetting';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { Problems } from '../../components/cells/Problems';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { controller as t } from '../../texts/en/controller';

/** The setting that serves the coming nights better, with its gain and what it costs; one key sets it. */
export function BetterView() {
  const { settled, send, mayWork, who } = useWorkspace('settled', 'send', 'mayWork', 'who');
  const say = useSay();
  const [problems, setProblems] = useState<string[]>([]);
  const found = useMemo(() => knownOrAssumed(settled, betterSetting), [settled]);
  // What is missing for it is told with the night.
  if ('missing' in found) return null;
  const better = found.value;
  if (!better) return <p className="soft">{t.betterNone}</p>;
  const { settings, timers, now, nights } = better;
  const celsius = (c: number) => {
    const shown = inUnit(c, '°C', who.unitPreferences);
    return `${formatFixed(shown.value)} ${shown.unit}`;
  };
  const entries = Object.entries(settings) as [FigurePath, number | string][];
  const said = [
    ...entries.map(([path, value]) =>
      path === 'controller.clockOffMin'
        ? t.clockRight
        : t.oneSetting({ label: fieldAt(path).label, value: showFigure(path, value, who.unitPreferences) }),
    ),
    ...timers.map(({ row, runForH }) => t.oneTimer({ name: row.name ?? row.startAt ?? '', h: formatShort(runForH, 1) })),
  ];
  const take = () =>
    setProblems([
      ...(entries.length > 0
        ? send({
            kind: 'figures',
            changes: entries.map(([path, to]) => ({
              path,
              slot: 'fitted',
              from: figureAt(settled.sheets, path).fitted,
              to,
            })),
          })
        : []),
      ...(timers.length > 0
        ? send({
            kind: 'rows',
            changes: timers.map(({ row, runForH }) => ({
              list: 'timers',
              row: row.id,
              action: 'set',
              column: 'runForH',
              from: row.runForH ?? null,
              to: runForH,
            })),
          })
        : []),
    ]);
  const figure = (n: number, decimals: number) => formatFixed(n, decimals);
  return (
    <section className="better-setting" aria-label={t.better}>
      <h3>{t.better}</h3>
      <p>
        <strong>{t.betterSettings({ settings: said.join('; ') })}</strong>
      </p>
      <p>
        {t.betterNow({
          from: celsius(now.usual.lowest.airC),
          to: celsius(nights.usual.lowest.airC),
          fromCold: celsius(now.coldest.lowest.airC),
          toCold: celsius(nights.coldest.lowest.airC),
        })}{' '}
        {say(
          t.betterCosts({
            fromL: figure(now.usual.fuelL, 1),
            toL: figure(nights.usual.fuelL, 1),
            fromAh: figure(now.usual.ampHours, 0),
            toAh: figure(nights.usual.ampHours, 0),
            fromStarts: now.usual.starts,
            toStarts: nights.usual.starts,
          }),
        )}
      </p>
      {found.assumed && <p className="soft">{t.betterAssumed}</p>}
      {mayWork && (
        <Button variant="contained" onClick={take}>
          {t.setIt}
        </Button>
      )}
      <Problems all={problems} />
    </section>
  );
}
