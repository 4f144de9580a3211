'use client';
import { Table, TableBody, TableCell, TableHead, TableRow } from '@mui/material';
import useSWR from 'swr';
import {
  comparedQuantities,
  comparedStarts,
  trendOf,
  type Compared,
  type ComparedStart,
} from '../../../core/model/startup/compareStarts';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { startup as t } from '../../texts/en/startup';
import { dayAndTime } from '../../texts/when';

interface Alike {
  builds: { id: string; name: string; starts: ComparedStart[] }[];
}
async function ask(url: string): Promise<Alike> {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error(String(answer.status));
  return (await answer.json()) as Alike;
}
const names = (): Record<Compared, { label: string; unit: string; decimals: number }> => ({
  ignitionS: { label: t.toFlame, unit: 's', decimals: 0 },
  toFullS: { label: t.toFull, unit: 's', decimals: 0 },
  lowestStartV: { label: t.lowestVolts, unit: 'V', decimals: 2 },
  runningA: { label: t.ampsAtFull, unit: 'A', decimals: 2 },
  riseK: { label: t.airRise, unit: 'K', decimals: 0 },
  afterrunS: { label: t.afterRun, unit: 's', decimals: 0 },
});
const shownOthers = 12;

function Row({ head, start }: { head: string; start: ComparedStart }) {
  const named = names();
  return (
    <TableRow>
      <TableCell component="th" scope="row">
        {head}
      </TableCell>
      {comparedQuantities.map((id) => (
        <TableCell key={id} className="mono" data-label={`${named[id].label}, ${named[id].unit}`}>
          {start[id] === null ? '—' : formatFixed(start[id], named[id].decimals)}
        </TableCell>
      ))}
    </TableRow>
  );
}
function Heads({ first }: { first: string }) {
  const named = names();
  return (
    <TableHead>
      <TableRow>
        <TableCell>{first}</TableCell>
        {comparedQuantities.map((id) => (
          <TableCell key={id}>
            {named[id].label}, {named[id].unit}
          </TableCell>
        ))}
      </TableRow>
    </TableHead>
  );
}

/** Starts of this build beside each other, how they drift, and those of other builds with the same kind of heater. */
export function CompareSection() {
  const { settled } = useWorkspace('settled');
  const starts = comparedStarts(settled);
  const { data, error } = useSWR<Alike>(settled.unitCard ? `/api/builds/${settled.id}/alike` : null, ask);
  const named = names();
  const trends = comparedQuantities.flatMap((id) => {
    const trend = trendOf(starts, id);
    return trend && trend.n > 1 ? [{ id, trend }] : [];
  });
  if (starts.length === 0) return <p className="soft">{t.noStartYet}</p>;
  const others = (data?.builds ?? []).flatMap(({ id, name, starts: theirs }) => {
    const last = theirs.at(-1);
    return last ? [{ id, name, last, n: theirs.length }] : [];
  });
  return (
    <>
      <Table aria-label={t.startsOfThisBuild} className="starts-compared">
        <Heads first={t.start} />
        <TableBody>
          {starts.map((start) => (
            <Row key={start.number} head={`${start.number}, ${dayAndTime(start.at)}`} start={start} />
          ))}
        </TableBody>
      </Table>
      {trends.length > 0 && (
        <ul className="plain start-trends" aria-label={t.howTheyDrift}>
          {trends.map(({ id, trend }) => {
            const { label, unit, decimals } = named[id];
            const text = (value: number) => `${formatFixed(value, decimals)} ${unit}`;
            return (
              <li key={id} data-stands-out={trend.lastStandsOut || undefined}>
                {label}: {t.meanOf({ mean: text(trend.mean), n: trend.n })}
                {trend.scatter !== null && t.scatters({ by: text(trend.scatter) })}
                {trend.aYear !== null && t.driftsBy({ by: `${trend.aYear > 0 ? '+' : ''}${text(trend.aYear)}` })}
                {trend.lastStandsOut && <strong> {t.standsOut}</strong>}
              </li>
            );
          })}
        </ul>
      )}
      <p className="soft">{t.compareRests}</p>
      <h3>{t.otherBuilds}</h3>
      {!settled.unitCard && <p className="soft">{t.noCardNoCompare}</p>}
      {error !== undefined && <p role="alert">{t.othersNotFetched}</p>}
      {settled.unitCard && data && others.length === 0 && <p className="soft">{t.noneAlike}</p>}
      {others.length > 0 && (
        <Table aria-label={t.otherBuilds} className="starts-compared">
          <Heads first={t.build} />
          <TableBody>
            {others.slice(0, shownOthers).map(({ id, name, last, n }) => (
              <Row key={id} head={t.lastOf({ name, n })} start={last} />
            ))}
          </TableBody>
        </Table>
      )}
    </>
  );
}
