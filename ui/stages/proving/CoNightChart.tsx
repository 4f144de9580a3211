'use client';
import type { CoLog } from '../../../core/build/Build';
import { guidelines, leakOf, rateLog, risePpm } from '../../../core/model/proving/coNight';
import { alarmMust, alarmStandards, type AlarmStandard } from '../../../core/physics/co/alarmMust';
import { ppmOfMgM3 } from '../../../core/physics/co/mgM3OfPpm';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import { coText } from '../../../core/wording/coText';
import { CurveChart } from '../../charts/CurveChart';
import { useWorkspace } from '../../sync/useWorkspace';
import { proving as t } from '../../texts/en/proving';
import { dayAndTime } from '../../texts/when';

const span = (min: number) => (min < 60 ? t.minutes({ n: min }) : t.hours({ n: formatShort(min / 60, 1) }));
const inHours = (h: number) => t.hours({ n: formatShort(h, 1) });

/** What an alarm does in air that stays as it was at its worst quarter of an hour. */
function Alarms({ ppm }: { ppm: number }) {
  return (
    <ul className="plain">
      {(Object.keys(alarmStandards) as AlarmStandard[]).map((standard) => {
        const { byMin, notBeforeMin } = alarmMust(standard, Math.min(ppm, 10_000));
        const name = alarmStandards[standard];
        const shown = formatFixed(ppm, 1);
        return (
          <li key={standard}>
            {byMin !== null
              ? t.alarmBy({ name, ppm: shown, by: byMin })
              : Number.isFinite(notBeforeMin)
                ? t.alarmNotBefore({ name, ppm: shown, min: notBeforeMin })
                : t.alarmSilent({ name, ppm: shown })}
          </li>
        );
      })}
    </ul>
  );
}

/** One log over its hours, with the guidelines behind, and what it comes to. */
export function CoNightChart({ log }: { log: CoLog }) {
  const { settled } = useWorkspace('settled');
  const rated = rateLog(log);
  const { air, means, peakPpm, quarterPpm, bloodWork, bloodAsleep, hours } = rated;
  const leak = quarterPpm >= risePpm ? leakOf(settled, rated) : null;
  const night = guidelines[2];
  const lines = guidelines.map(({ spanMin, mgM3 }) => ({ spanMin, ppm: ppmOfMgM3(mgM3) }));
  // As far up as it came, and to the guideline of a night at least.
  const top = Math.max(peakPpm * 1.15, ppmOfMgM3(night.mgM3) * 1.3);
  return (
    <section className="co-night" data-log={log.id}>
      <h4>
        {dayAndTime(log.at)}: {coText(log)}
      </h4>
      <CurveChart
        height={230}
        xs={air.map(({ min }) => min / 60)}
        curves={[{ ys: air.map(({ ppm }) => ppm), ink: 'heat' }]}
        yDomain={[0, top]}
        x={{ figure: inHours, title: t.sinceItBegan }}
        y={{ figure: (ppm) => t.ppmOf({ n: formatShort(ppm, 1) }) }}
        label={t.alongTheNight}
        tell={(i) => [inHours((air[i]?.min ?? 0) / 60), t.ppmOf({ n: formatShort(air[i]?.ppm ?? 0, 1) })]}
        words={t.nightInWords({ hours: formatFixed(hours, 1), ppm: formatFixed(peakPpm, 1) })}
        behind={({ plot, y }) =>
          lines
            .filter(({ ppm }) => ppm <= top)
            .map(({ spanMin, ppm }) => (
              <g key={spanMin} className="co-limit">
                <path d={`M${plot.left},${y(ppm)}H${plot.right}`} />
                <text x={plot.right - 4} y={y(ppm) - 5} textAnchor="end">
                  {t.limitOver({ span: span(spanMin) })}
                </text>
              </g>
            ))
        }
      />
      <ul className="plain">
        {means.map(({ spanMin, ppm, limitPpm }) => (
          <li key={spanMin} className={ppm !== null && ppm > limitPpm ? 'co-over' : undefined}>
            {ppm === null
              ? t.meanShort({ span: span(spanMin), limit: formatFixed(limitPpm, 1) })
              : t.meanOf({ span: span(spanMin), ppm: formatFixed(ppm, 1), limit: formatFixed(limitPpm, 1) })}
          </li>
        ))}
        <li>{t.blood({ work: formatFixed(bloodWork, 1), asleep: formatFixed(bloodAsleep, 1) })}</li>
      </ul>
      {leak && (
        <p>
          {t.leakIs({
            litres: formatFixed(leak.litresH, 2),
            changes: formatShort(leak.airChangesH, 1),
            shut: formatShort(leak.shutChangesH, 1),
            ppm: formatFixed(leak.shutPpm),
          })}
        </p>
      )}
      {quarterPpm >= risePpm && <Alarms ppm={quarterPpm} />}
    </section>
  );
}
